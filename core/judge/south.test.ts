import { describe, expect, it } from 'vitest'
import { applyEdit } from '../edit'
import { makeScene } from '../scene'
import { monthInterest } from '../season'
import { climateOf, placeMonths } from '../time'
import { drift, library, plant, testBed } from '../../tests/support/library'
import { critique } from './critique'

const south = climateOf({ latitude: -41.4, lastFrost: '09-20', firstFrost: '05-12' })
const sceneOf = (bed: ReturnType<typeof testBed>) => makeScene({ bed, library, climate: south, hardinessZone: '7' })

describe('a garden south of the equator', () => {
  it('judges windows in January, when all is in leaf', () => {
    const bed = testBed({
      wall: {
        heightM: 3,
        material: 'brick',
        colour: '#a4573f',
        openings: [{ id: 'w', x: 4, widthM: 1.5, sillM: 0.9, headM: 2.4 }],
      },
      drifts: [drift('a', 'physocarpus-opulifolius-diabolo', 0, 4.7)],
    })
    const found = critique(sceneOf(bed)).findings.find((f) => f.rule === 'window')
    expect(found?.reason).toContain('in January of year 10')
  })

  it('fills bare months with bulbs that flower in them there', () => {
    const bed = testBed({ drifts: [drift('a', 'hosta-halcyon', 1, 5, 8)] })
    const scene = sceneOf(bed)
    const found = critique(scene).findings.filter((f) => f.rule === 'months')
    expect(found.length).toBeGreaterThan(0)
    for (const f of found) {
      for (const mend of f.mends) {
        const edit = mend.edit
        if (edit.kind !== 'addDrift') throw new Error('a filler is added')
        const months = placeMonths(plant(edit.drift.plantId).flowerMonths, south)
        const bare = monthInterest(scene)
          .filter((m) => m.interest < 0.12)
          .map((m) => m.month)
        expect(months.some((m) => bare.includes(m))).toBe(true)
        const after = monthInterest(sceneOf(applyEdit(bed, edit).bed))
        expect(after.filter((m) => m.interest < 0.12).length).toBeLessThanOrEqual(bare.length)
      }
    }
  })

  it('flowers of June stand in December', () => {
    const bed = testBed({ drifts: [drift('a', 'nepeta-x-faassenii', 1, 5, 8)] })
    const bloom = monthInterest(sceneOf(bed))
      .filter((m) => m.bloom > 0)
      .map((m) => m.month)
    expect(bloom).toEqual([...placeMonths(plant('nepeta-x-faassenii').flowerMonths, south)].sort((a, b) => a - b))
  })
})
