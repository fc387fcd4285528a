import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { deltaE } from '../../colour'
import { plants } from '../../../tests/support/library'
import { cautionWords, isSafetyKnown } from '../cautions'
import { fullHeightM } from '../plant'
import { plantFromCells } from '../readPlants'
import { searchPlants } from '../searchPlants'
import { plantOfLabel } from './labelPlant'
import { lengthsIn } from './lengthsIn'
import { monthsIn } from './monthsIn'
import { knownNames } from './namesIn'
import { nearestRelative } from './nearestRelative'
import { LABEL_FIELDS, readLabel, type LabelField } from './readLabel'

const known = knownNames(plants.flatMap((p) => [p.botanicalName, ...p.synonyms]))
const context = { units: 'imperial' as const, southern: false, known }
const textsOf = (label: string) =>
  Object.fromEntries(Object.entries(readLabel(label, context)).map(([field, r]) => [field, r.text]))
const plantOf = (label: string) => {
  const { cells, faults } = plantOfLabel(textsOf(label), plants, context)
  if (!cells) throw new Error(`${label}: ${JSON.stringify(faults)}`)
  return plantFromCells(cells)
}

/** Labels as they hang on pots and stand on pages, with what a gardener reads there. */
const LABELS = JSON.parse(readFileSync(new URL('../../../tests/support/labels.json', import.meta.url), 'utf8')) as [
  string,
  Partial<Record<LabelField, string>>,
][]

describe('the text of a label', () => {
  it.each(LABELS)('%s', (label, wanted) => {
    expect(textsOf(label)).toMatchObject(wanted)
  })
  it('makes a plant that stands in its own figures, the rest borrowed and said so', () => {
    for (const [label] of LABELS.filter(([, w]) => w.botanicalName)) {
      const p = plantOf(label)
      expect(p.source, label).toBe('list')
      if (p.borrowed) {
        expect(p.borrowed.columns).toContain('ph')
        expect(p.borrowed.columns).not.toContain('botanical_name')
      }
    }
    const catmint = plantOf(LABELS[1]![0])
    expect(fullHeightM(catmint)).toBeCloseTo(0.381, 3)
    expect(catmint).toMatchObject({
      spreadM: 0.4572,
      zones: { coldest: 4, warmest: 8 },
      flowerMonths: [5, 6, 7, 8, 9, 10],
      drought: 'high',
      deer: 'resists',
      borrowed: { from: expect.stringContaining('Nepeta') },
    })
    expect(catmint.heightRange!.least).toBeCloseTo(0.3048, 4)
    expect(catmint.heightRange!.most).toBeCloseTo(0.4572, 4)
    expect(deltaE(catmint.flowerColour!, '#f5efd8')).toBeLessThan(6)
    expect(plantOf(LABELS[19]![0]).moreFlowerColours).toHaveLength(2)
  })
  it('doubts what it guesses', () => {
    const read = readLabel('Gomphostigma virgatum, 1.5 m, white', context)
    expect(read.botanicalName!.doubt).not.toBe('')
    expect(read.height!.doubt).not.toBe('')
    expect(read.flowerColours!.doubt).not.toBe('')
    expect(readLabel("Nepeta racemosa 'Walker', height 2 ft, white flowers", context)).toMatchObject({
      botanicalName: { doubt: '' },
      height: { doubt: '' },
      flowerColours: { doubt: '' },
    })
  })
  it('reads anything without falling, and shows only what stands there', () => {
    const words = [
      '6 ft',
      'tall',
      'x',
      'Rosa',
      "'",
      'zones 5-9',
      'pink',
      '£4',
      'May',
      '½',
      '\n',
      'moist',
      '#1',
      '.',
      'sun',
      '((',
      '1/0',
    ]
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 200 }),
          fc.array(fc.constantFrom(...words)).map((w) => w.join(' ')),
        ),
        (text) => {
          for (const [field, r] of Object.entries(readLabel(text, context))) {
            expect(LABEL_FIELDS).toContain(field)
            expect(r.start).toBeGreaterThanOrEqual(0)
            expect(r.end).toBeLessThanOrEqual(text.length)
            expect(r.start).toBeLessThan(r.end)
          }
        },
      ),
    )
  })
})

