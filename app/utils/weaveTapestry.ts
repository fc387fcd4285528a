import { area, curveMonotoneX } from 'd3-shape'
import { seeded, hashText } from '~~/core/geometry'
import type { Tapestry, TapestryCell, TapestryRow } from '~~/core/season'

export interface Flower {
  readonly x: number
  readonly y: number
  readonly colour: string
  readonly form: 'dot' | 'stroke'
  readonly r: number
  /** The top of a stroke. */
  readonly tip: number
}
/** A row of the tapestry as it is drawn: its ribbon, the colours along it, and the flowers and fruits that lie on it; pixels. */
export interface WovenRow {
  readonly row: TapestryRow
  readonly top: number
  readonly height: number
  readonly ribbon: string
  readonly stops: readonly { readonly at: number; readonly colour: string; readonly faint: boolean }[]
  readonly flowers: readonly Flower[]
}
export interface Woven {
  readonly rows: readonly WovenRow[]
  readonly height: number
}

const LEAST_PX = 15
const MOST_PX = 52
const GAP_PX = 4
const COLUMNS = 24
/** Flowers of a full cell, and how large they are drawn. */
const FULL = 11
/** A stroke is so many times as long as a dot is wide. */
const STROKE = 3.4
const STROKED = new Set(['spike', 'plume', 'catkin'])

/** Lays the rows of a tapestry out over a width: each as high as is seen of it, its flowers sown where and as thickly as they stand. */
export function weaveTapestry({ rows }: Tapestry, width: number): Woven {
  const most = Math.max(0.01, ...rows.map((r) => r.mostM2))
  let top = 0
  const woven = rows.map((row): WovenRow => {
    const height = LEAST_PX + (MOST_PX - LEAST_PX) * Math.sqrt(row.mostM2 / most)
    const here = top
    top += height + GAP_PX
    return { row, top: here, height, ...ribbonOf(row, width, height), flowers: flowersOf(row, width, height) }
  })
  return { rows: woven, height: top }
}

const shareOf = (cell: TapestryCell, row: TapestryRow) => (row.mostM2 > 0 ? cell.seenM2 / row.mostM2 : 0)

function ribbonOf(row: TapestryRow, width: number, height: number) {
  const step = width / COLUMNS
  const points = row.cells.map((cell, i) => ({ x: (i + 0.5) * step, h: shareOf(cell, row) * height }))
  const ends = [{ x: 0, h: points[0]!.h }, ...points, { x: width, h: points.at(-1)!.h }]
  const draw = area<{ x: number; h: number }>()
    .x((p) => p.x)
    .y0(height)
    .y1((p) => height - p.h)
    .curve(curveMonotoneX)
  const stops = row.cells.map((cell, i) => ({
    at: (i + 0.5) / COLUMNS,
    colour: cell.plant ? cell.colour : '#ffffff',
    faint: cell.state === 'bare' || cell.state === 'gone',
  }))
  return { ribbon: draw(ends) ?? '', stops }
}

function flowersOf(row: TapestryRow, width: number, height: number): Flower[] {
  const step = width / COLUMNS
  const random = seeded(hashText(row.driftId))
  return row.cells.flatMap((cell, i) => {
    const up = shareOf(cell, row) * height
    const sow = (share: number, colour: string, form: Flower['form'], low: number): Flower[] =>
      Array.from({ length: Math.round(FULL * share * Math.min(1, up / 10)) }, () => {
        const y = height - up * (low + (1 - low) * random() ** 0.6)
        const r = 1.4 + 1.2 * random()
        return { x: (i + random()) * step, y, colour, form, r, tip: y - r * STROKE }
      })
    const form = cell.plant && STROKED.has(cell.plant.flowerForm) ? 'stroke' : 'dot'
    return [
      ...(cell.fruit ? sow(cell.fruit.share * 0.6, cell.fruit.colour, 'dot', 0.3) : []),
      ...(cell.flower ? sow(cell.flower.share, cell.flower.colour, form, 0.45) : []),
    ]
  })
}
