import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Drift, MixWay } from '../model'
import { kindCounts, kindsOf, newFeature, numbersOf, rectangle, withCount } from '../bed'
import { drift, library, plant, testBed, climate } from '../../tests/support/library'
import { applyEdit } from '../edit'
import { makeScene } from '../scene'
import { critique } from '../judge'
import { bodiesAt } from './bodies'
import { place } from './place'

const [A, B] = ['nepeta-x-faassenii', 'salvia-nemorosa-ostfriesland']
const mixed = (count: number, how: MixWay, share: number, change: Partial<Drift> = {}): Drift => ({
  ...drift('m', A, 1, 5, count, { pattern: 'row', ...change }),
  mix: { how, others: [{ plantId: B, share }] },
})
const bedOf = (...drifts: Drift[]) => testBed({ outline: rectangle(12, 4), drifts })
/** Kinds of a drift from left to right: a and b. */
const alongIt = (d: Drift) =>
  [...place(bedOf(d), library).plants]
    .sort((p, q) => p.x - q.x)
    .map((p) => (p.plant.id === A ? 'a' : 'b'))
    .join('')

describe('kinds that share a place', () => {
  it('are as many of each as their shares say, to one, and each number keeps its kind', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 60 }),
        fc.integer({ min: 5, max: 90 }),
        fc.constantFrom('matrix', 'turns' as const),
        (count, hundredths, how) => {
          const d = mixed(count, how, hundredths / 100)
          expect(Math.abs((kindCounts(d).get(B) ?? 0) - (count * hundredths) / 100)).toBeLessThanOrEqual(1)
          const more = withCount(d, count + 3)
          const kindsOf = (own: Drift) =>
            new Map(place(bedOf(own), library).plants.map((p) => [p.index, p.plant.id]))
          const now = kindsOf(more)
          for (const [n, kind] of kindsOf(d)) expect(now.get(n)).toBe(kind)
          expect(numbersOf(more).slice(0, count)).toEqual(numbersOf(d))
        },
      ),
      { numRuns: 40 },
    )
  })

  it('stand by turns, in threes, and spread through a matrix', () => {
    expect(alongIt(mixed(8, 'turns', 0.5))).toBe('abababab')
    expect(alongIt(mixed(12, 'threes', 0.5))).toBe('aaabbbaaabbb')
    const matrix = alongIt(mixed(12, 'matrix', 0.25))
    expect(matrix.split('b').length - 1).toBe(3)
    expect(matrix).not.toContain('bb')
  })

  it('mirror with their drift', () => {
    const here = alongIt(mixed(7, 'turns', 0.4, { at: 3 }))
    const there = alongIt(mixed(7, 'turns', 0.4, { at: 9 }))
    expect([...there].reverse().join('')).toBe(here)
  })
})