describe('what a form says', () => {
  it('reads every whole inch and foot exactly', () => {
    for (let inches = 1; inches <= 240; inches++)
      for (const text of [`${inches} in`, `${inches}"`, `${Math.floor(inches / 12)}' ${inches % 12}"`]) {
        const [said] = lengthsIn(text, 'metric')
        expect(said?.mostM, text).toBeCloseTo(inches * 0.0254, 9)
      }
    for (let inches = 3; inches <= 141; inches++) {
      const { cells } = plantOfLabel(
        { botanicalName: 'Nepeta racemosa', kind: 'perennial', height: `${inches} in`, spread: `${inches}"` },
        plants,
        context,
      )
      expect(fullHeightM(plantFromCells(cells!)), String(inches)).toBeCloseTo(inches * 0.0254, 3)
    }
  })
  it('takes a range either way round and with one unit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 1, max: 90 }),
        fc.constantFrom('-', '–', ' to '),
        (a, b, by) => {
          const [said] = lengthsIn(`${a}${by}${b} in`, null)
          expect(said!.leastM).toBeCloseTo(Math.min(a, b) * 0.0254, 9)
          expect(said!.mostM).toBeCloseTo(Math.max(a, b) * 0.0254, 9)
        },
      ),
    )
  })
  it('turns months of the place in the south, seasons never', () => {
    expect(monthsIn('December to February', true)[0]!.months).toEqual([6, 7, 8])
    expect(monthsIn('summer', true)[0]!.months).toEqual([6, 7, 8])
    expect(monthsIn('6-9', false, true)[0]!.months).toEqual([6, 7, 8, 9])
    expect(monthsIn('may reach 6 ft', false)).toEqual([])
    expect(monthsIn('May and June', false).map((m) => m.months)).toEqual([[5], [6]])
  })
  it('says what it cannot read, by field, and what to write', () => {
    const { cells, faults } = plantOfLabel(
      { botanicalName: 'Nepeta racemosa', height: 'knee', flowerColours: 'nice', zones: 'cold' },
      plants,
      context,
    )
    expect(cells).toBeNull()
    expect(Object.keys(faults).sort()).toEqual(['flowerColours', 'height', 'zones'])
    expect(faults.height).toContain('3 ft')
    expect(plantOfLabel({}, plants, context).faults.botanicalName).toBeDefined()
  })
})

describe('safety', () => {
  it('of a plant that leans on another genus is not known, told so, and never passes for harmless', () => {
    const stranger = plantOf('Gomphostigma virgatum, evergreen shrub 1.5 m x 1 m, white flowers in summer')
    expect(isSafetyKnown(stranger)).toBe(false)
    expect(cautionWords(stranger)).toContain('nobody has said')
    expect(searchPlants([stranger], { safeFor: ['people'] })).toEqual([])
    expect(searchPlants([stranger], { withoutHazards: true })).toEqual([])
    expect(isSafetyKnown(plantOf("Nepeta racemosa 'Walker', 18 in, violet flowers"))).toBe(true)
  })
})

describe('the nearest relative', () => {
  it('agrees in kind and habit before genus', () => {
    const shrub = nearestRelative(plants, {
      botanicalName: 'Lonicera ligustrina',
      kind: 'shrub',
      retention: 'evergreen',
      heightM: 1,
      spreadM: 1.5,
    })
    expect(shrub!.plant.kind).not.toBe('climber')
    const sized = nearestRelative(plants, { botanicalName: 'Lonicera ligustrina', heightM: 1, spreadM: 1.5 })
    expect(sized?.plant.kind).not.toBe('climber')
  })
  it('takes one of the kind and size for a genus that nobody knows, and nothing without a kind', () => {
    const found = nearestRelative(plants, {
      botanicalName: 'Gomphostigma virgatum',
      kind: 'shrub',
      retention: 'evergreen',
      heightM: 1,
    })
    expect(found).toMatchObject({ by: 'kind', plant: { kind: 'shrub' } })
    expect(found!.plant.retention).toMatch(/evergreen/)
    expect(fullHeightM(found!.plant)).toBeGreaterThan(0.6)
    expect(fullHeightM(found!.plant)).toBeLessThan(1.6)
    expect(nearestRelative(plants, { botanicalName: 'Gomphostigma virgatum' })).toBeNull()
  })
  it('finds each plant of the library by its own name', () => {
    for (const p of plants) expect(nearestRelative(plants, { botanicalName: p.botanicalName })!.plant.id).toBe(p.id)
  })
})
