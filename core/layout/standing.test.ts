import { describe, expect, it } from 'vitest'
import type { Existing } from '../model'
import { schedule } from '../count'
import { applyEdit } from '../edit'
import { divides, renovationAdvice, shootsAgain } from '../plant'
import { bodiesAt } from './bodies'
import { place } from './place'
import { climate, drift, library, plant, testBed } from '../../tests/support/library'

const there = (change: Partial<Existing>): Existing => ({
  id: 'e',
  name: 'old one',
  plantId: 'philadelphus-coronarius',
  x: 5,
  y: 1.6,
  heightM: 1.5,
  spreadM: 1.4,
  condition: 'good',
  fate: 'keep',
  into: 1,
  note: '',
  ...change,
})
const bedWith = (e: Existing, count = 8) =>
  testBed({ existing: [e], drifts: [drift('a', 'nepeta-x-faassenii', 1, 5, count, { pattern: 'row' })] })

describe('what stands there already', () => {
  it('keeps its place: nothing is set into it, nor into a reserved gap', () => {
    for (const fate of ['keep', 'cut-back', 'reserve'] as const) {
      const { plants, standing } = place(
        bedWith(there({ fate, plantId: fate === 'reserve' ? '' : 'philadelphus-coronarius' })),
        library,
      )
      expect(standing).toHaveLength(1)
      for (const p of plants) if (!p.crowded) expect(Math.hypot(p.x - 5, p.y - 1.6)).toBeGreaterThan(0.6)
    }
    expect(place(bedWith(there({ fate: 'take-out' })), library).standing).toEqual([])
  })
  it('grows on from its size, or from what a cut or a division left', () => {
    const height = (e: Existing, year: number) =>
      bodiesAt(place(bedWith(e), library).standing, { month: 7, year }, climate)[0]!
    expect(height(there({}), 0).foliageM).toBeGreaterThan(1.4)
    expect(height(there({}), 10).foliageM).toBeGreaterThan(height(there({}), 0).foliageM)
    expect(height(there({ fate: 'cut-back' }), 0).foliageM).toBeLessThan(0.95)
    expect(height(there({ fate: 'divide', into: 4, plantId: 'iris-sibirica' }), 0).spreadM).toBeLessThan(1)
    expect(height(there({ fate: 'reserve', plantId: '' }), 5).look.state).toBe('gone')
  })
  it('divisions and moved plants count as had', () => {
    const bed = testBed({
      existing: [there({ plantId: 'iris-sibirica', fate: 'divide', into: 4 })],
      drifts: [drift('a', 'iris-sibirica', 1, 3, 5)],
    })
    expect(schedule(bed, library).lines[0]).toMatchObject({ need: 5, have: 3, buy: 2 })
  })
  it('is changed by an edit that can be undone', () => {
    const bed = bedWith(there({}))
    const { bed: after, inverse } = applyEdit(bed, { kind: 'setExisting', existing: [] })
    expect(after.existing).toEqual([])
    expect(applyEdit(after, inverse).bed).toEqual(bed)
  })
  it('knows what shoots again, what divides, and when it moves', () => {
    expect(shootsAgain(plant('thuja-occidentalis-smaragd'))).toBe(false)
    expect(shootsAgain(plant('taxus-x-media-hicksii'))).toBe(true)
    expect(shootsAgain(plant('lavandula-angustifolia-hidcote'))).toBe(false)
    expect(divides(plant('iris-sibirica'))).toBe(true)
    for (const p of library.values()) expect(renovationAdvice(p, { southern: false })).toMatch(/^Move in [A-Z]/)
  })
})
