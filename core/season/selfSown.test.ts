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
