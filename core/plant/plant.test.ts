import fc from 'fast-check'
import { climateOf, monthSpan } from '../time'
import { cautionWords } from './cautions'
import { rangeWords, RETENTION_WORDS } from './plantWords'
import { describeRowError, plantFromCells, plantId, readPlants } from './readPlants'
import { FLOWER_FORMS, HABITS, KINDS } from './plant'
import { halfWidthAt } from './silhouette'
import { lookAt } from './look'
import { misfits, sunClass, zoneNumber } from './fit'
import { searchPlants } from './searchPlants'
import { sizeAt } from './size'
import { describe, expect, it } from 'vitest'
import { climate, libraryCsv, plant, plants } from '../../tests/support/library'

const [header = '', first = ''] = libraryCsv.split('\n')
const withCell = (column: string, value: string) => {
  const cells = first.split(',')
  cells[header.split(',').indexOf(column)] = value
  return `${header}\n${cells.join(',')}\n`
}

describe('the plant library', () => {
  it('holds 90 plants or more, of every kind, habit and flower form', () => {
    expect(plants.length).toBeGreaterThanOrEqual(90)
    expect(new Set(plants.map((p) => p.kind))).toEqual(new Set(KINDS))
    const grown = HABITS.filter((h) => h !== 'clipped')
    expect(new Set(plants.map((p) => p.habit))).toEqual(new Set(grown))
    expect(new Set(plants.map((p) => p.flowerForm))).toEqual(new Set(FLOWER_FORMS))
  })
  it('has something in flower for each month but the dead of winter, in sun and in shade', () => {
    for (const darkest of ['full-sun', 'shade'] as const) {
      const months = new Set(
        plants
          .filter((p) => p.sun.darkest === darkest || p.sun.brightest === darkest)
          .flatMap((p) => p.flowerMonths),
      )
      for (const m of [3, 4, 5, 6, 7, 8, 9]) expect(months).toContain(m)
    }
  })
  it('has no id twice', () => expect(new Set(plants.map((p) => p.id)).size).toBe(plants.length))
})

describe('readPlants', () => {
  it.each([
    ['spread_m', 'wide', /spread_m: “wide” came, a number from 0.03 to 30/],
    ['spread_m', '-1', /a number/],
    ['habit', 'blob', /habit: “blob” came, one of mound/],
    ['spring_colour', 'green', /a colour such as/],
    ['flower_months', '13', /months from 1 to 12/],
    ['zones', '8:5', /lower figure first/],
    ['sun', 'shade:full-sun', /a range in the order/],
    ['flower_height_m', '0.5', /at or above foliage_height_m/],
    ['sizes', 'big', /sizes with prices/],
    ['botanical_name', '', /a name/],
    ['common_name', 'x'.repeat(10_000), /at most 120 characters/],
    ['common_name', '<script>alert(1)</script>', /without < or >/],
    ['soil', '', /at least one of/],
  ])('names row and column when %s is “%.20s”', (column, value, message) => {
    const read = readPlants(withCell(column, value))
    expect(read.ok).toBe(false)
    if (read.ok) return
    expect(read.errors[0]!.row).toBe(2)
    expect(read.errors[0]!.column).toBe(column)
    expect(read.errors.map(describeRowError).join('\n')).toMatch(message)
  })

  it('takes nothing when one row of many is broken', () => {
    const lines = libraryCsv.trimEnd().split('\n')
    lines[40] = lines[40]!.replace(/,woody,|,herbaceous,/, ',stone,')
    const read = readPlants(lines.join('\n'))
    expect(read).toMatchObject({ ok: false, errors: [{ row: 41, column: 'life_cycle', came: 'stone' }] })
  })

  it('refuses a missing column, a double, an empty list and plain nonsense', () => {
    for (const csv of [
      'a,b\n1,2\n',
      `${header}\n${first}\n${first}\n`,
      `${header}\n`,
      '',
      '\u0000\u0001',
      '"'.repeat(1001),
    ]) {
      const read = readPlants(csv)
      expect(read.ok).toBe(false)
      if (!read.ok) expect(read.errors.length).toBeGreaterThan(0)
    }
  })

  it('reads a file with a byte order mark and CRLF, and its cells read back as the same plant', () => {
    const read = readPlants(`\uFEFF${libraryCsv.replace(/\n/g, '\r\n')}`)
    if (!read.ok) throw new Error('must read')
    expect(read.plants).toEqual(plants)
    for (const { plant: p, cells } of read.rows) expect(plantFromCells(cells)).toEqual(p)
  })

  it('makes plain ids', () => expect(plantId("Taxus × media 'Hicksii'")).toBe('taxus-x-media-hicksii'))
})

describe('size over time', () => {
  it('is 90 % of the way at T90, for a woody plant', () => {
    const yew = plant('taxus-baccata-fastigiata')
    const h0 = sizeAt(yew, 0, 1, climate).foliageM
    const h = sizeAt(yew, yew.yearsTo90, 1, climate).foliageM
    expect((h - h0) / (yew.foliageHeightM - h0)).toBeCloseTo(0.9, 9)
  })
  it('never shrinks and never passes its mature size', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plants),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 1, max: 12 }),
        (p, year, month) => {
          const now = sizeAt(p, year, month, climate)
          const later = sizeAt(p, year + 1, month, climate)
          expect(later.foliageM).toBeGreaterThanOrEqual(now.foliageM - 1e-12)
          expect(later.foliageM).toBeLessThanOrEqual(p.foliageHeightM + 1e-9)
          expect(later.spreadM).toBeLessThanOrEqual(p.spreadM + 1e-9)
        },
      ),
    )
  })
})

