import { describe, expect, it } from 'vitest'
import { weaveTapestry } from '../../app/utils/weaveTapestry'
import { makeScene } from '../../core/scene'
import { tapestry } from '../../core/season'
import { climate, drift, library, testBed } from '../support/library'

const bed = testBed({
  drifts: [
    drift('y', 'taxus-baccata-fastigiata', 0, 5, 1),
    drift('n', 'nepeta-x-faassenii', 2, 3, 4),
    drift('c', 'crocus-tommasinianus', 2, 6, 9),
  ],
})
const cloth = tapestry(makeScene({ bed, library, climate, hardinessZone: '6b' }), 3)
const WIDE = 480
const woven = weaveTapestry(cloth, WIDE)

describe('the woven year', () => {
  it('rows lie under one another and do not overlap, the most seen the highest', () => {
    woven.rows.forEach((row, i) => {
      const next = woven.rows[i + 1]
      if (next) expect(next.top).toBeGreaterThanOrEqual(row.top + row.height)
    })
    expect(woven.height).toBeGreaterThan(woven.rows.at(-1)!.top)
    const byHeight = [...woven.rows].sort((a, b) => b.height - a.height)
    expect(byHeight[0]!.row.mostM2).toBe(Math.max(...cloth.rows.map((r) => r.mostM2)))
  })
  it('flowers lie within their row and their months, in their own colour, the same each time', () => {
    const catmint = woven.rows.find((r) => r.row.driftId === 'n')!
    const plant = library.get('nepeta-x-faassenii')!
    expect(catmint.flowers.length).toBeGreaterThan(10)
    for (const f of catmint.flowers) {
      expect(f.colour).toBe(plant.flowerColour)
      expect(f.form).toBe('stroke')
      expect(f.y).toBeGreaterThanOrEqual(0)
      expect(f.y).toBeLessThanOrEqual(catmint.height)
      // A half-month beside its months shows the first and the last of them.
      const month = 1 + Math.floor((f.x / WIDE) * 12)
      expect(plant.flowerMonths.some((m) => Math.abs(m - month) <= 1)).toBe(true)
    }
    expect(weaveTapestry(cloth, WIDE)).toEqual(woven)
  })
  it('leaf runs through all columns in order, bare and empty ones faint', () => {
    for (const { stops, ribbon } of woven.rows) {
      expect(stops).toHaveLength(24)
      expect(stops.every((s, i) => i === 0 || s.at > stops[i - 1]!.at)).toBe(true)
      expect(ribbon.startsWith('M')).toBe(true)
    }
    const crocus = woven.rows.find((r) => r.row.driftId === 'c')!
    expect(crocus.stops[15]!.faint).toBe(true)
  })
})
