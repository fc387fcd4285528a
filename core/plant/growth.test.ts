import { describe, expect, it } from 'vitest'
import { climateOf, libraryMonth, PLACE_MONTHS } from '../time'
import { lookAt } from './look'
import { sizeAt } from './size'
import { climate as north, plant, plants } from '../../tests/support/library'

const south = climateOf({ latitude: -41.4, lastFrost: '09-20', firstFrost: '05-12' })
const frostFree = [
  climateOf({ latitude: 36, lastFrost: '01-01', firstFrost: '01-01' }),
  climateOf({ latitude: -30, lastFrost: '07-01', firstFrost: '07-01' }),
  climateOf({ latitude: 34, lastFrost: '12-31', firstFrost: '01-01' }),
]
const shrub = plant('physocarpus-opulifolius-diabolo')

describe('size from month to month', () => {
  it.each([
    ['north', north],
    ['south', south],
  ])('never jumps and never shrinks, over new years too (%s)', (_, climate) => {
    let before = sizeAt(shrub, 0, 1, climate)
    for (let n = 1; n < 12 * 11; n++) {
      const now = sizeAt(shrub, Math.floor(n / 12), (n % 12) + 1, climate)
      expect(now.foliageM).toBeGreaterThanOrEqual(before.foliageM - 1e-9)
      expect(now.foliageM - before.foliageM).toBeLessThan(0.12 * shrub.foliageHeightM)
      before = now
    }
  })
  it('is the same in December of the planting year and in the January after it', () => {
    expect(sizeAt(shrub, 1, 1, north)).toEqual(sizeAt(shrub, 0, 12, north))
  })
  it('has grown nine tenths of the way after T90 years: golden figures of a first year', () => {
    // h0 = 0.4 m of 2.4 m (3 L); (H − h0) · (1 − 10^(−1/T90)) in the first season.
    const grown = (year: number) =>
      sizeAt({ ...shrub, yearsTo90: 4, foliageHeightM: 2, flowerHeightM: 2 }, year, 1, north, '3 L')
    expect(grown(0).foliageM).toBeCloseTo(0.4, 6)
    expect(grown(1).foliageM).toBeCloseTo(0.4 + 1.6 * (1 - 10 ** -0.25), 6)
    expect(grown(4).foliageM).toBeCloseTo(0.4 + 1.6 * 0.9, 6)
  })
  it('starts from the pot that was bought', () => {
    const h = (label: string) =>
      sizeAt({ ...shrub, foliageHeightM: 2, flowerHeightM: 2, spreadM: 2 }, 0, 1, north, label)
    expect([h('9 cm').foliageM, h('2 L').foliageM, h('5 L').foliageM, h('10 L').foliageM]).toEqual([
      0.14, 0.28, 0.6, 1,
    ])
    expect(h('2 L').spreadM).toBeCloseTo(0.25, 9)
    expect(h('a crate').foliageM).toBeCloseTo(0.25, 9)
  })
})

describe('leaf where there is no frost, and in the south', () => {
  it('everything that loses its leaf in winter has it in summer, and rests for a while', () => {
    for (const climate of frostFree) {
      for (const p of plants.filter((q) => q.retention === 'deciduous' || q.retention === 'dies-back')) {
        const leafy = PLACE_MONTHS.filter((m) => lookAt(p, m, climate).leaf > 0.5).map((m) =>
          libraryMonth(m, climate),
        )
        const months = p.leafMonths.length > 0 ? p.leafMonths : [4, 5, 6, 7, 8, 9, 10]
        expect(leafy, p.id).toEqual(expect.arrayContaining([...months]))
        expect(leafy, p.id).not.toContain(1)
      }
    }
  })
  it('annuals stand from frost to frost, all year where there is none', () => {
    const annual = plants.find((p) => p.retention === 'one-season' && p.lifeCycle === 'annual')!
    expect(PLACE_MONTHS.filter((m) => lookAt(annual, m, frostFree[0]!).state === 'leaf')).toEqual([...PLACE_MONTHS])
    expect(PLACE_MONTHS.filter((m) => lookAt(annual, m, north).state === 'leaf')).toEqual([5, 6, 7, 8, 9, 10])
    expect(PLACE_MONTHS.filter((m) => lookAt(annual, m, south).state === 'leaf')).toEqual([
      1, 2, 3, 4, 5, 10, 11, 12,
    ])
  })
  it('a plant looks in the south as it does half a year away in the north of the same frosts', () => {
    const mirrored = climateOf({ latitude: -44.6, lastFrost: '11-08', firstFrost: '04-14' })
    for (const p of plants.slice(0, 120))
      for (const m of PLACE_MONTHS)
        expect(lookAt(p, ((m + 5) % 12) + 1, mirrored).state).toBe(lookAt(p, m, north).state)
  })
})
