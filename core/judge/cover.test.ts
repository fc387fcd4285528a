import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Drift } from '../model'
import { oval, rectangle } from '../bed'
import { soilCover } from './cover'
import { makeScene } from '../scene'
import { climate, demo, demoBed, drift, library, plant, plants, testBed } from '../../tests/support/library'

const sceneOf = (bed: ReturnType<typeof testBed>) => makeScene({ bed, library, climate, hardinessZone: '6b' })
const standing = plants.filter((p) => p.kind !== 'climber' && p.spacingHabit !== 'weaves' && p.spreadM < 1.6)
const drifts: fc.Arbitrary<Drift[]> = fc
  .array(
    fc.tuple(
      fc.constantFrom(...standing),
      fc.integer({ min: 0, max: 2 }),
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 5 }),
    ),
    { maxLength: 7 },
  )
  .map((list) => list.map(([p, lane, at, count], i) => drift(`d${i}`, p.id, lane, at, count)))

describe('soil covered when all is grown', () => {
  it('is a circle’s share of a bed that holds it whole', () => {
    const bed = testBed({ outline: rectangle(6, 3), drifts: [drift('a', 'nepeta-x-faassenii', 1, 3, 1)] })
    expect(soilCover(sceneOf(bed))).toBeCloseTo((Math.PI * (plant('nepeta-x-faassenii').spreadM / 2) ** 2) / 18, 2)
  })
  it('counts ground by its area round a middle: half the radius covered is a quarter of the island', () => {
    const wide = { ...plant('ilex-glabra-compacta'), id: 'half', spreadM: 3 }
    const bed = testBed({
      form: { kind: 'island', edge: oval(6, 6), rimM: 0, centre: 'none', centreHeightM: 1, showFromM: 0 },
      wall: null,
      drifts: [drift('a', 'half', 0, 1)],
    })
    const scene = makeScene({ bed, library: new Map([['half', wide]]), climate, hardinessZone: '6b' })
    expect(scene.own[0]).toMatchObject({ x: 0, y: 0 })
    expect(soilCover(scene)).toBeCloseTo(0.25, 2)
  })
  it('lies between nothing and all, and more plants never cover less', () => {
    fc.assert(
      fc.property(drifts, (list) => {
        // Positions are settled anew, so the same plants are compared as they stand.
        const scene = sceneOf(testBed({ drifts: list }))
        const whole = soilCover(scene)
        expect(whole).toBeGreaterThanOrEqual(0)
        expect(whole).toBeLessThanOrEqual(1)
        const fewer = { ...scene, own: scene.own.slice(1) }
        expect(soilCover(fewer)).toBeLessThanOrEqual(whole)
      }),
      { numRuns: 60 },
    )
  })
  it('is nothing for bulbs and climbers alone, and is reckoned for every kind of bed', () => {
    expect(soilCover(sceneOf(testBed({ drifts: [drift('a', 'galanthus-nivalis', 2, 5, 30)] })))).toBe(0)
    for (const { id } of demo.beds) {
      const cover = soilCover(sceneOf(demoBed(id)))
      expect(cover > 0, id).toBe(demoBed(id).drifts.length > 0)
      expect(cover).toBeLessThanOrEqual(1)
    }
  })
})
