import { describe, expect, it } from 'vitest'
import { coloursIn } from '../colour'
import { plants } from '../../tests/support/library'
import { fullHeightM } from './plant'
import { searchPlants } from './searchPlants'

const hexes = (words: string) => coloursIn(words).map((c) => c.hex)

describe('filters', () => {
  it.each(['white', 'blue', 'deep red', 'yellow', 'orange', 'pink', 'violet'])(
    '%s flowers are found by the word',
    (word) => {
      const found = searchPlants(plants, { flowerColours: hexes(word) })
      expect(found.length).toBeGreaterThan(8)
      expect(found.every((p) => p.flowerColour !== null)).toBe(true)
    },
  )
  it('wine and chartreuse leaves, near-black ones', () => {
    const ids = (words: string) => searchPlants(plants, { leafColours: hexes(words) }).map((p) => p.id)
    expect(ids('wine')).toContain('cotinus-coggygria-royal-purple')
    expect(ids('chartreuse').length).toBeGreaterThan(4)
    expect(ids('near-black')).toContain('ophiopogon-planiscapus-nigrescens')
  })
  it('hold together: each answer keeps every question', () => {
    const found = searchPlants(plants, {
      minHeightM: 0.3,
      maxHeightM: 0.8,
      maxSpreadM: 0.6,
      light: 'full-sun',
      drought: true,
      leftByDeer: true,
      safeFor: ['cats', 'dogs'],
    })
    expect(found.length).toBeGreaterThan(3)
    for (const p of found) {
      expect(fullHeightM(p)).toBeGreaterThanOrEqual(0.3)
      expect(fullHeightM(p)).toBeLessThanOrEqual(0.8)
      expect([p.sun.brightest, p.drought, p.deer, p.toxicity.cats]).toEqual(['full-sun', 'high', 'resists', 'none'])
    }
  })
  it('what is not asked, false or empty takes nothing away', () => {
    expect(searchPlants(plants, { evergreen: false, safeFor: [], flowerColours: [] })).toHaveLength(plants.length)
  })
})
