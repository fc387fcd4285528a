import { describe, expect, it } from 'vitest'
import { insideOf } from '../geometry'
import { makeScene } from '../scene'
import { climate, drift, library, plants, testBed } from '../../tests/support/library'
import { selfSown, tenYears } from '.'

const seeds = plants.find((p) => p.travels === 'seeds' && p.lifeCycle === 'herbaceous')!
const stays = plants.find((p) => p.travels === 'stays' && p.lifeCycle === 'herbaceous')!
const bed = testBed({ drifts: [drift('a', seeds.id, 0, 3, 5), drift('b', stays.id, 1, 3, 5)] })
const scene = makeScene({ bed, library, climate, hardinessZone: '6b' })

describe('self-sown plants', () => {
  it('come from kinds that seed, from their second year on, more with the years and with open ground', () => {
    expect(selfSown(scene, 1, 1)).toEqual([])
    const second = selfSown(scene, 2, 1)
    expect(second.map((s) => s.plant.id)).toEqual([seeds.id])
    expect(selfSown(scene, 4, 1)[0]!.likely).toBeGreaterThan(second[0]!.likely)
    expect(selfSown(scene, 9, 1)).toEqual(
      selfSown(scene, 9, 1).map((s) => ({ ...s, likely: selfSown(scene, 20, 1)[0]!.likely })),
    )
    expect(selfSown(scene, 5, 0.2)[0]?.likely ?? 0).toBeLessThan(selfSown(scene, 5, 1)[0]!.likely)
  })
  it('stand inside the bed, off the plants that are planned, the same each time', () => {
    const [haze] = selfSown(scene, 5, 1)
    const inside = insideOf(scene.frame.outline)
    for (const p of haze!.places) expect(inside(p)).toBe(true)
    expect(selfSown(scene, 5, 1)).toEqual(selfSown(scene, 5, 1))
  })
  it('are told in the ten years', () => {
    const years = tenYears(scene)
    expect(years[0]!.selfSown).toBe(0)
    expect(years[5]!.selfSown).toBeGreaterThan(0)
  })
})

describe('the ten years', () => {
  it('tell what is bought when, what has grown into one another, and what planting hides', () => {
    const packed = testBed({ drifts: [drift('c', stays.id, 0, 3, 6, { pattern: 'mass' })] })
    const pinned = {
      ...packed,
      pins: [0, 1, 2, 3, 4, 5].map((i) => ({ driftId: 'c', index: i, x: 2 + i * stays.spreadM * 0.5, y: 1 })),
    }
    const years = tenYears(makeScene({ bed: pinned, library, climate, hardinessZone: '6b' }))
    expect(years[0]!.cost).toBe(Math.round(6 * stays.sizes[0]!.price))
    expect(years[1]!.cost).toBe(0)
    expect(years[0]!.thin).toEqual([])
    expect(years[10]!.thin).toEqual([stays.commonName])
    expect(years.every((y) => y.sights.length === 0)).toBe(true)
  })
  it('show a screen close over the years', () => {
    const hedge = plants.find((p) => p.id === 'taxus-baccata-fastigiata')!
    const wall = testBed({ drifts: [drift('h', hedge.id, 0, 3, 6)] })
    const at = (x: number, y: number) => ({ at: { x, y }, note: '' })
    const things = [
      { kind: 'viewpoint', id: 'v', name: 'The bench', ...at(3, 8), viewer: 'seat', eyeM: 1.1 },
      {
        ...{ kind: 'target', id: 't', name: 'The bins', ...at(3, -4), wish: 'hide', seenFrom: 'v' },
        ...{ widthM: 2, fromM: 0, toM: 1.2 },
      },
    ]
    const surroundings = { things, facesDeg: null } as never
    const years = tenYears(makeScene({ bed: wall, library, climate, hardinessZone: '6b', surroundings }))
    const blocked = years.map((y) => y.sights[0]!.blocked)
    expect(blocked[10]).toBeGreaterThan(blocked[0]!)
    expect(blocked[10]).toBeGreaterThan(0.4)
  })
})
