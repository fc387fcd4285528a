import { describe, expect, it } from 'vitest'
import { deltaE, saturation } from '../colour'
import { fullHeightM, HABITS, KINDS, type Kind } from './plant'
import { lookAt } from './look'
import { sizeAt } from './size'
import { climate, plants } from '../../tests/support/library'

/** Least and greatest height and spread that a kind can have, metres. */
const RANGE: Readonly<Record<Kind, readonly [number, number, number, number]>> = {
  tree: [2.5, 16, 1.8, 10],
  conifer: [0.15, 14, 0.5, 8],
  shrub: [0.25, 5, 0.35, 4],
  rose: [0.6, 2.3, 0.8, 1.8],
  climber: [1.5, 9, 0.3, 3],
  // A giant bird of paradise and a giant rhubarb are herbs all the same.
  perennial: [0.1, 4, 0.15, 2.6],
  grass: [0.15, 2, 0.25, 1.3],
  // Tree ferns among them.
  fern: [0.25, 2.8, 0.35, 2.9],
  groundcover: [0.04, 0.8, 0.2, 2.2],
  bulb: [0.06, 2, 0.05, 1],
  annual: [0.05, 3, 0.15, 1.2],
  biennial: [0.15, 2, 0.2, 0.8],
}

describe('the library holds together', () => {
  it('has 1,100 plants and more, each once', () => {
    expect(plants.length).toBeGreaterThanOrEqual(1100)
    expect(new Set(plants.map((p) => p.botanicalName.toLowerCase())).size).toBe(plants.length)
    expect(new Set(plants.map((p) => p.id)).size).toBe(plants.length)
    // Two of one common name could not be told apart in a finding.
    expect(new Set(plants.map((p) => p.commonName.toLowerCase())).size).toBe(plants.length)
  })
  it('has every kind many times, every habit, and something in flower in every month', () => {
    for (const kind of KINDS) expect(plants.filter((p) => p.kind === kind).length, kind).toBeGreaterThanOrEqual(7)
    for (const habit of HABITS.filter((h) => h !== 'clipped'))
      expect(plants.filter((p) => p.habit === habit).length, habit).toBeGreaterThanOrEqual(3)
    for (let month = 1; month <= 12; month++)
      expect(plants.filter((p) => p.flowerMonths.includes(month)).length, `month ${month}`).toBeGreaterThanOrEqual(
        2,
      )
  })
  it('serves sun and shade, wet and dry', () => {
    expect(plants.filter((p) => p.sun.darkest === 'shade').length).toBeGreaterThan(80)
    expect(plants.filter((p) => p.sun.brightest === 'full-sun').length).toBeGreaterThan(150)
    expect(plants.filter((p) => p.water.wettest === 'wet').length).toBeGreaterThan(35)
    expect(plants.filter((p) => p.water.driest === 'dry').length).toBeGreaterThan(100)
  })
  it('keeps each plant’s figures within its kind’s range', () => {
    for (const p of plants) {
      const [low, high, narrow, wide] = RANGE[p.kind]
      expect(fullHeightM(p), p.botanicalName).toBeGreaterThanOrEqual(low)
      expect(fullHeightM(p), p.botanicalName).toBeLessThanOrEqual(high)
      expect(p.spreadM, p.botanicalName).toBeGreaterThanOrEqual(narrow)
      expect(p.spreadM, p.botanicalName).toBeLessThanOrEqual(wide)
      if (p.habit !== 'trailing') expect(p.flowerHeightM, p.botanicalName).toBeGreaterThanOrEqual(p.foliageHeightM)
      expect(p.zones.coldest, p.botanicalName).toBeLessThanOrEqual(p.zones.warmest)
      expect(p.runMPerYear > 0, p.botanicalName).toBe(
        p.travels === 'runs' || p.travels === 'suckers' || p.travels === 'roots',
      )
    }
  })
  it('names hybrids, ranks and cultivars as they are written, and no trade names', () => {
    for (const p of plants) {
      expect(p.botanicalName, p.botanicalName).toMatch(
        /^[A-Z][a-zë]+ (× )?(?:[a-z-]+(?: (?:var|subsp|f)\. [a-z-]+)?)?(?: [A-Z][a-z]+ Group)?(?: ?'[A-Z][^']*(?:'s? ?[^']*)?')?$/u,
      )
      expect(`${p.botanicalName} ${p.commonName}`).not.toMatch(/[®™]/)
    }
  })
  it('shows colours and months that agree: evergreens in winter, leaf fall bare, flowers in their own colour', () => {
    for (const p of plants) {
      expect(p.flowerColour === null, p.botanicalName).toBe(p.flowerMonths.length === 0)
      const january = lookAt(p, 1, climate)
      if (p.retention === 'evergreen') expect(january.state, p.botanicalName).toBe('leaf')
      if (p.retention === 'deciduous') expect(january.state, p.botanicalName).toBe('bare')
      if (p.retention === 'one-season') expect(january.state, p.botanicalName).toBe('gone')
      expect(sizeAt(p, 10, 7, climate).spreadM, p.botanicalName).toBeGreaterThan(0)
    }
    // Plants of one family of greens are not all one colour.
    const greens = plants.filter((p) => saturation(p.foliage.summer) > 0.05).map((p) => p.foliage.summer)
    expect(new Set(greens).size).toBeGreaterThan(250)
    expect(deltaE(greens[0]!, greens[1]!)).toBeGreaterThan(0)
  })
})
