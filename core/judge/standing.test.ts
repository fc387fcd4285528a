import { describe, expect, it } from 'vitest'
import type { Bed, Existing } from '../model'
import { rectangle, SCHOOLS } from '../bed'
import { allowedDistanceM, LEAST_SHARE, place } from '../layout'
import { makeScene } from '../scene'
import { climate, drift, library, plant, testBed } from '../../tests/support/library'
import { critique } from './critique'

const lilac = (change: Partial<Existing> = {}): Existing => ({
  id: 'lilac',
  name: 'old lilac',
  plantId: 'syringa-vulgaris',
  x: 10,
  y: 4,
  heightM: 4,
  spreadM: 6,
  condition: 'good',
  fate: 'keep',
  into: 1,
  note: '',
  ...change,
})
const judge = (bed: Bed) => critique(makeScene({ bed, library, climate, hardinessZone: '6b' })).findings
const bedOf = (change: Partial<Bed>) => testBed({ outline: rectangle(20, 8), wall: null, ...change })

describe('what stands there already is judged with', () => {
  it('a plant set upon an old shrub is found, with how near it stands', () => {
    const bed = bedOf({
      existing: [lilac()],
      drifts: [drift('a', 'nepeta-x-faassenii', 1, 10)],
      pins: [{ driftId: 'a', index: 0, x: 10, y: 4 }],
    })
    const found = judge(bed).find((f) => f.rule === 'overlap')
    expect(found?.figures[0]).toEqual({ name: 'apart', value: 0, unit: 'm' })
    // 0.9 · (6 + 0.6) / 2 by the measured spread.
    expect(found?.figures[1]?.value).toBeCloseTo((0.9 * (6 + plant('nepeta-x-faassenii').spreadM)) / 2, 6)
    expect(found?.title).toContain('too near the common lilac')
    expect(found?.mends.length).toBeGreaterThan(0)
  })

  it('a gap kept for a plant to come is named by what it is kept for', () => {
    const bed = bedOf({
      existing: [lilac({ fate: 'reserve', plantId: '', name: 'a witch hazel', spreadM: 2 })],
      drifts: [drift('a', 'nepeta-x-faassenii', 1, 10)],
      pins: [{ driftId: 'a', index: 0, x: 10.2, y: 4 }],
    })
    expect(judge(bed).find((f) => f.rule === 'overlap')?.title).toContain('place kept for a witch hazel')
  })

  it('places are kept by the measured spread: none of forty stands inside a crown of six metres', () => {
    const bed = bedOf({
      existing: [lilac()],
      drifts: [drift('a', 'nepeta-x-faassenii', 1, 10, 40, { pattern: 'mass' })],
    })
    const { plants, standing } = place(bed, library)
    const [old] = standing
    const inside = plants.filter((p) => {
      const least = LEAST_SHARE * allowedDistanceM(p.plant, old!.plant, SCHOOLS[bed.school].spacing)
      return !p.crowded && Math.hypot(p.x - 10, p.y - 4) < least - 1e-6
    })
    expect(LEAST_SHARE * old!.plant.spreadM).toBeGreaterThan(5)
    expect(inside).toEqual([])
  })

  it('a drift without room says how many of it have none', () => {
    const bed = testBed({
      outline: rectangle(3, 1.2),
      wall: null,
      laneShares: [1],
      drifts: [drift('a', 'hydrangea-arborescens-annabelle', 0, 1.5, 9)],
    })
    const scene = makeScene({ bed, library, climate, hardinessZone: '6b' })
    const crowded = scene.placement.plants.filter((p) => p.crowded)
    expect(crowded.length).toBeGreaterThan(0)
    const found = critique(scene).findings.find((f) => f.rule === 'crowded')
    expect(found?.figures[0]).toEqual({ name: 'too many', value: crowded.length, unit: '' })
    expect(found?.plants).toEqual(crowded.map((p) => p.id))
  })
})
