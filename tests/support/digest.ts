import { createHash } from 'node:crypto'

const DIGITS = 6

/** A short name for a value: the same for equal figures (to six digits), another for any that differs. */
export function digest(value: unknown): string {
  const text = JSON.stringify(value, (_key, part: unknown) => {
    if (typeof part === 'number') return Number.isFinite(part) ? Number(part.toPrecision(DIGITS)) : String(part)
    if (part instanceof Map || part instanceof Set) return [...part]
    return ArrayBuffer.isView(part) ? [...(part as unknown as Iterable<number>)] : part
  })
  return createHash('sha1')
    .update(text ?? 'undefined')
    .digest('base64url')
    .slice(0, 8)
}
