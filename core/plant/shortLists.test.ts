import { describe, expect, it } from 'vitest'
import { library } from '../../tests/support/library'
import { readPlants } from './readPlants'
import { fillShortList, guessShortColumns, isWholeList } from './shortLists'

const table = (headings: readonly string[], ...rows: readonly (readonly string[])[]) => ({
  headings,
  rows: rows.map((cells, i) => ({ line: i + 2, cells })),
})
const fill = (t: ReturnType<typeof table>) => fillShortList(t, guessShortColumns(t.headings), library.values())
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
      foliageHeightM: 0.6,
      spreadM: 0.5,
      flowerMonths: [6, 7, 8, 9],
      zones: { coldest: 4, warmest: 8 },
    })
    const own = library.get('nepeta-x-faassenii')!
    expect(nepeta!.flowerHeightM).toBeCloseTo((own.flowerHeightM / own.foliageHeightM) * 0.6, 2)
    expect(nepeta!.habit).toBe(own.habit)
    expect(hosta).toEqual(library.get('hosta-halcyon'))
  })
  it('an unknown cultivar leans on its species and says so; an unknown genus is an error with its line', () => {
    const { csv, leaning, errors } = fill(
      table(['Plant', 'Common name'], ["Nepeta × faassenii 'Harbour'", 'harbour catmint'], ['Nonsensia alba', '']),
    )
    expect(leaning).toEqual([
      { name: "Nepeta × faassenii 'Harbour'", on: library.get('nepeta-x-faassenii')!.botanicalName },
    ])
    expect(read(csv)[0]).toMatchObject({ id: 'nepeta-x-faassenii-harbour', commonName: 'harbour catmint' })
    expect(errors).toEqual([
      { row: 3, column: 'Plant', came: 'Nonsensia alba', expected: expect.stringContaining('genus') as string },
    ])
  })
  it('a list of common names alone is found too, and heights without a unit are told by their size', () => {
    const common = library.get('nepeta-x-faassenii')!.commonName
    const { csv } = fill(
      table(['Common', 'Höhe'], [common, '45'], [library.get('hosta-halcyon')!.commonName, '40']),
    )
    expect(read(csv).map((p) => p.foliageHeightM)).toEqual([0.45, 0.4])
  })
  it('columns mapped before hold', () => {
    const headings = ['A', 'Plant', 'B']
    expect(guessShortColumns(headings, { botanical_name: 'A' })).toEqual({ botanical_name: 'A' })
    expect(isWholeList(headings)).toBe(false)
  })
})
