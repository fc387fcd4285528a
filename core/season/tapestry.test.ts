import { describe, expect, it } from 'vitest'
import { climate, drift, library, testBed } from '../../tests/support/library'
import { makeScene } from '../scene'
import { climateOf } from '../time'
import { gapsOf, tapestry } from './tapestry'
import { tenYears } from './tenYears'

const sceneOf = (change: object = {}, where = climate) =>
  makeScene({ bed: testBed(change), library, climate: where, hardinessZone: '6b' })
const bed = {
  drifts: [
    drift('n', 'nepeta-x-faassenii', 2, 3, 4),
    drift('y', 'taxus-baccata-fastigiata', 0, 5, 1),
    { ...drift('c', 'crocus-tommasinianus', 2, 6, 9) },
  ],
}

describe('the tapestry', () => {
  const cloth = tapestry(sceneOf(bed), 3)
  const row = (id: string) => cloth.rows.find((r) => r.driftId === id)!
  it('has a row a drift, tall to low, two columns a month', () => {
    expect(cloth.rows.map((r) => r.driftId)).toEqual(['y', 'n', 'c'])
    expect(cloth.rows.every((r) => r.cells.length === 24)).toBe(true)
    expect(cloth.rows.every((r) => r.cells.every((c, i) => c.month === Math.floor(i / 2) + 1))).toBe(true)
  })
  it('flowers stand in their months, in their colour, and a cut perennial ends', () => {
    const nepeta = library.get('nepeta-x-faassenii')!
    const inFlower = new Set(
      row('n')
        .cells.filter((c) => c.flower)
        .map((c) => c.month),
    )
    for (const m of nepeta.flowerMonths) expect(inFlower.has(Number(m))).toBe(true)
    expect(row('n').cells.find((c) => c.flower)!.flower!.colour).toBe(nepeta.flowerColour)
    expect(row('n').cells[0]!.seenM2).toBe(0)
    expect(row('y').cells.every((c) => c.state === 'leaf' && c.seenM2 > 0)).toBe(true)
  })
  it('the second half of a month lies between its picture and the next', () => {
    for (const { cells } of cloth.rows)
      for (let i = 1; i < 23; i += 2) {
        const [a, half, b] = [cells[i - 1]!.seenM2, cells[i]!.seenM2, cells[i + 1]!.seenM2]
        if (cells[i - 1]!.plant && cells[i + 1]!.plant) expect(half).toBeCloseTo((a + b) / 2, 6)
      }
  })
  it('a hand-over shows both kinds, one after the other', () => {
    const changed = sceneOf({
      drifts: [
        {
          ...drift('p', 'pelargonium-x-hortorum', 2, 4, 4),
          stay: { from: { frost: 'last', days: 7 }, to: { frost: 'first', days: 0 } },
          turns: [
            {
              plantId: 'viola-x-wittrockiana',
              from: { frost: 'first', days: 0 },
              to: { frost: 'last', days: 7 },
              year: null,
            },
          ],
        },
      ],
    })
    const [p] = tapestry(changed, 2).rows
    expect(p!.cells[13]!.plant!.id).toBe('pelargonium-x-hortorum')
    expect(p!.cells[6]!.plant!.id).toBe('viola-x-wittrockiana')
  })
  it('south of the equator the same bed flowers half a year later', () => {
    const south = tapestry(sceneOf(bed, climateOf({ latitude: -41, lastFrost: '10-20', firstFrost: '04-25' })), 3)
    const months = (t: typeof south) =>
      t.rows.find((r) => r.driftId === 'n')!.cells.filter((c) => c.flower && c.flower.share > 0.4)
    const turned = new Set(months(south).map((c) => ((c.month + 5) % 12) + 1))
    expect(months(cloth).filter((c) => turned.has(c.month)).length).toBeGreaterThan(months(cloth).length / 2)
  })
  it('gaps are those months that matter and show next to nothing', () => {
    const bare = tapestry(sceneOf({ drifts: [drift('c', 'crocus-tommasinianus', 2, 6, 9)] }), 3)
    expect(gapsOf(bare, [7, 8], [])).toEqual([7, 8])
    expect(gapsOf(bare, [], [6, 7])).toEqual([6, 7])
    expect(gapsOf(cloth, [7], []).length).toBe(0)
  })
})

describe('ten years', () => {
  const years = tenYears(sceneOf(bed))
  it('cover and height grow, and never fall while all grow up', () => {
    expect(years).toHaveLength(11)
    for (let i = 1; i < years.length; i++) {
      expect(years[i]!.cover).toBeGreaterThanOrEqual(years[i - 1]!.cover - 1e-9)
      expect(years[i]!.highestM).toBeGreaterThanOrEqual(years[i - 1]!.highestM - 1e-9)
    }
    expect(years[10]!.cover).toBeLessThanOrEqual(1)
    expect(years[10]!.crowding).toBeGreaterThanOrEqual(years[10]!.cover - 0.05)
  })
  it('divides in the years of each kind', () => {
    const every = library.get('nepeta-x-faassenii')!.divideYears
    const divided = years.filter((y) => y.divide.includes('catmint')).map((y) => y.year)
    expect(divided).toEqual(every > 0 ? years.map((y) => y.year).filter((y) => y > 0 && y % every === 0) : [])
  })
})
