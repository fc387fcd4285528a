import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { gardenCount } from '../../core/count'
import { PLAIN_MANNER } from '../../core/measure'
import {
  driftLabels,
  PAPER_SIZES,
  POINTS_PER_M,
  planSheets,
  SHEET_KINDS,
  tiles,
  type PaperPage,
} from '../../core/papers'
import { demoFonts, demoStore, readDemoGarden } from '../../tests/support/demoStore'
import { readPdf } from '../../tests/support/readPdf'
import type { Db } from '../db/Db'
import { papersOf, sowingOf, worksOf, type PapersAsk, type PapersOf } from './gardenPapers'
import { scenesOfParts } from './gardenScenes'
import { writePapersAsPdf } from './pdfPen'
import { writeCalendar } from './calendar'
import { readWorkbook, writeWorkbook } from './workbook'
import fc from 'fast-check'

let db: Db
let of: PapersOf
beforeAll(async () => {
  db = await demoStore()
  const { parts, input } = await readDemoGarden(db)
  of = { stored: scenesOfParts(parts), input }
})
afterAll(() => db.close())

const A3 = PAPER_SIZES.find((p) => p.name === 'A3')!
const ask = (change: Partial<PapersAsk> = {}): PapersAsk => ({
  ...{
    sheets: ['plan'],
    paper: A3,
    ratio: 50,
    plain: false,
    bedId: '',
    method: 'baseline',
    path: 'right',
    orderId: '',
  },
  head: { garden: 'Saltmarsh Row Library', author: 'the founders', revision: 'B', date: '2026-04-01' },
  ...change,
})
const print = async (pages: Iterable<PaperPage>) =>
  readPdf(await writePapersAsPdf(pages, demoFonts(), { title: 'papers', author: '' }))

