import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bedFrame } from '../bed'
import { bodiesAt, place, type Body } from '../layout'
import { circleAt, plan } from './plan'
import { elevation, figureAt } from './elevation'
import { rulerPaints } from './elevationPaints'
import { PRINT_PALETTE } from './palette'
import { isWords } from './path'
import { monthColours } from '../season'
import { portrait } from './portrait/portrait'
import { visibleShares, windowCover } from '../see'
import { climate, demoBed, drift, library, plant, plants, testBed } from '../../tests/support/library'

const bed = demoBed('reading-room-front')
const frame = bedFrame(bed)
const placed = place(bed, library, frame).plants
const bodies = (month: number, year = 5) => bodiesAt(placed, { month, year }, climate)
/** A body of one plant at a place, mature. */
const one = (id: string, x: number, y: number, month = 7): Body =>
  bodiesAt(
    [
      {
        id: `${id}@${x},${y}`,
        seed: 1,
        driftId: id,
        index: 0,
        plant: plant(id),
        lane: 0,
        x,
        y,
        along: x,
        out: y,
        pinned: false,
        crowded: false,
      },
    ],
    { month, year: 12 },
    climate,
  )[0]!
const view = { viewpoint: { name: 'path', eyeHeightM: 1.6, distanceM: 3 }, frontY: () => 3 }

describe('the ruler of heights', () => {
  it('names heights so far apart that they can be read, whatever the scale, and names some while there is room', () => {
    const list = elevation([], frame, bed)
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 300, noNaN: true }),
        fc.constantFrom('metric', 'imperial' as const),
        (perM, units) => {
          const named = rulerPaints(list, 280 / perM, PRINT_PALETTE, perM, units).filter(isWords)
          named.slice(1).forEach((w, i) => expect((w.y - named[i]!.y) * perM).toBeGreaterThanOrEqual(14))
          expect(named.length).toBeGreaterThan(0)
          expect(new Set(named.map((w) => w.words)).size).toBe(named.length)
        },
      ),
    )
  })
})

describe('elevation', () => {
  it('lays the far before the near and leaves out what does not show', () => {
    for (let month = 1; month <= 12; month++) {
      const { figures } = elevation(bodies(month), frame, bed)
      expect(figures.every((f) => f.body.look.state !== 'gone')).toBe(true)
      const ys = figures.filter((f) => f.body.at.plant.kind !== 'climber').map((f) => f.body.at.y)
      expect(ys).toEqual([...ys].sort((a, b) => a - b))
    }
  })
  it('finds the nearest figure under the pointer', () => {
    const list = elevation(
      [one('cotinus-coggygria-royal-purple', 5, 1.2), one('nepeta-x-faassenii', 5, 2.4)],
      frame,
      { ...bed, wall: null },
    )
    expect(figureAt(list, 5, 0)?.body.at.plant.id).toBe('nepeta-x-faassenii')
    expect(figureAt(list, 5, 1.5)?.body.at.plant.id).toBe('cotinus-coggygria-royal-purple')
    expect(figureAt(list, 9, 0.1)).toBeNull()
  })
})