describe('one beneath, among or on another', () => {
  it('bulbs lie under the leaves of their hosts, all over them', () => {
    const host = drift('h', 'geranium-johnson-s-blue', 1, 6, 7, { pattern: 'mass' })
    const bulbs = {
      ...drift('u', 'narcissus-thalia', 1, 6, 20),
      shape: { kind: 'beneath' as const, out: 0.5, about: 'h' },
    }
    const { plants, shapes } = place(bedOf(host, bulbs), library)
    const hosts = plants.filter((p) => p.driftId === 'h')
    const under = plants.filter((p) => p.driftId === 'u')
    expect(under.filter((p) => !p.crowded)).toHaveLength(20)
    for (const p of under)
      expect(Math.min(...hosts.map((h) => Math.hypot(h.x - p.x, h.y - p.y) - h.plant.spreadM / 2))).toBeLessThan(
        0.36,
      )
    // Each host has some beneath it.
    for (const h of hosts) expect(under.some((p) => Math.hypot(h.x - p.x, h.y - p.y) < h.plant.spreadM)).toBe(true)
    expect(shapes.find((s) => s.driftId === 'u')!.fits).toBeGreaterThan(20)
    const alone = place(bedOf({ ...bulbs, shape: { ...bulbs.shape, about: null } }), library)
    expect(alone.plants.every((p) => p.crowded)).toBe(true)
  })

  it('a scatter holds its density on free ground, and thins to a side', () => {
    const scatter = (thinTo: 'none' | 'left', count = 200): Drift => ({
      ...drift('s', 'verbena-bonariensis', 1, 6, count),
      shape: { kind: 'scatter', out: 0.5, lengthM: 10, widthM: 3, perM2: 1.5, thinTo },
    })
    const open = (d: Drift) => place(testBed({ outline: rectangle(12, 6), wall: null, drifts: [d] }), library)
    const even = open(scatter('none')).shapes[0]!.fits
    expect(even).toBe(Math.round(10 * 3 * 1.5))
    const thinned = open(scatter('left'))
    const stand = thinned.plants.filter((p) => !p.crowded)
    expect(stand).toHaveLength(Math.round((10 * 3 * 1.5) / 2))
    const left = stand.filter((p) => p.x < 6).length
    expect(left).toBeLessThan(0.4 * stand.length)
    // Among others, none stands on one of them.
    const among = place(bedOf(drift('o', 'physocarpus-opulifolius-diabolo', 1, 6, 3), scatter('none', 30)), library)
    expect(among.plants.filter((p) => p.driftId === 's' && !p.crowded).length).toBeGreaterThan(3)
  })

  it('a climber stands at its support and grows no taller than that', () => {
    const post = { ...newFeature('obelisk', 'post', { x: 6, y: 2 }), heightM: 1.6 }
    const clematis = [...library.values()].find((p) => p.kind === 'climber' && p.foliageHeightM > 2.2)!
    const climber = (about: 'post' | null): Drift => ({
      ...drift('c', clematis.id, 0, 6, 1),
      shape: { kind: 'climb', out: 0.3, about: about ? { on: 'feature', featureId: about } : null },
    })
    const bed = (about: 'post' | null) =>
      testBed({ outline: rectangle(12, 4), features: [post], drifts: [climber(about)] })
    const held = place(bed('post'), library).plants[0]!
    expect(held.held).toBe(true)
    expect(Math.hypot(held.x - 6, held.y - 2)).toBeLessThan(0.5)
    const [body] = bodiesAt([held], { month: 7, year: 12 }, climate)
    expect(body!.foliageM).toBeLessThan(1.6 + 0.2)
    const free = place(bed(null), library).plants[0]!
    expect(free.held).toBeUndefined()
    expect(free.plant).toBe(clematis)
  })

  it('a hedge stands at its step, is kept to its height, and crosses another over and under', () => {
    const hedge = (id: string, plantId: string, line: { x: number; y: number }[], count: number): Drift => ({
      ...drift(id, plantId, 1, 6, count),
      shape: { kind: 'hedge', out: 0.5, line, closed: false, stepM: 0.2, heightM: 0.3, widthM: 0.25 },
    })
    const straight = hedge(
      'a',
      'teucrium-chamaedrys',
      [
        { x: -2, y: 0 },
        { x: 2, y: 0 },
      ],
      21,
    )
    const alone = place(bedOf(straight), library)
    expect(alone.shapes[0]!.fits).toBe(21)
    const xs = alone.plants.map((p) => p.x).sort((p, q) => p - q)
    xs.slice(1).forEach((x, i) => expect(x - xs[i]!).toBeCloseTo(0.2, 3))
    const grown = bodiesAt(alone.plants, { month: 7, year: 10 }, climate)
    for (const b of grown) expect(Math.max(b.foliageM, b.flowerM)).toBeLessThanOrEqual(0.301)
    const wave = hedge(
      'b',
      'santolina-chamaecyparissus',
      [
        { x: -2, y: -0.8 },
        { x: 0, y: 0.8 },
        { x: 2, y: -0.8 },
      ],
      22,
    )
    const both = place(bedOf(straight, wave), library)
    const gapAt = (id: string, x: number) =>
      Math.min(
        ...both.plants.filter((p) => p.driftId === id && !p.crowded).map((p) => Math.hypot(p.x - x, p.y - 2)),
      )
    // The first crosses over at the left and under at the right.
    expect(gapAt('a', 5)).toBeLessThan(0.11)
    expect(gapAt('b', 5)).toBeGreaterThan(0.2)
    expect(gapAt('b', 7)).toBeLessThan(0.13)
    expect(gapAt('a', 7)).toBeGreaterThan(0.2)
  })

  it('stands where it was measured, whatever is near', () => {
    const exact = { ...drift('e', A, 1, 4.2, 1), shape: { kind: 'exact' as const, out: 0.5 } }
    const placed = place(bedOf(exact, drift('o', B, 1, 4.2, 5)), library)
    const p = placed.plants.find((q) => q.driftId === 'e')!
    expect([p.x, p.y, p.pinned]).toEqual([4.2, 2, true])
  })
})