describe('planting plans read back from the PDF', () => {
  it.each(PAPER_SIZES)('$name: page size, check bars and a known length true within 0.2 %', async (paper) => {
    const [page] = await print(papersOf(of, ask({ paper, bedId: 'reading-room-front', ratio: 100 })))
    expect([page!.widthPt, page!.heightPt]).toEqual([
      expect.closeTo(paper.widthPt, 1),
      expect.closeTo(paper.heightPt, 1),
    ])
    const lines = await page!.lines()
    const has = (pt: number) => lines.some((l) => Math.abs(l - pt) <= pt * 0.002)
    expect(has((100 / 25.4) * 72)).toBe(true)
    expect(has(4 * 72)).toBe(true)
    // The back of the bed, 14 m at 1 : 100, is 140 mm.
    expect(has((14 / 100) * POINTS_PER_M)).toBe(true)
  })
  it('carry every letter with its count, date, revision and author, as text', async () => {
    for (const { id, scene } of of.stored.scenes) {
      const pages = await print(papersOf(of, ask({ bedId: id })))
      const text = pages
        .map((p) => p.text)
        .join(' ')
        .replace(/\s+/g, ' ')
      const box = { x0: -20, x1: 40, y0: -30, y1: 30 }
      for (const label of driftLabels(scene, box, 50)) expect(text).toContain(label.text)
      for (const word of ['1 Apr 2026', 'revision B', 'drawn by the founders', '100 mm'])
        expect(text).toContain(word)
    }
  })
  it('an imperial garden’s papers say no metre, and days, figures and money as its country does', async () => {
    const { garden } = of.stored
    const stored = { ...of.stored, garden: { ...garden, value: { ...garden.value, units: 'imperial' as const } } }
    const supply = { ...of.input.supply, money: { ...of.input.supply.money, currency: 'USD' } }
    const pages = papersOf({ stored, input: { ...of.input, supply } }, ask({ sheets: SHEET_KINDS, ratio: 0 }))
    const text = (await print(pages)).map((p) => p.text).join('\n')
    const metric = text.match(/.{0,40}\d[\s\u202f]?(m|cm|mm|m²|m³|kg|°C|L\/h)(?![\p{L}\d²³/]).{0,20}/gu) ?? []
    expect(metric.filter((t) => !/\b(100 mm|9 cm)/.test(t))).toEqual([])
    for (const word of ['Apr 1, 2026', '$', '′']) expect(text).toContain(word)
  })
  it('black and white has no colour', () => {
    const { scene } = of.stored.scenes.find((s) => s.id === 'reading-room-front')!
    const pages = planSheets({
      scene,
      head: { ...ask().head, manner: PLAIN_MANNER, currency: '' },
      paper: A3,
      ratio: 50,
      units: 'metric',
      plain: true,
      upDeg: 0,
      services: [],
    })
    const colours = JSON.stringify(pages).match(/#[0-9a-f]{6}/gi) ?? []
    const isGrey = (c: string) => {
      const [r, g, b] = [1, 3, 5].map((i) => parseInt(c.slice(i, i + 2), 16))
      return Math.max(r!, g!, b!) - Math.min(r!, g!, b!) < 24
    }
    expect([...new Set(colours)].filter((c) => !isGrey(c))).toEqual([])
  })
  it('go over several sheets that name one another', async () => {
    const pages = await print(papersOf(of, ask({ paper: PAPER_SIZES[0]!, ratio: 20, bedId: 'reading-room-front' })))
    expect(pages.length).toBeGreaterThan(1)
    expect(pages[0]!.text).toContain('meets sheet 2 here')
    expect(pages[1]!.text).toContain('meets sheet 1 here')
  })
})

it('tiles cover their box, none larger than the paper, each over the next by the overlap', () => {
  const size = fc.double({ min: 0.5, max: 60, noNaN: true })
  fc.assert(
    fc.property(size, size, fc.double({ min: 2, max: 9, noNaN: true }), (w, h, paper) => {
      const list = tiles({ x0: 1, x1: 1 + w, y0: -h, y1: 0 }, paper, paper * 0.7, 0.1)
      expect(Math.min(...list.map((t) => t.x0))).toBeCloseTo(1, 6)
      expect(Math.max(...list.map((t) => t.x1))).toBeCloseTo(1 + w, 6)
      expect(Math.min(...list.map((t) => t.y0))).toBeCloseTo(-h, 6)
      for (const t of list) {
        expect(t.x1 - t.x0).toBeLessThanOrEqual(paper + 1e-9)
        const next = list.find((o) => o.row === t.row && o.column === t.column + 1)
        if (next) expect(t.x1 - next.x0).toBeCloseTo(0.1, 6)
      }
    }),
  )
})

it('the whole dossier has every sheet, and the schedule every plant', async () => {
  const pages = await print(papersOf(of, ask({ sheets: SHEET_KINDS, ratio: 0, paper: PAPER_SIZES[0]! })))
  const text = pages
    .map((p) => p.text)
    .join(' ')
    .replace(/\s+/g, ' ')
  const heads = [
    'A planting in layers',
    'Planting plan',
    'Plant schedule',
    'Setting out',
    'Order of works',
    'Care through the year',
    'Cautions',
  ]
  for (const head of heads) expect(text).toContain(head)
  for (const line of gardenCount(of.input).lines) expect(text).toContain(line.plant.commonName)
})

describe('calendars and workbooks', () => {
  it('hold every task on its days, once', () => {
    const tasks = worksOf(of, gardenCount(of.input), '2026-04-01')
    const text = writeCalendar(
      'works',
      tasks.map((t) => ({ uid: t.id, from: t.start, to: t.end, title: t.name, notes: t.basis })),
    )
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(tasks.length)
    expect(text).toContain(`DTSTART;VALUE=DATE:${tasks[0]!.start.replaceAll('-', '')}`)
    expect(new Set(text.match(/UID:.*/g)).size).toBe(tasks.length)
    expect(writeCalendar('none', [])).toContain('END:VCALENDAR')
  })
  it('what is not raised has no sowing list', () =>
    expect(sowingOf(of, gardenCount(of.input), '2026-04-01')).toEqual([]))
  it('a workbook reads back as the same rows', async () => {
    const bytes = await writeWorkbook([
      {
        name: 'Plant schedule',
        headings: ['Letter', 'Drawn'],
        rows: [
          ['A', 12],
          ['=B', 3],
        ],
      },
    ])
    const read = await readWorkbook(bytes)
    expect(read.ok && read.value).toEqual({
      headings: ['Letter', 'Drawn'],
      rows: [
        { line: 2, cells: ['A', '12'] },
        { line: 3, cells: ['=B', '3'] },
      ],
    })
    await expect(readWorkbook(new Uint8Array([0x50, 0x4b, 1, 2]))).rejects.toThrow()
  })
})
