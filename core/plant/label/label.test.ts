import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { deltaE } from '../../colour'
import { plants } from '../../../tests/support/library'
import { fullHeightM } from '../plant'
import { plantFromCells } from '../readPlants'
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
const LABELS: readonly (readonly [string, Readonly<Partial<Record<LabelField, string>>>])[] = [
  [
    '6-8 ft tall x 4 ft wide, full sun to part shade, USDA 5-9, lavender blue, July to Sept, deer resistant, 2 gal 24.99',
    {
      height: '6-8 ft',
      spread: '4 ft',
      light: 'full sun to part shade',
      zones: 'USDA 5-9',
      flowerColours: 'lavender blue',
      flowerMonths: 'July to Sept',
      leftBy: 'deer',
      sizes: '2 gal 24.99',
    },
  ],
  [
    'Nepeta racemosa ‘Snowflake’ – White Catmint. Height: 12-18". Spread: 18". Zones 4 through 8. Blooms: late ' +
      'spring to frost. Flower color: creamy white. Drought tolerant, deer & rabbit resistant. #1 container $14.99',
    {
      botanicalName: "Nepeta racemosa 'Snowflake'",
      commonName: 'White Catmint',
      height: '12-18"',
      spread: '18"',
      zones: 'Zones 4 through 8',
      flowerColours: 'creamy white',
      flowerMonths: 'late spring to frost',
      leftBy: 'deer, rabbits',
      sizes: '1 gal 14.99',
    },
  ],
  [
    "CARYOPTERIS × CLANDONENSIS 'HEAVENLY BLUE'  Bluebeard\nH 90cm x W 75 cm. Sun. Hardy to -15°C. Deep blue " +
      'flowers Aug–Sep. Silvery foliage. 3L £12.50',
    {
      botanicalName: "Caryopteris × clandonensis 'Heavenly Blue'",
      commonName: 'Bluebeard',
      height: '90cm',
      spread: '75 cm',
      zones: 'Hardy to -15°C',
      flowerColours: 'Deep blue',
      leafColour: 'Silvery',
      flowerMonths: 'Aug–Sep',
      sizes: '3 L 12.50',
    },
  ],
  [
    "Lavandula ang. 'Munstead' 9cm pot 2,95 €  Höhe 30-40 cm, Breite 40 cm, volle Sonne, Blüte Juni bis August, " +
      'winterhart bis -20 °C, violett',
    {
      botanicalName: "Lavandula angustifolia 'Munstead'",
      height: '30-40 cm',
      spread: '40 cm',
      light: 'volle Sonne',
      flowerMonths: 'Juni bis August',
      zones: 'winterhart bis -20 °C',
      flowerColours: 'violett',
      sizes: '9 cm 2.95',
    },
  ],
  [
    "Dwarf Mountain Pine (Pinus mugo) evergreen conifer, grows 3' to 4' tall and wide. Full sun. Zone 2.",
    {
      botanicalName: 'Pinus mugo',
      commonName: 'Dwarf Mountain Pine',
      kind: 'conifer',
      leaf: 'evergreen',
      height: "3' to 4'",
      spread: "3' to 4'",
      zones: 'Zone 2',
    },
  ],
  [
    "Echinacea 'Magnus'. Coneflower. Perennial. 26 in. high, 20 in. wide. Blooms July–September, purple-pink " +
      'flowers on dark stems. Well drained. Quart 9.99',
    {
      botanicalName: "Echinacea 'Magnus'",
      commonName: 'Coneflower',
      kind: 'perennial',
      height: '26 in',
      spread: '20 in',
      flowerColours: 'purple-pink',
      flowerMonths: 'July–September',
      water: 'Well drained',
      sizes: 'Quart 9.99',
    },
  ],
  [
    "Physocarpus opulifolius 'Diabolo' 8-10' x 8', burgundy foliage, white-pink flowers in June, zones 3-7, sun, 3 gal $39.95",
    {
      height: "8-10'",
      spread: "8'",
      leafColour: 'burgundy',
      flowerColours: 'white, pink',
      flowerMonths: 'June',
      zones: 'zones 3-7',
      sizes: '3 gal 39.95',
    },
  ],
  [
    'Sporobolus heterolepis\nPrairie Dropseed\nOrnamental grass; 24–36 in tall, spacing 24 in; sun; dry to average',
    {
      botanicalName: 'Sporobolus heterolepis',
      commonName: 'Prairie Dropseed',
      kind: 'grass',
      height: '24–36 in',
      spread: '24 in',
      water: 'dry to average',
    },
  ],
  [
    'Gomphostigma virgatum, River stars. Evergreen shrub 1.5 m x 1 m, white flowers summer, moist soil, frost hardy to -8 °C. 5L $18.00',
    {
      botanicalName: 'Gomphostigma virgatum',
      commonName: 'River stars',
      kind: 'shrub',
      leaf: 'evergreen',
      height: '1.5 m',
      spread: '1 m',
      flowerColours: 'white',
      flowerMonths: 'summer',
      water: 'moist',
      sizes: '5 L 18.00',
    },
  ],
  [
    "Rosa 'Madame Hardy' damask rose, 1.5m x 1.2m, white, very fragrant, June-July",
    {
      botanicalName: "Rosa 'Madame Hardy'",
      height: '1.5m',
      spread: '1.2m',
      flowerColours: 'white',
      scent: 'strong',
      flowerMonths: 'June-July',
    },
  ],
  [
    'Heuchera villosa Autumn Bride, 18 inches, white flowers in September, part shade to full shade, zones 3-8, semi-evergreen',
    {
      botanicalName: "Heuchera villosa 'Autumn Bride'",
      leaf: 'semi-evergreen',
      height: '18 inches',
      light: 'part shade to full shade',
      flowerMonths: 'September',
    },
  ],
  [
    'moss phlox, 6" tall 24" wide, sun, pink flowers April-May',
    { commonName: 'moss phlox', height: '6"', spread: '24"', flowerColours: 'pink', flowerMonths: 'April-May' },
  ],
  [
    'Lonicera ligustrina var. pileata (Box-leaved honeysuckle). Evergreen, spreading shrub: 60 x 150 cm. Sun or shade.',
    {
      botanicalName: 'Lonicera ligustrina var. pileata',
      kind: 'shrub',
      leaf: 'evergreen',
      height: '60 cm',
      spread: '150 cm',
      light: 'Sun or shade',
    },
  ],
  [
    "Salvia nemorosa 'Caradonna' | height 50cm | width 45cm | full sun | H7 | Jun-Oct | violet-blue | P9 4.20",
    {
      height: '50cm',
      spread: '45cm',
      zones: 'H7',
      flowerMonths: 'Jun-Oct',
      flowerColours: 'violet-blue',
      sizes: '9 cm 4.20',
    },
  ],
  [
    "Hosta 'Halcyon', 1 1/2 ft tall by 2½ ft wide, blue-grey leaves, shade",
    { height: '1 1/2 ft', spread: '2½ ft', leafColour: 'blue-grey', light: 'shade' },
  ],
  [
    "Clematis 'Jackmanii', climber to 10 ft, violet flowers July to September, full sun, cool roots",
    { kind: 'climber', height: '10 ft', flowerColours: 'violet', light: 'full sun' },
  ],
  [
    'Origanum vulgare ssp. hirtum, Greek oregano, 18in x 18in, full sun, dry, white flowers in July',
    {
      botanicalName: 'Origanum vulgare subsp. hirtum',
      commonName: 'Greek oregano',
      height: '18in',
      spread: '18in',
      water: 'dry',
    },
  ],
  [
    'Sanguisorba canadensis L., Canadian burnet, perennial, 4 to 5 ft, moist to wet, white bottlebrushes August–October, part sun',
    {
      botanicalName: 'Sanguisorba canadensis',
      commonName: 'Canadian burnet',
      height: '4 to 5 ft',
      water: 'moist to wet',
      light: 'part sun',
    },
  ],
  [
    'Acer griseum (Franch.) Pax – paperbark maple – small tree, 20-30 ft high, 15-25 ft wide, zone 4 to 8, orange-red fall color',
    {
      botanicalName: 'Acer griseum',
      commonName: 'paperbark maple',
      kind: 'tree',
      height: '20-30 ft',
      spread: '15-25 ft',
      zones: 'zone 4 to 8',
    },
  ],
  [
    'Zinnia elegans, annual, mixed red, orange and pink, 75 cm, June to frost, 6 pack 3.99',
    {
      kind: 'annual',
      flowerColours: 'red, orange, pink',
      height: '75 cm',
      flowerMonths: 'June to frost',
      sizes: '6 pack 3.99',
    },
  ],
]

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
