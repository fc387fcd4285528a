import { describe, expect, it } from 'vitest'
import { library, plants as rows } from '../../tests/support/library'
import { fullHeightM } from './plant'
import { readPlants } from './readPlants'
import { fillShortList, guessShortColumns, isWholeList } from './shortLists'

const table = (headings: readonly string[], ...rows: readonly (readonly string[])[]) => ({
  headings,
  rows: rows.map((cells, i) => ({ line: i + 2, cells })),
})
const fill = (t: ReturnType<typeof table>) => fillShortList(t, guessShortColumns(t.headings), rows)
const read = (csv: string) => {
  const plants = readPlants(csv)
  if (!plants.ok) throw new Error(plants.errors[0]!.expected)
  return plants.plants
}

describe('a plant list of few columns', () => {
  it('is filled from the library; what it says stands', () => {
    const list = table(
      ['Botanical name', 'Height (cm)', 'Width', 'Flowering', 'Zone'],
      ['Nepeta x faassenii', '40-60', '0,5 m', 'Jun–Sep', '4 to 8'],
      ["Hosta 'Halcyon'", '', '', '', ''],
    )
    const { csv, known, leaning, errors } = fill(list)
    expect([known, leaning, errors]).toEqual([2, [], []])
    const [nepeta, hosta] = read(csv)
    expect(nepeta).toMatchObject({
      heightRange: { least: 0.4, most: 0.6 },
      spreadM: 0.5,
      flowerMonths: [6, 7, 8, 9],
      zones: { coldest: 4, warmest: 8 },
    })
    const own = library.get('nepeta-x-faassenii')!
    expect(fullHeightM(nepeta!)).toBeCloseTo(0.5, 3)
    expect(nepeta!.foliageHeightM).toBeCloseTo((own.foliageHeightM / own.flowerHeightM) * 0.5, 3)
    expect(nepeta!.habit).toBe(own.habit)
    expect(hosta).toEqual(library.get('hosta-halcyon'))
  })
  it('an unknown cultivar leans on its species and says so; what cannot be read is an error with its line', () => {
    const { csv, leaning, errors } = fill(
      table(
        ['Plant', 'Common name', 'Height'],
        ["Nepeta × faassenii 'Harbour'", 'harbour catmint', ''],
        ['Nepeta racemosa', '', 'knee high'],
      ),
    )
    expect(leaning).toEqual([
      { name: "Nepeta × faassenii 'Harbour'", on: library.get('nepeta-x-faassenii')!.botanicalName },
    ])
    expect(read(csv)[0]).toMatchObject({ id: 'nepeta-x-faassenii-harbour', commonName: 'harbour catmint' })
    expect(errors).toEqual([
      { row: 3, column: 'Height', came: 'knee high m', expected: expect.stringContaining('1.2 m') as string },
    ])
  })
  it('a list of common names alone is found too, and heights without a unit are told by their size', () => {
    const common = library.get('nepeta-x-faassenii')!.commonName
    const { csv } = fill(
      table(['Common', 'Höhe'], [common, '45'], [library.get('hosta-halcyon')!.commonName, '40']),
    )
    expect(read(csv).map(fullHeightM)).toEqual([0.45, 0.4])
  })
  it('columns mapped before hold', () => {
    const headings = ['A', 'Plant', 'B']
    expect(guessShortColumns(headings, { botanicalName: 'A' })).toEqual({ botanicalName: 'A' })
    expect(isWholeList(headings)).toBe(false)
  })

  /** Lists as nurseries and clubs send them: headings, a row, and what must stand in the plant. */
  const LISTS: readonly (readonly [
    string,
    readonly string[],
    readonly string[],
    Readonly<Record<string, unknown>>,
  ])[] = [
    [
      'feet',
      ['Botanical Name', 'Height', 'Spread'],
      ['Nepeta × faassenii', '3 ft', '36 in'],
      { spreadM: 0.9144, heightRange: null },
    ],
    ['inch signs', ['Name', 'Ht', 'Width'], ['Nepeta x faassenii', '18"', '1\' 6"'], { spreadM: 0.4572 }],
    [
      'feet in the heading',
      ['Latin name', 'Height (ft)', 'Spread (in)'],
      ['Nepeta x faassenii', '1.5', '20'],
      { spreadM: 0.508 },
    ],
    [
      'three columns',
      ['Genus', 'Species', 'Cultivar', 'Zone'],
      ['Salvia', 'nemorosa', 'Caradonna', '4-8'],
      { botanicalName: "Salvia nemorosa 'Caradonna'", zones: { coldest: 4, warmest: 8 } },
    ],
    [
      'sizes as columns',
      ['Plant', '9 cm', '2 L'],
      ['Nepeta x faassenii', '3.50', '€ 8,90'],
      {
        sizes: [
          { label: '9 cm', price: 3.5 },
          { label: '2 L', price: 8.9 },
        ],
      },
    ],
    [
      'authors',
      ['Species', 'Common'],
      ['Veronicastrum virginicum (L.) Farw.', "Culver's root"],
      { botanicalName: 'Veronicastrum virginicum' },
    ],
    [
      'ssp.',
      ['Plant name', 'Height cm'],
      ['Origanum vulgare ssp. hirtum', '45'],
      { botanicalName: 'Origanum vulgare subsp. hirtum' },
    ],
    [
      'cut names',
      ['Sorte', 'Höhe (cm)', 'Breite (cm)'],
      ["Lavandula ang. 'Munstead'", '30-40', '40'],
      { botanicalName: "Lavandula angustifolia 'Munstead'", spreadM: 0.4 },
    ],
    [
      'colour and light',
      ['Plant', 'Colour', 'Light', 'Bloom'],
      ['Salvia nemorosa', 'deep violet', 'full sun', 'June–Sept'],
      { sun: { brightest: 'full-sun', darkest: 'full-sun' }, flowerMonths: [6, 7, 8, 9] },
    ],
    [
      'trade words',
      ['Item', 'Plant name', 'Price'],
      ['10023', "Echinacea purpurea 'Magnus' PP12345 #1", '$11.99'],
      { botanicalName: "Echinacea purpurea 'Magnus'" },
    ],
    [
      'unknown genus, its kind told',
      ['Plant', 'Type', 'Height'],
      ['Gomphostigma virgatum', 'evergreen shrub', '1.5 m'],
      { kind: 'shrub', retention: 'evergreen' },
    ],
    ['unknown genus, by its size', ['Plant', 'Height (m)'], ['Gomphostigma virgatum', '1.5'], { kind: 'shrub' }],
  ]
  it.each(LISTS)('reads a list with %s', (_, headings, row, wanted) => {
    const { csv, errors } = fill(table(headings, row))
    expect(errors).toEqual([])
    expect(read(csv)[0]).toMatchObject(wanted)
  })
  it('does not take a shrub for a climber of its genus', () => {
    const { csv } = fill(table(['Plant', 'Height', 'Width'], ['Lonicera ligustrina', '1 m', '1.5 m']))
    expect(read(csv)[0]!.kind).not.toBe('climber')
  })
})
