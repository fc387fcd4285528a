import type { CountLine } from '../count'
import { circlePath, portrait, PRINT_PALETTE, rectPath, type Paint } from '../draw'
import { bodiesAt, type PlacedPlant } from '../layout'
import { fullHeightM, type Plant } from '../plant'
import { placeMonth, type Climate, type PlaceMonth } from '../time'
import { furniture, MARGIN_PT, STRIP_PT } from './furniture'
import { pageSheet, type DrawingPage, type Panel, type Paper, type SheetHead } from './paper'

const CELL_W = 132
const CELL_H = 118
const TEXT_H = 32
/** An odd year, in which biennials flower. */
const GROWN_YEAR = 9
const INK = PRINT_PALETTE.ink
/** Leaf is drawn as fine as a small box shows it, points a metre. */
const FINEST_PER_M = 36

/** The key with portraits, a page when its turn comes: each kind as it is in its best month, its letter, its name, its count. */
export function* portraitSheets(
  sized: readonly CountLine[],
  climate: Climate,
  head: SheetHead,
  paper: Paper,
): Generator<DrawingPage> {
  const lines = byKind(sized)
  const columns = Math.floor((paper.widthPt - 2 * MARGIN_PT) / CELL_W)
  const rows = Math.floor((paper.heightPt - 2 * MARGIN_PT - STRIP_PT) / CELL_H)
  const each = columns * rows
  const many = Math.ceil(lines.length / each)
  for (let page = 0; page < many; page++) {
    const own = lines.slice(page * each, (page + 1) * each)
    const said = 'Each kind in its best month, drawn to fill its box; letters as on all papers'
    const block = {
      ...head,
      name: 'Key with portraits',
      said,
      number: many > 1 ? `sheet ${page + 1} of ${many}` : '',
    }
    const cells = own.flatMap((line, i) => {
      const x = MARGIN_PT + 4 + (i % columns) * CELL_W
      const y = paper.heightPt - MARGIN_PT - (Math.floor(i / columns) + 1) * CELL_H
      return cell(line, climate, x, y, paper.heightPt)
    })
    yield {
      kind: 'drawing',
      title: `Key with portraits${many > 1 ? `, sheet ${page + 1}` : ''}`,
      widthPt: paper.widthPt,
      heightPt: paper.heightPt,
      panels: [
        { paints: furniture(paper.widthPt, paper.heightPt, block), sheet: pageSheet(paper.heightPt) },
        ...cells,
      ],
    }
  }
}

/** A kind that is bought in two sizes is one kind. */
function byKind(lines: readonly CountLine[]): CountLine[] {
  const kinds = new Map<string, CountLine>()
  for (const line of lines) {
    const there = kinds.get(line.plant.id)
    kinds.set(line.plant.id, there ? { ...there, need: there.need + line.need } : line)
  }
  return [...kinds.values()]
}

function cell({ key, plant, need }: CountLine, climate: Climate, x: number, y: number, heightPt: number): Panel[] {
  const [boxW, boxH] = [CELL_W - 14, CELL_H - TEXT_H - 8]
  const scale = Math.min(boxH / (fullHeightM(plant) * 1.06), boxW / (plant.spreadM * 1.2))
  const month = bestMonth(plant, climate)
  const [body] = bodiesAt([sitterAt(plant)], { month, year: GROWN_YEAR }, climate)
  const sitter = body && {
    plant,
    look: body.look,
    foliageM: body.foliageM,
    flowerM: body.flowerM,
    spreadM: body.spreadM,
  }
  const words: Paint[] = [
    { path: rectPath(x, y + 2, CELL_W - 6, CELL_H - 5), stroke: PRINT_PALETTE.line, thin: 0.5 },
    { path: circlePath(x + 13, y + CELL_H - 16, 9), stroke: INK, thin: 0.9 },
    { words: key, x: x + 13, y: y + CELL_H - 16, size: 8.5, colour: INK, align: 'center', face: 'bold' },
    { words: `× ${need}`, x: x + CELL_W - 12, y: y + CELL_H - 16, size: 8.5, colour: INK, align: 'right' },
    { words: cut(plant.botanicalName), x: x + 5, y: y + 21, size: 7.2, colour: INK, face: 'title' },
    { words: cut(plant.commonName), x: x + 5, y: y + 10, size: 6.8, colour: PRINT_PALETTE.soft },
  ]
  return [
    ...(sitter
      ? [
          {
            paints: portrait(sitter, 0, Math.min(scale, FINEST_PER_M)),
            sheet: { perM: scale, left: x + CELL_W / 2 - 3, top: heightPt - y - TEXT_H },
          },
        ]
      : []),
    { paints: words, sheet: pageSheet(heightPt) },
  ]
}

const LONGEST = 34
const cut = (text: string) => (text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text)

/** In the middle of its flowers; without any in summer. */
function bestMonth(plant: Plant, climate: Climate): PlaceMonth {
  const months = plant.flowerMonths
  return placeMonth(months[Math.floor(months.length / 2)] ?? 7, climate)
}

const sitterAt = (plant: Plant): PlacedPlant => ({
  ...{ id: 'portrait', seed: 1, driftId: 'portrait', index: 0, plant, lane: 0 },
  ...{ x: 0, y: 0, along: 0, out: 0, pinned: false, crowded: false },
})
