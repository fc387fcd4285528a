import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bed, Drift, DriftOrder } from '../model'
import { bedFrame, rectangle, startShape } from '../bed'
import { place } from '../layout'
import { drift, library, testBed } from '../../tests/support/library'
import { applyEdit } from './edit'
import type { Edit } from './editSchema'
import {
  alignDrifts,
  copyInto,
  copyMirrored,
  distributeDrifts,
  holdOrder,
  joinDrifts,
  moveDrifts,
  splitDrift,
  swapOnePlant,
} from './manyDrifts'

const A = 'nepeta-x-faassenii'
const bed = testBed({
  outline: rectangle(12, 4),
  drifts: [drift('a', A, 1, 2, 3), drift('b', A, 1, 5, 2), drift('c', 'hosta-halcyon', 1, 9, 4)],
})
const order = (kind: DriftOrder['kind'], driftIds: string[], change: Partial<DriftOrder> = {}): DriftOrder => ({
  id: 'o',
  kind,
  driftIds,
  atM: 6,
  stepM: 0,
  about: 'place',
  ...change,
})
const done = (from: Bed, edit: Edit) => applyEdit(from, edit).bed
const ats = (b: Bed) => b.drifts.map((d) => d.at)
const moved = (driftId: string, change: Partial<Drift>): Edit => ({ kind: 'changeDrift', driftId, change })
let n = 0
const newId = () => `n${n++}`

describe('orders that are kept', () => {
  it('a mirror follows in place, count, kind and shape, from either side', () => {
    const held = done(bed, holdOrder(bed, order('mirror', ['a', 'c'])))
    expect(held.drifts[2]).toMatchObject({ at: 10, count: 3, plantId: A })
    const shape = startShape('lens', 0.4, 2, 0.4, 3)
    const lens = done(held, moved('a', { at: 3.5, shape }))
    expect(lens.drifts[2]).toMatchObject({ at: 8.5, shape: { ...shape, slantDeg: -15 } })
    expect(done(lens, moved('c', { count: 7 })).drifts[0]!.count).toBe(7)
    // The places are mirrored too.
    const placed = place(lens, library).plants
    const left = placed.filter((p) => p.driftId === 'a')
    for (const p of placed.filter((q) => q.driftId === 'c'))
      expect(left.some((q) => Math.hypot(12 - p.x - q.x, p.y - q.y) < 1e-3)).toBe(true)
  })

  it('a mirror in a court lies about either of its axes', () => {
    const court = testBed({
      form: { kind: 'court', widthM: 10, depthM: 10, pathM: 1, repeat: 'mirrored' },
      wall: null,
      drifts: [drift('a', A, 1, 2, 1), drift('c', A, 1, 9, 1)],
    })
    const placesAbout = (about: string) => {
      const held = done(court, holdOrder(court, order('mirror', ['a', 'c'], { about })))
      const [p, q] = place(held, library).plants
      return [p!, q!] as const
    }
    const [l, r] = placesAbout('middle')
    expect([l.x + r.x, l.y - r.y].every((n) => Math.abs(n) < 0.02)).toBe(true)
    const [f, b] = placesAbout('across')
    expect([f.x - b.x, f.y + b.y].every((n) => Math.abs(n) < 0.02)).toBe(true)
    expect(Math.abs(f.y)).toBeGreaterThan(0.3)
  })

  it('equal steps, together, apart and in line', () => {
    const all = ['a', 'b', 'c']
    const even = done(bed, holdOrder(bed, order('steps', all)))
    expect(ats(even)).toEqual([2, 5.5, 9])
    expect(ats(done(even, moved('c', { at: 8 })))).toEqual([2, 5, 8])
    expect(ats(done(even, moved('b', { at: 6 })))).toEqual([2.5, 6, 9.5])
    const stepped = done(bed, holdOrder(bed, order('steps', all, { stepM: 2 })))
    expect(ats(stepped)).toEqual([2, 4, 6])
    const together = done(bed, holdOrder(bed, order('together', all)))
    expect(ats(done(together, moved('b', { at: 6 })))).toEqual([3, 6, 10])
    const apart = done(bed, holdOrder(bed, order('apart', ['a', 'b'], { stepM: 2 })))
    expect(ats(done(apart, moved('a', { at: 4.5 })))).toEqual([4.5, 6.5, 9])
    const wall = {
      heightM: 3,
      material: 'brick' as const,
      colour: '#aa5544',
      openings: [{ id: 'w', x: 3, widthM: 1, sillM: 1, headM: 2 }],
    }
    const lined = done({ ...bed, wall }, holdOrder(bed, order('aligned', ['a'], { about: 'w' })))
    expect(lined.drifts[0]!.at).toBe(3.5)
    expect(done(lined, moved('a', { at: 8 })).drifts[0]!.at).toBe(3.5)
  })

  it('any edits under any orders are taken back exactly, and an order without its drifts is gone', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    const id = fc.constantFrom('a', 'b', 'c')
    const edits: fc.Arbitrary<Edit> = fc.oneof(
      fc.tuple(id, share).map(([d, u]) => moved(d, { at: u * 12 })),
      fc.tuple(id, fc.integer({ min: 1, max: 9 })).map(([d, count]) => moved(d, { count })),
      fc.tuple(id, share).map(([d, out]) => moved(d, { shape: startShape('hedge', out, 2, 0.4, 5) })),
      id.map((d): Edit => ({ kind: 'removeDrift', driftId: d })),
    )
    const kinds = fc.constantFrom<DriftOrder['kind']>('mirror', 'steps', 'together', 'apart')
    fc.assert(
      fc.property(kinds, fc.array(edits, { minLength: 1, maxLength: 5 }), (kind, list) => {
        const ids = kind === 'mirror' ? ['a', 'c'] : ['a', 'b', 'c']
        const start = done(bed, holdOrder(bed, order(kind, ids, { stepM: kind === 'apart' ? 1.5 : 0 })))
        const inverses: Edit[] = []
        let now = start
        for (const edit of list) {
          const step = applyEdit(now, edit)
          inverses.unshift(step.inverse)
          now = step.bed
          const there = new Set(now.drifts.map((d) => d.id))
          expect(now.orders.every((o) => o.driftIds.every((d) => there.has(d)))).toBe(true)
          for (const d of now.drifts) expect(d.at).toBeGreaterThanOrEqual(0)
        }
        for (const inverse of inverses) now = done(now, inverse)
        expect(now).toEqual(start)
      }),
    )
  })
})

