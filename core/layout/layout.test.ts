import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bed, SchoolId } from '../model'
import { bedFrame, rectangle, SCHOOLS } from '../bed'
import {
  allowedDistanceM,
  LEAST_SHARE,
  onCentreM,
  ringCount,
  rowCount,
  rowDistanceM,
  squareGridCount,
  triangularGridCount,
} from './spacing'
import { depthNeededM } from './depthNeeded'
import { driftShape } from './driftShape'
import { packBlocks } from './packBlocks'
import { place } from './place'
import { drift, library, plant, plants, testBed } from '../../tests/support/library'

const soft = plants.filter((p) => p.kind !== 'climber' && p.kind !== 'tree' && p.spreadM <= 1.2).map((p) => p.id)
const drifts = fc
  .array(
    fc.record({
      plantId: fc.constantFrom(...soft),
      lane: fc.integer({ min: 0, max: 2 }),
      at: fc.double({ min: 0, max: 20, noNaN: true }),
      count: fc.integer({ min: 1, max: 9 }),
      pattern: fc.constantFrom('mass', 'staggered', 'row', 'dotted' as const),
      everyM: fc.double({ min: 0.3, max: 3, noNaN: true }),
    }),
    { minLength: 1, maxLength: 14 },
  )
  .map((list) => list.map((d, i) => ({ ...d, id: `d${i}` })))
const beds = fc
  .tuple(
    drifts,
    fc.constantFrom<SchoolId>('layered', 'close-knit', 'formal'),
    fc.double({ min: 2, max: 5, noNaN: true }),
  )
  .map(([list, school, depth]): Bed => testBed({ drifts: list, school, outline: rectangle(20, depth) }))

describe('spacing', () => {
  it('follows the formulas on paper', () => {
    expect(onCentreM(1.2, 0.8, 0.9)).toBeCloseTo(0.9, 9)
    expect(rowCount(3, 0.3)).toBe(10)
    expect(rowCount(2.99, 0.3)).toBe(9)
    expect(triangularGridCount(10, 0.5) / squareGridCount(10, 0.5)).toBeCloseTo(1.1547, 4)
    expect(ringCount(1, 1)).toBe(6)
    expect(ringCount(0.2, 1)).toBe(1)
    expect(rowDistanceM(1, 1)).toBeCloseTo(Math.sqrt(3) / 2, 9)
  })

  it('a row of the counted plants fits its length and one more does not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 30, noNaN: true }),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        (length, spacing) => {
          const n = rowCount(length, spacing)
          expect(n * spacing).toBeLessThanOrEqual(length + 1e-6)
          expect((n + 1) * spacing).toBeGreaterThan(length)
        },
      ),
    )
  })

  it('a ring of the counted plants keeps the spacing and one more would not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (radius, spacing) => {
          const n = ringCount(radius, spacing)
          const chord = (k: number) => 2 * radius * Math.sin(Math.PI / k)
          expect(chord(n)).toBeGreaterThanOrEqual(spacing - 1e-6)
          expect(chord(n + 1)).toBeLessThan(spacing + 1e-6)
        },
      ),
    )
  })

  it('needs the depth that designers reckon with', () => {
    const shrub = plant('hydrangea-arborescens-annabelle')
    expect(depthNeededM([shrub], 1)).toBeCloseTo(0.8 + 0.65, 9)
    expect(depthNeededM([shrub, shrub], 1)).toBeCloseTo(0.8 + 1.3 * Math.sqrt(0.75) + 0.65, 9)
    expect(depthNeededM([], 1)).toBe(0)
  })
})

describe('packBlocks', () => {
  it('keeps the order, never overlaps, stays inside when it fits', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            wanted: fc.double({ min: 0, max: 20, noNaN: true }),
            width: fc.double({ min: 0.1, max: 1.9, noNaN: true }),
          }),
          { minLength: 1, maxLength: 10 },
        ),
        (blocks) => {
          const { middles, squeeze } = packBlocks(blocks, 0, 20)
          expect(squeeze).toBe(1)
          const order = blocks.map((b, i) => ({ ...b, i, middle: middles[i]! })).sort((a, b) => a.middle - b.middle)
          order.forEach((b, k) => {
            expect(b.middle - b.width / 2).toBeGreaterThanOrEqual(-1e-9)
            expect(b.middle + b.width / 2).toBeLessThanOrEqual(20 + 1e-9)
            const next = order[k + 1]
            if (next) expect(next.middle - b.middle).toBeGreaterThanOrEqual((b.width + next.width) / 2 - 1e-9)
            if (next) expect(next.wanted).toBeGreaterThanOrEqual(b.wanted)
          })
        },
      ),
    )
  })
  it('leaves blocks that do not touch where they are wanted', () => {
    expect(
      packBlocks(
        [
          { wanted: 2, width: 1 },
          { wanted: 7, width: 2 },
        ],
        0,
        10,
      ).middles,
    ).toEqual([2, 7])
  })
  it('shares the push evenly', () => {
    const { middles } = packBlocks(
      [
        { wanted: 5, width: 1 },
        { wanted: 5, width: 1 },
      ],
      0,
      10,
    )
    expect(middles[0]).toBeCloseTo(4.5, 9)
    expect(middles[1]).toBeCloseTo(5.5, 9)
  })
  it('squeezes what is overfull', () => {
    const { middles, squeeze } = packBlocks(
      [
        { wanted: 1, width: 8 },
        { wanted: 2, width: 8 },
      ],
      0,
      10,
    )
    expect(squeeze).toBeCloseTo(10 / 16, 9)
    expect(middles[0]).toBeCloseTo(2.5, 9)
    expect(middles[1]).toBeCloseTo(7.5, 9)
  })
})

