import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoBed, drift, library, climate, testBed } from '../../tests/support/library'
import { ofScenes } from '../../tests/support/goldenBeds'
import { plantCounts } from '../bed'
import { EMPTY_SUPPLY, gardenCount } from '../count'
import { isClipped, isShape, isWords, type Paint } from '../draw'
import { PLAIN_MANNER } from '../measure'
import { makeScene } from '../scene'
import { driftLabels } from './driftLabels'
import { elevationSheet, SEASON_MONTHS } from './elevationSheet'
import { PAPER_SIZES, PLAN_SCALES, POINTS_PER_M, type DrawingPage } from './paper'
import { planSheets } from './planSheet'
import { portraitSheets } from './portraitSheets'

const head = {
  garden: 'Saltmarsh Row Library',
  author: '',
  revision: 'A',
  date: '2026-04-01',
  manner: PLAIN_MANNER,
  currency: '',
}
const scene = makeScene({ bed: demoBed('reading-room-front'), library, climate, hardinessZone: '6b' })
const A4 = PAPER_SIZES[0]!
const A3 = PAPER_SIZES[1]!
const sheets = (change: Partial<Parameters<typeof planSheets>[0]> = {}) =>
  planSheets({
    scene,
    head,
    paper: A3,
    ratio: 50,
    units: 'metric',
    plain: false,
    upDeg: 0,
    services: [],
    ...change,
  })

function allPaints(paints: Iterable<Paint>): Paint[] {
  return [...paints].flatMap((p) => (isClipped(p) ? allPaints(p.within) : [p]))
}
const wordsOf = (page: DrawingPage) =>
  page.panels.flatMap((p) => allPaints(p.paints)).flatMap((p) => (isWords(p) ? [p.words] : []))

describe('labels of drifts', () => {
  it('name every plant of a bed, and no two of a row lie on each other, in every kind of bed', () => {
    ofScenes((s) => {
      const all = s.planted
      if (all.length === 0) return
      const xs = all.map((p) => p.x)
      const ys = all.map((p) => -p.y)
      const box = {
        x0: Math.min(...xs) - 1,
        x1: Math.max(...xs) + 1,
        y0: Math.min(...ys) - 1,
        y1: Math.max(...ys) + 1,
      }
      const labels = driftLabels(s, box, 60)
      const counted = labels.flatMap((l) => l.text.split(' + ')).reduce((n, t) => n + Number(t.split(' × ')[1]), 0)
      expect(counted).toBe([...plantCounts(s.bed).values()].reduce((n, c) => n + c, 0))
      for (const l of labels) {
        const row = labels.filter((o) => o !== l && o.above === l.above && Math.abs(o.at.y - l.at.y) < 1e-9)
        for (const o of row) expect(o.at.x).not.toBe(l.at.x)
      }
    })
  })
  it('a leader ends on a plant of its drift, clear of the letter in its middle', () => {
    const one = makeScene({
      bed: testBed({ drifts: [drift('a', 'taxus-baccata-fastigiata', 0, 5)] }),
      library,
      climate,
      hardinessZone: '6b',
    })
    const [label] = driftLabels(one, { x0: 0, x1: 10, y0: -4, y1: 1 }, 50)
    const at = one.planted[0]!
    const far = Math.hypot(label!.from.x - at.x, label!.from.y + at.y)
    expect(far).toBeGreaterThan(at.plant.spreadM * 0.3)
    expect(far).toBeLessThan(at.plant.spreadM * 0.5)
  })
})

