import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bed, Drift, Edge } from '../model'
import { bedFrame, laneBands, oval, rectangle } from '../bed'
import { drift, library, plant, plants, testBed } from '../../tests/support/library'
import { place } from './place'
import type { PlacedPlant } from './PlacedPlant'

const LENGTH = 20
const kinds = plants.filter((p) => p.kind !== 'tree' && p.spreadM <= 1.6).map((p) => p.id)
const share = fc.double({ min: 0, max: 1, noNaN: true })
const small = kinds.filter((id) => plant(id).spreadM <= 0.7 && plant(id).spacingHabit !== 'weaves')
const driftsOf = (ids: readonly string[], most: number) =>
  fc
    .uniqueArray(
      fc.record({
        plantId: fc.constantFrom(...ids),
        lane: fc.integer({ min: 0, max: 2 }),
        at: share.map((u) => Math.round(u * 100 * LENGTH) / 100),
        count: fc.integer({ min: 1, max: 9 }),
        pattern: fc.constantFrom('mass', 'staggered', 'row', 'dotted' as const),
        // No single is wanted just where another drift is: which of two lies first there is a matter of their order.
        everyM: share.map((u) => 0.40317 + 2 * u),
      }),
      { minLength: 2, maxLength: most, selector: (d) => d.at },
    )
    .map((list) => list.map((d, i): Drift => ({ ...d, id: `d${i}` })))
const drifts = driftsOf(kinds, 12)
const fronts = fc
  .tuple(share, share, share)
  .map((ys): Edge => ({
    kind: 'curved',
    stations: [0, 0.3, 0.65, 1].map((u, i) => ({ x: u * LENGTH, y: 2.6 + 1.6 * (ys[i] ?? ys[0]) })),
  }))

const mirrorX = <P extends { readonly x: number }>(p: P): P => ({ ...p, x: LENGTH - p.x })

function mirrored(bed: Bed): Bed {
  const frame = bedFrame(bed)
  const edge = (e: Edge): Edge => ({ ...e, stations: [...e.stations].map(mirrorX).reverse() })
  return {
    ...bed,
    outline: { back: edge(bed.outline.back), front: edge(bed.outline.front) },
    drifts: bed.drifts.map((d) => ({ ...d, at: frame.frontLength - d.at })),
    pins: bed.pins.map(mirrorX),
    existing: bed.existing.map(mirrorX),
  }
}

