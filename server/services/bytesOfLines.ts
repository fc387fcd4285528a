/** So much text is turned into bytes at once, letters. */
const PIECE = 500_000

/** Lines as the bytes of a text file, without the whole text in memory beside them. */
export function bytesOfLines(lines: Iterable<string>): Uint8Array {
  const pieces: Uint8Array[] = []
  let [open, length]: [string[], number] = [[], 0]
  const close = () => {
    pieces.push(Buffer.from(open.join('')))
    open = []
    length = 0
  }
  for (const line of lines) {
    open.push(line, '\n')
    length += line.length
    if (length > PIECE) close()
  }
  close()
  return Buffer.concat(pieces)
}