describe('planting plans', () => {
  it('are drawn at the scale that was asked, on every paper', () => {
    for (const paper of PAPER_SIZES)
      for (const { ratio } of PLAN_SCALES) {
        const pages = sheets({ paper, ratio })
        for (const page of pages) {
          expect([page.widthPt, page.heightPt]).toEqual([paper.widthPt, paper.heightPt])
          expect(page.panels[0]!.sheet.perM).toBeCloseTo(POINTS_PER_M / ratio, 9)
        }
        expect(wordsOf(pages[0]!).some((w) => w.includes(`1 : ${ratio} on ${paper.name}`))).toBe(true)
      }
  })
  it('choose the largest scale of the garden’s own units that fits one sheet', () => {
    expect(sheets({ ratio: 0 })).toHaveLength(1)
    expect(wordsOf(sheets({ ratio: 0 })[0]!).join()).toContain('1 : 50 on A3')
    expect(wordsOf(sheets({ ratio: 0, units: 'imperial' })[0]!).join()).toContain('1 : 48 on A3')
  })
  it('tiles show every letter on some sheet, and say which sheet they are', () => {
    const pages = sheets({ paper: A4, ratio: 20 })
    expect(pages.length).toBeGreaterThan(1)
    pages.forEach((page, i) => expect(wordsOf(page).join()).toContain(`sheet ${i + 1} of ${pages.length}`))
  })
  it('name services that run through, and where north is only when it is known', () => {
    const services = [
      {
        name: 'Old drain',
        line: [
          { x: 1, y: 1 },
          { x: 9, y: 1.5 },
        ],
      },
    ]
    expect(wordsOf(sheets({ services })[0]!)).toContain('Old drain: dig by hand')
    const norths = (upDeg: number | null) =>
      allPaints(sheets({ upDeg })[0]!.panels.at(-1)!.paints).filter((p) => isWords(p) && p.words === 'N').length
    expect(norths(0)).toBe(1)
    expect(norths(null)).toBe(0)
  })
  it('nothing of the title strip lies outside the paper', () => {
    for (const paper of PAPER_SIZES) {
      const furniture = sheets({ paper })[0]!.panels.at(-1)!
      for (const p of allPaints(furniture.paints))
        if (isWords(p)) {
          expect(p.x).toBeGreaterThan(0)
          expect(p.x).toBeLessThan(paper.widthPt)
          expect(p.y).toBeLessThan(paper.heightPt)
        }
    }
  })
})

it('elevations show one month of each season at one scale', () => {
  const page = elevationSheet(scene, head, A3)
  expect(page.panels).toHaveLength(SEASON_MONTHS.length + 1)
  expect(new Set(page.panels.slice(0, -1).map((p) => p.sheet.perM)).size).toBe(1)
  for (const month of ['January', 'April', 'July', 'October']) expect(wordsOf(page)).toContain(month)
})

it('the key has each kind once, with its letter and its whole count', () => {
  const beds = [{ id: 'x', bed: scene.bed }]
  const { lines } = gardenCount({ beds, library, supply: EMPTY_SUPPLY })
  const text = [...portraitSheets(lines, climate, head, A4)].flatMap(wordsOf)
  const kinds = new Set(lines.map((l) => l.plant.id))
  expect(text.filter((w) => /^× \d+$/.test(w))).toHaveLength(kinds.size)
  const drawn = [...portraitSheets(lines, climate, head, A4)]
    .flatMap((p) => p.panels)
    .filter((p) => allPaints(p.paints).some((s) => isShape(s)))
  expect(drawn.length).toBeGreaterThan(kinds.size)
})

it('a box of any size is covered at any scale without a sheet too many', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 30 }), fc.constantFrom(...PLAN_SCALES), (length, { ratio }) => {
      const wide = makeScene({
        bed: testBed({
          outline: {
            back: {
              kind: 'straight',
              stations: [
                { x: 0, y: 0 },
                { x: length, y: 0 },
              ],
            },
            front: {
              kind: 'straight',
              stations: [
                { x: 0, y: 2 },
                { x: length, y: 2 },
              ],
            },
          },
        }),
        ...{ library, climate, hardinessZone: '6b' },
      })
      const many = sheets({ scene: wide, paper: A3, ratio }).length
      const onPaper = (length * POINTS_PER_M) / ratio / A3.widthPt
      expect(many).toBeGreaterThanOrEqual(Math.ceil(onPaper - 1))
      expect(many).toBeLessThanOrEqual(Math.ceil(onPaper + 1) * 2)
    }),
    { numRuns: 40 },
  )
})
