/** A box in metres, y up. */
export interface Box {
  readonly x0: number
  readonly x1: number
  readonly y0: number
  readonly y1: number
}
export interface Tile extends Box {
  readonly column: number
  readonly row: number
}

/**
 * Cuts a box into as few tiles of the printable size as cover it, alike in size, each over its neighbours by `overlapM`; in reading order,
 * the upper left first. Metres.
 */
export function tiles(box: Box, widthM: number, heightM: number, overlapM: number): Tile[] {
  const columns = stepsOf(box.x1 - box.x0, widthM, overlapM)
  const rows = stepsOf(box.y1 - box.y0, heightM, overlapM)
  const list: Tile[] = []
  for (let row = 0; row < rows.count; row++)
    for (let column = 0; column < columns.count; column++) {
      const x0 = box.x0 + column * columns.step
      const y1 = box.y1 - row * rows.step
      list.push({ column, row, x0, x1: x0 + columns.size, y0: y1 - rows.size, y1 })
    }
  return list
}

function stepsOf(length: number, most: number, overlap: number) {
  if (length <= most) return { count: 1, step: 0, size: length }
  const count = Math.ceil((length - overlap) / (most - overlap) - 1e-9)
  const size = (length + (count - 1) * overlap) / count
  return { count, step: size - overlap, size }
}