describe('driftShape', () => {
  it('keeps every pair of a drift at its spacing, whatever the pattern, count and slope', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.constantFrom('mass', 'staggered', 'row' as const),
        fc.double({ min: 0.1, max: 1.5, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (count, pattern, d, slope) => {
          const { places, width } = driftShape({ count, pattern }, d, 2, slope)
          expect(places).toHaveLength(count)
          for (const [i, a] of places.entries()) {
            expect(Math.abs(a.dx) + d / 2).toBeLessThanOrEqual(width / 2 + 1e-9)
            for (const b of places.slice(i + 1))
              expect(Math.hypot(a.dx - b.dx, a.dy - b.dy)).toBeGreaterThanOrEqual(d - 1e-9)
          }
        },
      ),
    )
  })
})

describe('place', () => {
  it('stands no two plants nearer than the school allows, but those it says are crowded', () => {
    fc.assert(
      fc.property(beds, (bed) => {
        const { plants: placed } = place(bed, library)
        const k = SCHOOLS[bed.school].spacing
        for (const [i, a] of placed.entries()) {
          for (const b of placed.slice(i + 1)) {
            if (a.crowded || b.crowded) continue
            expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(
              LEAST_SHARE * allowedDistanceM(a.plant, b.plant, k) - 1e-6,
            )
          }
        }
      }),
      { numRuns: 60 },
    )
  })

  it('crowds nothing in a lane that has room', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            plantId: fc.constantFrom(...soft.filter((id) => plant(id).spacingHabit !== 'weaves')),
            count: fc.integer({ min: 1, max: 4 }),
            at: fc.double({ min: 0, max: 30, noNaN: true }),
          }),
          { minLength: 1, maxLength: 8 },
        ),
        (list) => {
          const bed = testBed({
            outline: rectangle(40, 4),
            laneShares: [1],
            drifts: list.map((d, i) => drift(`d${i}`, d.plantId, 0, d.at, d.count)),
          })
          const { plants: placed, laneFill } = place(bed, library)
          fc.pre(laneFill[0]! < 1)
          expect(placed.filter((p) => p.crowded)).toEqual([])
        },
      ),
      { numRuns: 60 },
    )
  })

  it('keeps every plant inside the bed and off the wall', () => {
    fc.assert(
      fc.property(beds, (bed) => {
        const frame = bedFrame(bed)
        for (const p of place(bed, library).plants) {
          expect(p.x).toBeGreaterThanOrEqual(frame.firstX)
          expect(p.x).toBeLessThanOrEqual(frame.lastX)
          expect(p.y).toBeLessThanOrEqual(frame.front.yAt(p.x))
          expect(p.y).toBeGreaterThanOrEqual(frame.back.yAt(p.x) + 0.6 - 1e-9)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('places as many as the drifts count, the same each time', () => {
    fc.assert(
      fc.property(beds, (bed) => {
        const first = place(bed, library)
        expect(first.plants).toHaveLength(bed.drifts.reduce((sum, d) => sum + d.count, 0))
        expect(place(bed, library)).toEqual(first)
      }),
      { numRuns: 40 },
    )
  })

  it('sets the front row into the gaps of the row behind', () => {
    const bed = testBed({
      laneShares: [0.5, 0.5],
      outline: rectangle(6, 2.4),
      drifts: [drift('b', 'phlox-paniculata-david', 0, 3, 4), drift('f', 'nepeta-x-faassenii', 1, 3.06, 4)],
    })
    const { plants: placed } = place(bed, library)
    const behind = placed.filter((p) => p.lane === 0).map((p) => p.x)
    for (const p of placed.filter((q) => q.lane === 1))
      expect(Math.min(...behind.map((x) => Math.abs(x - p.x)))).toBeGreaterThan(0.1)
  })

  it('leaves a pinned plant where it was put and the others lawful around it', () => {
    const bed = testBed({
      drifts: [drift('a', 'nepeta-x-faassenii', 1, 5, 3), drift('b', 'alchemilla-mollis', 1, 6, 2)],
      pins: [{ driftId: 'a', index: 1, x: 6.2, y: 1.9 }],
    })
    const { plants: placed } = place(bed, library)
    expect(placed.find((p) => p.id === 'a:1')).toMatchObject({ x: 6.2, y: 1.9, pinned: true })
    expect(placed.filter((p) => p.crowded)).toEqual([])
  })

  it('leaves out drifts whose plant it does not know', () => {
    expect(place(testBed({ drifts: [drift('a', 'no-such-plant', 0, 2)] }), library).plants).toEqual([])
  })
})
