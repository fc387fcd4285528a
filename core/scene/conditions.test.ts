import { describe, expect, it } from 'vitest'
import { rectangle } from '../bed'
import type { Surroundings } from '../site'
import { climateOf } from '../time'
import { climate, drift, library, plant, testBed } from '../../tests/support/library'
import { conditionsAt } from './conditions'
import { makeScene } from './scene'

/** A bed whose viewer stands south of it and looks north. */
const facing = (facesDeg: number): Surroundings => ({ facesDeg, baseM: 0, things: [] })
const screen = {
  ...plant('thuja-occidentalis-smaragd'),
  spreadM: 1.4,
  foliageHeightM: 4,
  flowerHeightM: 4,
  density: 0.95,
}
const all = new Map([...library, ['wall-of-green', { ...screen, id: 'wall-of-green' }]])
const bed = testBed({
  outline: rectangle(12, 5),
  wall: null,
  drifts: [drift('w', 'wall-of-green', 0, 6, 7), drift('n', 'nepeta-x-faassenii', 2, 6)],
  pins: [
    ...[0, 1, 2, 3, 4, 5, 6].map((index) => ({ driftId: 'w', index, x: 2.4 + index * 1.2, y: 1.5 })),
    { driftId: 'n', index: 0, x: 6, y: 3 },
  ],
})
const sceneOf = (
  facesDeg: number,
  sunAt: { latitude: number; longitude: number } | null = { latitude: 44.6, longitude: -63.6 },
) => makeScene({ bed, library: all, climate, hardinessZone: '6b', surroundings: facing(facesDeg), sunAt })
const catmint = (scene: ReturnType<typeof sceneOf>) => scene.placement.plants.find((p) => p.driftId === 'n')!

describe('the shade of tall plants on their neighbours', () => {
  it('takes most of the sun north of a row of conifers and next to none south of it', () => {
    const south = sceneOf(180)
    const north = sceneOf(0)
    expect(conditionsAt(south, catmint(south)).sunHours).toBeGreaterThan(5)
    expect(conditionsAt(north, catmint(north)).sunHours).toBeLessThan(3.5)
  })
  it('falls on the other side south of the equator', () => {
    const down = { latitude: -41.4, longitude: 146.8 }
    const south = sceneOf(180, down)
    const north = sceneOf(0, down)
    expect(conditionsAt(south, catmint(south)).sunHours).toBeLessThan(4)
    expect(conditionsAt(north, catmint(north)).sunHours).toBeGreaterThan(5)
  })
  it('a plant does not shade itself, nor one as tall as itself', () => {
    const scene = sceneOf(180)
    const tall = scene.placement.plants.find((p) => p.driftId === 'w')!
    expect(conditionsAt(scene, tall).sunHours).toBe(6)
  })
  it('is left out where the sun’s way is not known', () => {
    const scene = sceneOf(0, null)
    expect(conditionsAt(scene, catmint(scene)).sunHours).toBe(6)
  })
  it('counts plants of other beds too', () => {
    const alone = testBed({
      outline: rectangle(12, 5),
      wall: null,
      drifts: [drift('n', 'nepeta-x-faassenii', 2, 6)],
    })
    const input = {
      library: all,
      climate,
      hardinessZone: '6b',
      surroundings: facing(0),
      sunAt: { latitude: 44.6, longitude: -63.6 },
    }
    const hours = (neighbours: typeof hedge) => {
      const scene = makeScene({ bed: alone, ...input, neighbours })
      return conditionsAt(scene, scene.placement.plants[0]!).sunHours
    }
    const hedge = sceneOf(0)
      .placement.plants.filter((p) => p.driftId === 'w')
      .map((p) => ({ ...p, id: `other/${p.id}`, neighbour: 'other' }))
    expect(hours([])).toBe(6)
    expect(hours(hedge)).toBeLessThan(5.8)
  })
})

describe('a court and a row of pots', () => {
  it('every part is looked at, not the planned one alone', () => {
    const court = testBed({
      form: { kind: 'court', widthM: 8, depthM: 8, pathM: 1, repeat: 'mirrored' },
      wall: null,
      laneShares: [0.5, 0.5],
      drifts: [drift('c', 'nepeta-x-faassenii', 1, 2, 5)],
    })
    const scene = makeScene({
      bed: court,
      library,
      climate: climateOf({ latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' }),
      hardinessZone: '6b',
    })
    expect(scene.planted).toHaveLength(20)
    expect(new Set(scene.planted.map((p) => p.id)).size).toBe(20)
    expect(scene.planted.every((p) => scene.byId.get(p.id) === p)).toBe(true)
  })
})
