import { bedSchema, bedFrame, sizeOfBed } from '../../core/bed'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mendEdit } from '../../app/utils/mendEdit'
import { newDrift } from '../../app/utils/newDrift'
import { isLaneOf, laneFor, laneTopM } from '../../core/layout'
import { critique } from '../../core/judge'
import { makeScene } from '../../core/scene'
import { applyEdit } from '../../core/edit'
import { fullHeightM } from '../../core/plant'
import { climate, demoBed, drift, library, plant, plants, testBed } from '../support/library'

describe('a first drift', () => {
  it('of any plant in a bed of any lanes is one that the server takes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plants),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 10 }),
        (p, lanes, at) => {
          const bed = testBed({ laneShares: Array.from({ length: lanes }, () => 1 / lanes) })
          const lane = laneFor(p, lanes)
          expect(lane).toBeLessThan(lanes)
          const made = newDrift(p, lane, at, bed)
          expect(bedSchema.safeParse({ ...bed, drifts: [made] }).success).toBe(true)
          expect(library.get(made.plantId)).toBe(p)
        },
      ),
    )
  })
  it('stands taller plants no nearer to the front', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plants),
        fc.constantFrom(...plants),
        fc.integer({ min: 1, max: 4 }),
        (a, b, lanes) => {
          if (a.kind === 'climber' || b.kind === 'climber') return
          if (fullHeightM(a) >= fullHeightM(b)) expect(laneFor(a, lanes)).toBeLessThanOrEqual(laneFor(b, lanes))
        },
      ),
    )
  })
  it('stands the tallest on the spine of a two-sided bed, and lower ones toward either front', () => {
    const tall = plants.find((p) => fullHeightM(p) > 2 && p.kind !== 'climber')!
    const low = plants.find((p) => fullHeightM(p) < 0.4 && p.kind !== 'climber')!
    for (const [lanes, spine] of [
      [1, 0],
      [3, 1],
      [5, 2],
    ] as const) {
      expect(laneFor(tall, lanes, 'two-sided')).toBe(spine)
      expect(laneFor(low, lanes, 'two-sided')).toBe(lanes - 1)
      expect(isLaneOf(low, 0, lanes, 'two-sided')).toBe(true)
      expect(isLaneOf(tall, 0, lanes, 'two-sided')).toBe(lanes === 1)
    }
  })
  it('belongs in a lane exactly when it is lower than what stands behind and no lower than its step', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plants.filter((p) => p.kind !== 'climber')),
        fc.constantFrom('foundation' as const, 'two-sided' as const),
        fc.constantFrom(1, 3),
        (p, kind, lanes) => {
          for (let lane = 0; lane < lanes; lane++)
            if (isLaneOf(p, lane, lanes, kind)) expect(fullHeightM(p)).toBeLessThan(laneTopM(lane, lanes, kind))
          expect(Array.from({ length: lanes }, (_, lane) => isLaneOf(p, lane, lanes, kind)).some(Boolean)).toBe(
            true,
          )
        },
      ),
    )
  })
  it('is one of a big plant, few of a small one, a scatter of bulbs', () => {
    const count = (id: string) => newDrift(plant(id), 0, 3, testBed()).count
    expect(count('taxus-baccata-fastigiata')).toBe(1)
    expect(count('nepeta-x-faassenii')).toBe(3)
    expect(count('galanthus-nivalis')).toBe(9)
  })
})

describe('a mend', () => {
  it('can be made twice: each drift that it adds has an id of its own', () => {
    const bed = testBed({ drifts: [drift('a', 'nepeta-x-faassenii', 1, 2, 2)] })
    const adding = critique(makeScene({ bed, library, climate, hardinessZone: '6b' }))
      .findings.flatMap((f) => f.mends)
      .find((m) => m.edit.kind === 'addDrift')!
    const once = applyEdit(bed, mendEdit(adding.edit)).bed
    const twice = applyEdit(once, mendEdit(adding.edit)).bed
    expect(new Set(twice.drifts.map((d) => d.id)).size).toBe(3)
    expect(
      applyEdit(bed, mendEdit({ kind: 'all', name: 'both', edits: [adding.edit, adding.edit] })).bed.drifts,
    ).toHaveLength(3)
  })
})

it('the size of a bed is said as its kind is measured', () => {
  const size = (id: string) => sizeOfBed(demoBed(id), bedFrame(demoBed(id)))
  expect(size('reading-room-front').lengthM).toBeCloseTo(14, 6)
  expect(size('reading-room-front').depthM).toBeCloseTo(2.6, 2)
  expect(size('bell-island').lengthM).toBeCloseTo(5.6, 1)
  expect(size('story-court')).toEqual({ lengthM: 8, depthM: 8 })
  expect(size('door-pots')).toEqual({ lengthM: 0.6, depthM: 0.5 })
})
