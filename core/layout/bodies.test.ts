import { describe, expect, it } from 'vitest'
import { climateOf, PLACE_MONTHS } from '../time'
import { bodiesAt } from './bodies'
import { bodyProfile, clearStemM } from './bodyProfile'
import { climate, library, plant, plants, testBed } from '../../tests/support/library'
import { bedFrame, newFeature } from '../bed'
import { thingPlants } from './thingPlants'
import type { PlacedPlant } from './PlacedPlant'

const at = (id: string): PlacedPlant => ({
  id: 'p',
  seed: 1,
  driftId: 'd',
  index: 0,
  plant: plant(id),
  lane: 0,
  x: 0,
  y: 0,
  along: 0,
  out: 0,
  pinned: false,
  crowded: false,
})
const south = climateOf({ latitude: -41.4, lastFrost: '09-20', firstFrost: '05-12' })
const flowering = (id: string, year: number, where = climate) =>
  PLACE_MONTHS.filter((month) => bodiesAt([at(id)], { month, year }, where)[0]!.look.flower > 0)

describe('the year of a plant', () => {
  it('a biennial grows leaf in one season, flowers in the next and is gone by that autumn', () => {
    expect(flowering('digitalis-purpurea', 0)).toEqual([])
    expect(flowering('digitalis-purpurea', 1)).toEqual([6, 7])
    expect(flowering('digitalis-purpurea', 2)).toEqual([])
    expect(flowering('digitalis-purpurea', 3)).toEqual([6, 7])
    const october = (year: number) =>
      bodiesAt([at('digitalis-purpurea')], { month: 10, year }, climate)[0]!.look.state
    expect([october(0), october(1), october(2)]).toEqual(['leaf', 'gone', 'leaf'])
  })
  it('bulbs wait for the spring after their planting, which the south reaches in its first year', () => {
    const bulb = plants.find((p) => p.lifeCycle === 'bulb' && p.flowerMonths.includes(4))!
    expect(flowering(bulb.id, 0)).toEqual([])
    expect(flowering(bulb.id, 1)).toContain(4)
    expect(flowering(bulb.id, 0, south)).toContain(10)
  })
})

describe('the outline of a body', () => {
  const tree = bodiesAt([at('amelanchier-x-grandiflora')], { month: 7, year: 10 }, climate)[0]!
  it('is a bare trunk below the crown, with or without flowers', () => {
    const stemM = clearStemM(tree)
    expect(stemM).toBeGreaterThan(0.3)
    for (const flower of [0, 1]) {
      const below = bodyProfile({ ...tree, look: { ...tree.look, flower } }, stemM / 2)
      expect(below).toEqual({ halfM: 0.06, stops: 1 })
    }
    expect(bodyProfile(tree, (stemM + tree.foliageM) / 2).halfM).toBeGreaterThan(tree.spreadM / 4)
  })
  it('is nothing below the ground and above the top', () => {
    expect(bodyProfile(tree, -0.01).stops).toBe(0)
    expect(bodyProfile(tree, tree.foliageM + tree.flowerM).stops).toBe(0)
  })
  it('above the leaf flowers stop a third of the light, dry stems half of that', () => {
    const mint = bodiesAt([at('agastache-foeniculum')], { month: 7, year: 3 }, climate)[0]!
    const over = { ...mint, foliageM: 0.3, flowerM: 1 }
    const stops = (look: object) => bodyProfile({ ...over, look: { ...over.look, ...look } }, 0.8).stops
    expect(stops({ flower: 1 })).toBeCloseTo(0.35, 9)
    expect(stops({ flower: 0.6 })).toBeCloseTo(0.21, 9)
    expect(stops({ flower: 0, state: 'dry' })).toBeCloseTo(0.175, 9)
    expect(bodyProfile(over, 0.8).halfM).toBeCloseTo(0.4 * over.spreadM, 9)
  })
})

describe('things that stand and cover no ground', () => {
  it('a trellis hides a part of what is behind it, wires little, along their whole length', () => {
    const bed = testBed({
      features: [newFeature('trellis', 't', { x: 5, y: 1.5 }), newFeature('wires', 'w', { x: 2, y: 1 })],
    })
    const things = thingPlants(bed, library, bedFrame(bed))
    const of = (id: string) => things.filter((p) => p.driftId === `thing:${id}`)
    const reach = (id: string) =>
      Math.max(...of(id).map((p) => p.x + p.plant.spreadM / 2)) -
      Math.min(...of(id).map((p) => p.x - p.plant.spreadM / 2))
    expect(reach('t')).toBeCloseTo(1.5, 6)
    expect(reach('w')).toBeCloseTo(2.4, 6)
    expect(of('t')[0]!.plant.density).toBeGreaterThan(of('w')[0]!.plant.density)
  })
})