describe('many at once', () => {
  it('lines up, spreads, moves as one', () => {
    const all = ['a', 'b', 'c']
    expect(ats(done(bed, alignDrifts(bed, all)))).toEqual([5.333, 5.333, 5.333])
    expect(ats(done(bed, distributeDrifts(bed, all)))).toEqual([2, 5.5, 9])
    expect(ats(done(bed, moveDrifts(bed, all, 10)))).toEqual([5, 8, 12])
  })

  it('splits and joins without losing a plant', () => {
    const standing = place(bed, library).plants
    const split = done(bed, splitDrift(bed, 'a', standing, 'x')!)
    expect(split.drifts.map((d) => [d.id, d.count])).toEqual([
      ['a', 2],
      ['x', 1],
      ['b', 2],
      ['c', 4],
    ])
    expect(split.drifts[0]!.at).toBeLessThan(split.drifts[1]!.at)
    expect(joinDrifts(split, ['a', 'c'])).toBeNull()
    const joined = done(split, joinDrifts(split, ['a', 'x', 'b'])!)
    expect(joined.drifts.map((d) => [d.id, d.count])).toEqual([
      ['a', 5],
      ['c', 4],
    ])
    expect(splitDrift(bed, 'nothing', standing, 'x')).toBeNull()
  })

  it('swaps one plant where it stands', () => {
    const one = place(bed, library).plants.find((p) => p.id === 'c:1')!
    const swapped = done(bed, swapOnePlant(bed, one, 'echinacea-purpurea', 'x')!)
    expect(swapped.drifts.find((d) => d.id === 'c')!.count).toBe(3)
    const now = place(swapped, library).plants.find((p) => p.driftId === 'x')!
    expect(Math.hypot(now.x - one.x, now.y - one.y)).toBeLessThan(2e-3)
  })

  it('copies mirrored, held when wished, and into another bed in its lanes', () => {
    n = 0
    const copied = done(bed, copyMirrored(bed, ['a', 'b'], 6, newId, { about: 'middle' }))
    expect(copied.drifts.slice(3).map((d) => d.at)).toEqual([10, 7])
    expect(copied.orders).toHaveLength(2)
    expect(done(copied, moved('a', { at: 1 })).drifts[3]!.at).toBe(11)
    const small = testBed({ outline: rectangle(6, 2), laneShares: [1] })
    const there = done(small, copyInto(bed, ['a', 'c'], small, newId))
    expect(there.drifts.map((d) => [d.lane, d.at, d.count])).toEqual([
      [0, 1, 3],
      [0, 4.5, 4],
    ])
    expect(bedFrame(there).frontLength).toBe(6)
  })
})
