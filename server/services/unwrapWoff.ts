import { inflateSync } from 'node:zlib'

const SIGNATURE = 0x774f4646
const HEAD = 44
const ENTRY = 20
const SFNT_HEAD = 12
const SFNT_ENTRY = 16

/**
 * A font as it was before it was packed for the web (WOFF 1.0: each table on its own behind zlib), so that a writer of papers need not
 * unpack a table for every letter. What is no WOFF is given back as it is.
 */
export function unwrapWoff(file: Uint8Array): Uint8Array {
  const woff = Buffer.from(file)
  if (woff.length < HEAD || woff.readUInt32BE(0) !== SIGNATURE) return file
  const count = woff.readUInt16BE(12)
  const tables = Array.from({ length: count }, (_, i) => {
    const at = HEAD + i * ENTRY
    const [start, packed, whole] = [4, 8, 12].map((by) => woff.readUInt32BE(at + by)) as [number, number, number]
    const raw = woff.subarray(start, start + packed)
    return {
      tag: woff.readUInt32BE(at),
      check: woff.readUInt32BE(at + 16),
      data: packed < whole ? inflateSync(raw) : raw,
    }
  })
  const largest = 2 ** Math.floor(Math.log2(count))
  const head = Buffer.alloc(SFNT_HEAD + count * SFNT_ENTRY)
  head.writeUInt32BE(woff.readUInt32BE(4), 0)
  for (const [at, value] of [
    [4, count],
    [6, largest * SFNT_ENTRY],
    [8, Math.log2(largest)],
    [10, (count - largest) * SFNT_ENTRY],
  ] as const)
    head.writeUInt16BE(value, at)
  let at = head.length
  const padded = tables.map(({ tag, check, data }, i) => {
    for (const [j, value] of [tag, check, at, data.length].entries())
      head.writeUInt32BE(value, SFNT_HEAD + i * SFNT_ENTRY + 4 * j)
    const room = Buffer.alloc(Math.ceil(data.length / 4) * 4)
    data.copy(room)
    at += room.length
    return room
  })
  return new Uint8Array(Buffer.concat([head, ...padded]))
}
