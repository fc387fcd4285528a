/** Smaller ones are copied sooner than handed over, bytes. */
const LEAST = 65_536

/** Files in what is sent to a thread or back that are handed over, not copied: those that have their memory to themselves. */
export function handOver(sent: unknown): ArrayBuffer[] {
  const parts = sent instanceof Uint8Array ? [sent] : Object.values(sent ?? {})
  return parts.flatMap((part) =>
    part instanceof Uint8Array && part.byteLength > LEAST && part.byteLength === part.buffer.byteLength
      ? [part.buffer as ArrayBuffer]
      : [],
  )
}
