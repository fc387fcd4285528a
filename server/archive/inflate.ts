import { Unzip, UnzipInflate, type UnzipFile } from 'fflate'
import { fail, ok, type Result } from '../../core/result'

/** Packed bytes are fed in parts so small that one of them cannot grow past all limits at once. */
const PART = 4096
const MB = 1048576

interface InflateLimits {
  /** Unpacked bytes of all wanted files together. */
  readonly mostBytes: number
  readonly mostFiles: number
  /** Which files are wanted; others are passed over. */
  readonly wanted: (name: string) => boolean
}

/**
 * Unpacks a zip and counts what comes out while it does: what a zip says of its own size is not believed. Fails in words when it is no zip,
 * is cut short, or grows past its limits.
 */
export function inflate(zip: Uint8Array, limits: InflateLimits): Result<ReadonlyMap<string, Uint8Array>> {
  const { mostBytes, mostFiles, wanted } = limits
  const parts = new Map<string, Uint8Array[]>()
  const done = new Set<string>()
  let [whole, files] = [0, 0]
  let wrong = ''
  const unzip = new Unzip((file: UnzipFile) => {
    if (++files > mostFiles) wrong ||= `it holds more than ${mostFiles} files.`
    if (wrong || !wanted(file.name)) return
    const { name } = file
    parts.set(name, [])
    file.ondata = (error, data, final) => {
      if (error) wrong ||= BROKEN
      whole += data.length
      if (whole > mostBytes) wrong ||= `unpacked, it is larger than ${Math.floor(mostBytes / MB)} MB.`
      if (wrong) return
      parts.get(name)!.push(data)
      if (final) done.add(name)
    }
    file.start()
  })
  unzip.register(UnzipInflate)
  try {
    for (let at = 0; at < zip.length && !wrong; at += PART)
      unzip.push(zip.subarray(at, at + PART), at + PART >= zip.length)
  } catch {
    wrong ||= BROKEN
  }
  if (files === 0 || [...parts.keys()].some((name) => !done.has(name))) wrong ||= BROKEN
  return wrong ? fail(wrong) : ok(new Map([...parts].map(([name, list]) => [name, joined(list)])))
}

const BROKEN = 'that is not a zip file, or it is cut short. Export it again and try once more.'

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((n, p) => n + p.length, 0))
  let at = 0
  for (const part of parts) {
    all.set(part, at)
    at += part.length
  }
  return all
}