describe('what does not grow', () => {
  const boulder = newFeature('boulder', 'stone', { x: 6, y: 2.6 })

  it('has its ground to itself, and lanes make way', () => {
    const row = drift('r', A, 1, 6, 7, { pattern: 'row' })
    const without = place(bedOf(row), library)
    const { plants } = place({ ...bedOf(row), features: [{ ...boulder, y: 2.5 }] }, library)
    expect(plants.filter((p) => p.crowded)).toEqual([])
    for (const p of plants) expect(Math.hypot(p.x - 6, p.y - 2.5)).toBeGreaterThan(0.3)
    expect(plants.map((p) => p.x)).not.toEqual(without.plants.map((p) => p.x))
    const paved = { ...newFeature('paving', 'slabs', { x: 6, y: 2.5 }), lengthM: 3, widthM: 1 }
    expect(place({ ...bedOf(row), features: [paved] }, library).plants).toEqual(without.plants)
  })

  it('hides what stands behind it, and covers the ground that it takes', () => {
    const low = drift('l', 'sedum-acre', 2, 6, 1)
    const bed = bedOf({ ...low, lane: 1 })
    const wall = { ...boulder, y: 3.2, lengthM: 2.4, widthM: 0.8, heightM: 1.2 }
    const judge = (features: typeof bed.features) =>
      critique(makeScene({ bed: { ...bed, features }, library, climate, hardinessZone: '6b' })).findings
    const hides = (features: typeof bed.features) => judge(features).some((f) => f.id === 'hidden:l')
    expect(plant('sedum-acre').foliageHeightM).toBeLessThan(0.3)
    expect([hides([]), hides([wall])]).toEqual([false, true])
  })
})

describe('kinds in a mix or a hedge, judged', () => {
  it('are named once, and a swap changes the mix', () => {
    const shady = 'hosta-halcyon'
    const wet = {
      ...drift('m', A, 1, 4, 6, { pattern: 'row' }),
      mix: { how: 'turns' as const, others: [{ plantId: shady, share: 0.5 }] },
    }
    const hedge: Drift = {
      ...drift('h', shady, 1, 9, 4),
      shape: {
        kind: 'hedge',
        out: 0.5,
        line: [
          { x: -1, y: 0 },
          { x: 1, y: 0 },
        ],
        closed: false,
        stepM: 0.4,
        heightM: 0.3,
        widthM: 0.4,
      },
    }
    const bed = { ...bedOf(wet, hedge), ground: { ...bedOf().ground, sunHours: 10, sunByHand: true } }
    const { findings } = critique(makeScene({ bed, library, climate, hardinessZone: '6b' }))
    const ids = findings.map((f) => f.id)
    expect(new Set(ids).size).toBe(ids.length)
    const [swap] = findings.find((f) => f.id === `site:${shady}`)!.mends
    const after = applyEdit(bed, swap!.edit).bed
    expect(after.drifts[0]!.plantId).toBe(A)
    expect(after.drifts.flatMap(kindsOf)).not.toContain(shady)
  })
})