describe('the look of a month', () => {
  it('keeps evergreens in leaf, bares deciduous shrubs, sends hostas under, leaves grasses standing in January', () => {
    expect(lookAt(plant('taxus-baccata-fastigiata'), 1, climate)).toMatchObject({ state: 'leaf', leaf: 1 })
    expect(lookAt(plant('cotinus-coggygria-royal-purple'), 1, climate).state).toBe('bare')
    expect(lookAt(plant('hosta-halcyon'), 1, climate).state).toBe('gone')
    expect(lookAt(plant('calamagrostis-x-acutiflora-karl-foerster'), 1, climate).state).toBe('dry')
    expect(lookAt(plant('lobularia-maritima'), 1, climate).state).toBe('gone')
    expect(lookAt(plant('narcissus-thalia'), 8, climate).state).toBe('gone')
  })
  it('shows flowers only in their months, and everything in full leaf in July but spring bulbs', () => {
    for (const p of plants) {
      for (let m = 1; m <= 12; m++) if (!p.flowerMonths.includes(m)) expect(lookAt(p, m, climate).flower).toBe(0)
      if (p.retention !== 'summer-dormant' && p.leafMonths.length === 0)
        expect(lookAt(p, 7, climate).leaf).toBeGreaterThan(0.85)
    }
  })
  it('turns the year over south of the equator', () => {
    const south = climateOf({ latitude: -40, lastFrost: '10-20', firstFrost: '04-20' })
    expect(lookAt(plant('cotinus-coggygria-royal-purple'), 7, south).state).toBe('bare')
    expect(lookAt(plant('cotinus-coggygria-royal-purple'), 1, south).state).toBe('leaf')
  })
})

describe('fit', () => {
  const site = { sunHours: 1.5, water: 'moist', soil: 'loam', ph: 6.2, zone: 6 } as const
  it('sorts hours into classes at the limits', () =>
    expect([6, 5.9, 4, 3.9, 2, 1.9].map((h) => sunClass(h))).toEqual([
      'full-sun',
      'part-sun',
      'part-sun',
      'part-shade',
      'part-shade',
      'shade',
    ]))
  it('says what a lavender lacks in wet shade, and nothing of a fern', () => {
    expect(misfits(plant('lavandula-angustifolia-hidcote'), site).map((m) => m.want)).toEqual(['sun', 'water'])
    expect(misfits(plant('lavandula-angustifolia-hidcote'), { ...site, ph: 6.1 }).map((m) => m.want)).toEqual([
      'sun',
      'water',
      'ph',
    ])
    expect(misfits(plant('polystichum-acrostichoides'), site)).toEqual([])
  })
  it('asks no zone of annuals', () =>
    expect(misfits(plant('heliotropium-arborescens'), { ...site, sunHours: 6, water: 'average' })).toEqual([]))
  it('reads zones', () =>
    expect(['6b', '13A', '0', '14', 'six', ''].map(zoneNumber)).toEqual([6, 13, null, null, null, null]))
})

describe('searchPlants', () => {
  it('finds by the beginning of any word of either name', () => {
    expect(searchPlants(plants, { text: 'yew irish' }).map((p) => p.id)).toEqual(['taxus-baccata-fastigiata'])
    expect(searchPlants(plants, { text: 'ladys man' })[0]?.id).toBe('alchemilla-mollis')
  })
  it('finds nothing for words that are not plants, code included', () => {
    for (const text of ["'; DROP TABLE plant; --", '<script>', '.*', 'x'.repeat(10_000)])
      expect(searchPlants(plants, { text })).toEqual([])
  })
  it('each filter only ever narrows', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        (flowerMonth, maxHeightM) => {
          const both = searchPlants(plants, { flowerMonth, maxHeightM })
          const one = new Set(searchPlants(plants, { flowerMonth }))
          for (const p of both) {
            expect(one.has(p)).toBe(true)
            expect(Math.max(p.foliageHeightM, p.flowerHeightM)).toBeLessThanOrEqual(maxHeightM)
          }
        },
      ),
    )
  })
})

it('outlines stay within their spread at every height', () => {
  for (const habit of HABITS)
    for (let u = 0; u <= 1; u += 0.02) {
      expect(halfWidthAt(habit, u)).toBeGreaterThanOrEqual(0)
      expect(halfWidthAt(habit, u)).toBeLessThanOrEqual(1.03)
    }
})

describe('month spans', () => {
  it('name runs, gaps and the new year', () => {
    expect(monthSpan([6, 7, 8, 10])).toBe('Jun–Aug, Oct')
    expect(monthSpan([11, 12, 1])).toBe('Nov–Jan')
    expect(monthSpan([])).toBe('')
    expect(monthSpan([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])).toBe('all year')
  })
  it('have as many spans as months begin one, whatever the order', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { maxLength: 11 }), (months) => {
        const begins = months.filter((m) => !months.includes(m === 1 ? 12 : m - 1)).length
        expect(monthSpan(months) === '' ? 0 : monthSpan(months).split(', ').length).toBe(begins)
        expect(monthSpan([...months].reverse())).toBe(monthSpan(months))
      }),
    )
  })
})

describe('words for people', () => {
  it('every value of the library has one', () => {
    for (const p of plants) {
      expect(RETENTION_WORDS[p.retention]).toBeTruthy()
      const isHarmless = p.hazards.length === 0 && p.toxicity.livestock === 'none'
      expect(cautionWords(p) === '').toBe(isHarmless && p.invasiveNote === '' && p.legalNote === '')
      expect(cautionWords(p)).not.toContain('undefined')
    }
    expect(rangeWords('full-sun', 'part-shade')).toBe('full sun to part shade')
    expect(rangeWords('average', 'average')).toBe('average')
  })
})