describe('placing keeps its word', () => {
  it('a mirrored bed has the mirrored places', () => {
    fc.assert(
      fc.property(driftsOf(small, 6), fronts, (list, front) => {
        const bed = testBed({ outline: { ...rectangle(LENGTH, 3), front }, drifts: list })
        const here = place(bed, library).plants
        const there = place(mirrored(bed), library).plants.map(mirrorX)
        fc.pre(![...here, ...there].some((p) => p.crowded))
        for (const p of here) {
          const near = there.filter((q) => q.driftId === p.driftId && Math.hypot(p.x - q.x, p.y - q.y) < 1e-5)
          expect(near).toHaveLength(1)
        }
      }),
      { numRuns: 80 },
    )
  })

  it('says how far a group stands from where it was put, a quarter of its spacing at most toward a gap', () => {
    const [back, front] = [plant('physocarpus-opulifolius-diabolo'), plant('nepeta-x-faassenii')]
    const bed = testBed({
      outline: rectangle(LENGTH, 4),
      drifts: [
        drift('a', back.id, 0, 6, 3),
        drift('b', front.id, 1, 6.2, 6),
        drift('c', front.id, 2, 3, 5),
        drift('d', front.id, 2, 3.4, 5),
      ],
    })
    const { plants: list, shifts } = place(bed, library)
    const middleOf = (id: string) => {
      const xs = list.filter((p) => p.driftId === id).map((p) => p.x)
      return (Math.min(...xs) + Math.max(...xs)) / 2
    }
    const byOf = (id: string) =>
      shifts.filter((s) => s.driftId === id).reduce((n, s) => n + s.intoGapM + s.byOthersM, 0)
    for (const { id, at } of bed.drifts) expect(Math.abs(middleOf(id) - at - byOf(id))).toBeLessThan(0.05)
    for (const s of shifts) expect(Math.abs(s.intoGapM)).toBeLessThanOrEqual(0.25 * 0.9 * front.spreadM + 1e-9)
    expect(byOf('c')).toBeLessThan(-0.3)
  })

  it('no plant leaves its lane, but for what wall and edge ask', () => {
    fc.assert(
      fc.property(drifts, fronts, (list, front) => {
        const bed = testBed({ outline: { ...rectangle(LENGTH, 3), front }, drifts: list })
        const frame = bedFrame(bed)
        const bands = laneBands(bed.laneShares)
        for (const p of place(bed, library).plants) {
          const depth = frame.depthAlong(p.along)
          const band = bands[p.lane]!
          const atWall = p.out < band.from * depth - 1e-6 || p.out > band.to * depth + 1e-6
          // Outside its lane it stands only where its own spread, or the wall, holds it.
          if (atWall) {
            const fromWall = Math.max(0.6, p.plant.spreadM / 2 + 0.15)
            const held = Math.min(Math.abs(p.out - fromWall), Math.abs(depth - p.out - p.plant.spreadM / 2))
            expect(Math.min(held, depth - p.out)).toBeLessThan(0.06)
          }
        }
      }),
      { numRuns: 80 },
    )
  })

  it('a hand’s breadth moves others by little, and only those it touches', () => {
    fc.assert(
      fc.property(drifts, share, (list, pick) => {
        const bed = testBed({ outline: rectangle(LENGTH, 3.4), drifts: list })
        const moving = list[Math.floor(pick * list.length * 0.999)]!
        const after = {
          ...bed,
          drifts: list.map((d) => (d === moving ? { ...d, at: Math.min(LENGTH, d.at + 0.01) } : d)),
        }
        const here = place(bed, library)
        const there = place(after, library)
        fc.pre(!here.plants.some((p) => p.crowded) && !there.plants.some((p) => p.crowded))
        fc.pre(orderOf(here.plants) === orderOf(there.plants))
        const now = new Map(there.plants.map((p) => [p.id, p]))
        const moved = here.plants.filter((p) => p.driftId !== moving.id)
        for (const p of moved) {
          const q = now.get(p.id)!
          expect(Math.hypot(p.x - q.x, p.y - q.y)).toBeLessThan(0.06)
        }
      }),
      { numRuns: 80 },
    )
  })

  it('three alone at the edge of an island stand in a line of their own spacing, in the middle of their lane', () => {
    const bed = testBed({
      form: { kind: 'island', edge: oval(5, 5, 24), rimM: 0, centre: 'none', centreHeightM: 1, showFromM: 0.5 },
      wall: null,
      laneShares: [0.4, 0.3, 0.3],
      drifts: [drift('c', 'nepeta-x-faassenii', 2, 4, 3, { pattern: 'row' })],
    })
    const frame = bedFrame(bed)
    const list = place(bed, library, frame).plants
    expect(list.map((p) => p.crowded)).toEqual([false, false, false])
    const outs = list.map((p) => p.out / frame.depthAlong(p.along))
    expect(Math.max(...outs) - Math.min(...outs)).toBeLessThan(0.02)
    const spacing = 0.9 * plant('nepeta-x-faassenii').spreadM
    const gaps = [1, 2].map((i) => Math.hypot(list[i]!.x - list[i - 1]!.x, list[i]!.y - list[i - 1]!.y))
    for (const gap of gaps) expect(gap).toBeCloseTo(spacing, 2)
  })

  it('a plant put where it stands on purpose stays there: one, or a few', () => {
    for (const count of [1, 3]) {
      const bed = testBed({
        outline: rectangle(10, 4),
        drifts: [drift('b', 'phlox-paniculata-david', 0, 5, 7), drift('f', 'nepeta-x-faassenii', 1, 5.2, count)],
      })
      const its = place(bed, library).plants.filter((p) => p.driftId === 'f')
      expect(its.reduce((sum, p) => sum + p.x, 0) / its.length).toBeCloseTo(5.2, 9)
    }
  })

  it('masses shift by a quarter of their spacing at most', () => {
    fc.assert(
      fc.property(share, (u) => {
        const bed = testBed({
          outline: rectangle(12, 4),
          drifts: [
            drift('b', 'phlox-paniculata-david', 0, 6, 9, { pattern: 'row' }),
            drift('f', 'nepeta-x-faassenii', 1, 5.5 + u, 5, { pattern: 'row' }),
          ],
        })
        const its = place(bed, library).plants.filter((p) => p.driftId === 'f')
        const middle = its.reduce((sum, p) => sum + p.x, 0) / its.length
        const spacing = 0.9 * plant('nepeta-x-faassenii').spreadM
        expect(Math.abs(middle - 5.5 - u)).toBeLessThanOrEqual(spacing / 4 + 1e-6)
      }),
    )
  })

  it('plants pinned elsewhere take no room in their drift’s lane', () => {
    const pins = Array.from({ length: 8 }, (_, i) => ({ driftId: 'a', index: i + 1, x: 14 + i * 0.6, y: 3 }))
    const neighbours = [drift('l', 'alchemilla-mollis', 1, 3, 3), drift('r', 'alchemilla-mollis', 1, 7, 3)]
    const alone = place(testBed({ outline: rectangle(LENGTH, 4), drifts: neighbours }), library).plants
    const bed = testBed({
      outline: rectangle(LENGTH, 4),
      drifts: [...neighbours, drift('a', 'nepeta-x-faassenii', 1, 5, 9, { pattern: 'row' })],
      pins,
    })
    const now = new Map(place(bed, library).plants.map((p) => [p.id, p]))
    for (const p of alone) expect(Math.abs(p.x - now.get(p.id)!.x)).toBeLessThan(0.05)
  })

  it('climbers stand at the wall’s foot and take no room from what stands before them', () => {
    const bed = testBed({
      drifts: [drift('c', 'clematis-terniflora', 0, 5), drift('p', 'phlox-paniculata-david', 0, 5, 3)],
    })
    fc.pre(library.has('clematis-terniflora'))
    const list = place(bed, library).plants
    const phlox = list.filter((p) => p.driftId === 'p')
    expect(phlox.reduce((sum, p) => sum + p.x, 0) / 3).toBeCloseTo(5, 1)
    expect(list.find((p) => p.driftId === 'c')!.out).toBeLessThan(Math.min(...phlox.map((p) => p.out)))
  })

  it('more than a lane holds is squeezed evenly, and what is over is counted', () => {
    const d = 0.9 * plant('nepeta-x-faassenii').spreadM
    const fill = (count: number) => {
      const bed = testBed({
        outline: rectangle(6, 2.2),
        laneShares: [0.5, 0.5],
        drifts: [drift('a', 'nepeta-x-faassenii', 1, 3, count, { pattern: 'row' })],
      })
      return place(bed, library).plants
    }
    const fits = Math.floor(6 / d + 1e-9)
    const squeezed = Math.floor(6 / (0.9 * d) + 1e-9)
    expect(fill(fits).filter((p) => p.crowded)).toEqual([])
    expect(fill(squeezed).filter((p) => p.crowded)).toEqual([])
    const xs = fill(squeezed).map((p) => p.x)
    const steps = xs.slice(1).map((x, i) => x - xs[i]!)
    expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(1e-6)
    expect(fill(squeezed + 2).filter((p) => p.crowded)).toHaveLength(2)
  })

  it('two rows in a lane too shallow for them come closer and grow longer, none nearer than its spacing', () => {
    const bed = testBed({
      outline: rectangle(10, 3),
      laneShares: [0.6, 0.1, 0.3],
      drifts: [drift('a', 'nepeta-x-faassenii', 1, 5, 5, { pattern: 'staggered' })],
    })
    const list = place(bed, library).plants
    const d = 0.9 * plant('nepeta-x-faassenii').spreadM
    expect(Math.max(...list.map((p) => p.out)) - Math.min(...list.map((p) => p.out))).toBeLessThanOrEqual(
      0.3 + 1e-9,
    )
    for (const [i, a] of list.entries())
      for (const b of list.slice(i + 1)) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(d - 1e-6)
  })
})

/** The drifts of each lane in the order they stand. */
const orderOf = (list: readonly PlacedPlant[]) =>
  [0, 1, 2]
    .map((lane) =>
      list
        .filter((p) => p.lane === lane)
        .sort((a, b) => a.x - b.x)
        .map((p) => p.id)
        .join(),
    )
    .join('|')