describe('portrait', () => {
  it('draws every plant that shows, in every month, within reach of its size', () => {
    for (const p of plants)
      for (const month of [1, 4, 7, 10]) {
        const body = one(p.id, 0, 1, month)
        const paints = portrait(
          { plant: p, look: body.look, foliageM: body.foliageM, flowerM: body.flowerM, spreadM: body.spreadM },
          0,
          60,
        )
        if (body.look.state === 'gone') {
          expect(paints).toEqual([])
          continue
        }
        expect(paints.length).toBeGreaterThan(0)
        // Op codes (0 to 4) stand among the lengths.
        const reach = Math.max(4, 1.6 * p.spreadM, p.foliageHeightM, p.flowerHeightM * 1.3) + 0.6
        expect(paints.every((q) => q.path.every((n) => Number.isFinite(n) && Math.abs(n) <= reach))).toBe(true)
        expect(paints.every((q) => /^#[0-9a-f]{6}$/.test(String(q.fill ?? q.stroke)))).toBe(true)
      }
  })
  it('is the same for the same sitter and differs by variant', () => {
    const body = one('hydrangea-quercifolia', 0, 1)
    const sitter = {
      plant: body.at.plant,
      look: body.look,
      foliageM: body.foliageM,
      flowerM: body.flowerM,
      spreadM: body.spreadM,
    }
    expect(portrait(sitter, 0, 60)).toEqual(portrait(sitter, 0, 60))
    expect(portrait(sitter, 0, 60)).not.toEqual(portrait(sitter, 1, 60))
  })
})

describe('visibleShares', () => {
  const shares = (list: Body[]) => [...visibleShares(list, view).shares]
  it('shows a plant that stands alone whole', () => expect(shares([one('nepeta-x-faassenii', 5, 2)])).toEqual([1]))
  it('hides what stands close behind a solid taller one, and not what stands before it', () => {
    const [back, front] = shares([
      one('heuchera-villosa-palace-purple', 5, 1.2),
      one('ilex-glabra-compacta', 5, 2.4),
    ])
    expect(back).toBeLessThan(0.1)
    expect(front).toBe(1)
  })
  it('sees over lower plants to taller ones behind, and through airy ones', () => {
    const [tall] = shares([one('cotinus-coggygria-royal-purple', 5, 1), one('nepeta-x-faassenii', 5, 2.6)])
    expect(tall).toBeGreaterThan(0.7)
    const behind = (front: string) =>
      shares([one('heuchera-villosa-palace-purple', 5, 1.6, 8), one(front, 5, 2.4, 8)])[0]!
    expect(behind('salvia-yangii')).toBeGreaterThan(behind('ilex-glabra-compacta'))
  })
  it('is never less when something in front is taken away', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: placed.length - 1 }), (drop) => {
        const all = bodies(6)
        const before = visibleShares(all, view).shares
        const after = visibleShares(
          all.filter((_, i) => i !== drop),
          view,
        ).shares
        all.forEach((_, i) => {
          const left = i < drop ? after[i]! : after[i - 1]!
          if (i !== drop && !Number.isNaN(before[i]!)) expect(left).toBeGreaterThanOrEqual(before[i]! - 1e-6)
        })
      }),
      { numRuns: 15 },
    )
  })
})

describe('windowCover', () => {
  const opening = { id: 'w', x: 4, widthM: 2, sillM: 1, headM: 2 }
  it('is nothing below the sill or beside the window', () => {
    expect(windowCover(opening, [one('nepeta-x-faassenii', 5, 2)]).share).toBe(0)
    expect(windowCover(opening, [one('taxus-baccata-fastigiata', 9, 1)]).share).toBe(0)
  })
  it('grows with each plant and names them', () => {
    const first = windowCover(opening, [one('taxus-baccata-fastigiata', 4.5, 1)])
    const both = windowCover(opening, [
      one('taxus-baccata-fastigiata', 4.5, 1),
      one('taxus-baccata-fastigiata', 5.5, 1),
    ])
    expect(first.share).toBeGreaterThan(0.35)
    expect(both.share).toBeGreaterThan(first.share)
    expect(both.by.map((b) => b.index)).toEqual([0, 1])
  })
})

it('the plan has a circle a plant, and the smallest one under the pointer is met', () => {
  const list = plan(bodies(6), frame, new Map(), bed)
  expect(list.circles).toHaveLength(placed.length)
  const small = testBed({
    drifts: [drift('a', 'cotinus-coggygria-royal-purple', 0, 5), drift('b', 'narcissus-thalia', 0, 5)],
  })
  const two = bodiesAt(place(small, library).plants, { month: 6, year: 3 }, climate)
  const bulb = two.find((b) => b.at.driftId === 'b')!
  expect(circleAt(plan(two, bedFrame(small), new Map(), small), bulb.at.x, bulb.at.y)?.body.at.driftId).toBe('b')
})

it('a month’s colours share out what is seen', () => {
  for (let month = 1; month <= 12; month++) {
    const colours = monthColours(bodies(month), 100)
    expect(colours.reduce((s, c) => s + c.share, 0)).toBeCloseTo(1, 6)
    expect(colours.filter((c) => c.flower).every((c) => plant(c.plantId).flowerMonths.includes(month))).toBe(true)
  }
})
