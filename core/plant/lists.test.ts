import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plant, plants } from '../../tests/support/library'
import { changedPlant, plantsCsv, plantsJson, readPlantsJson } from './plantLists'
import { findPlants } from './findPlants'
import { readPlants } from './readPlants'
import { searchPlants } from './searchPlants'

it('spans are written so that a spreadsheet keeps them, and read both ways', () => {
  const csv = plantsCsv(plants.slice(0, 40))
  expect(csv.startsWith('\uFEFF')).toBe(true)
  expect(csv).toContain('5.5 to 7.8')
  expect(csv).not.toMatch(/(^|,)\d+[:-]\d+(,|\r)/m)
  const colons = readPlants(
    csv.replace(/(\d) to (\d)/g, (_, a: string, b: string) => `${a}:${b}`).replace(/(\d+):(\d+)(?=\|)/g, '$1-$2'),
  )
  const read = readPlants(csv)
  expect(read.ok && read.plants).toEqual(plants.slice(0, 40))
  expect(colons.ok || colons.errors.every((e) => e.column.endsWith('_months'))).toBe(true)
})

describe('plant lists', () => {
  it('go out and come back the same, as CSV and as JSON', () => {
    const csv = readPlants(plantsCsv(plants))
    expect(csv.ok && csv.plants).toEqual(plants)
    const json = readPlantsJson(plantsJson(plants.slice(0, 60)))
    expect(json.ok && json.plants).toEqual(plants.slice(0, 60))
  })
  it('of JSON name row and column of a fault, and refuse what is no list', () => {
    const rows = JSON.parse(plantsJson(plants.slice(0, 2))) as Record<string, unknown>[]
    rows[1]!.spread_m = 'wide'
    const read = readPlantsJson(JSON.stringify(rows))
    expect(!read.ok && read.errors[0]).toMatchObject({ row: 3, column: 'spread_m', came: 'wide' })
    for (const text of ['', '{', '{}', '[1]', 'null']) expect(readPlantsJson(text).ok).toBe(false)
  })
  it('a change of some cells holds or says why not, and never renames', () => {
    const base = plant('nepeta-x-faassenii')
    const taller = changedPlant(base, { flower_height_m: '0.9', botanical_name: 'Other' })
    expect(taller.ok && taller.plant).toMatchObject({
      id: base.id,
      botanicalName: base.botanicalName,
      flowerHeightM: 0.9,
    })
    const wrong = changedPlant(base, { zones: '9:3' })
    expect(!wrong.ok && wrong.error).toContain('zones')
  })
})

describe('search', () => {
  it('finds every plant by its own names, and by the beginning of a word', () => {
    fc.assert(
      fc.property(fc.constantFrom(...plants), (p) => {
        expect(findPlants(plants, p.commonName)).toContain(p.id)
        expect(findPlants(plants, p.botanicalName.split(' ')[0]!.slice(0, 5))).toContain(p.id)
      }),
      { numRuns: 80 },
    )
  })
  it('forgives a typing error, and puts the exact answer first', () => {
    expect(findPlants(plants, 'hydrangae')).toContain('hydrangea-quercifolia')
    expect(findPlants(plants, 'lavendar')).toContain('lavandula-angustifolia-hidcote')
    expect(findPlants(plants, 'catmint')[0]).toMatch(/^nepeta/)
    expect(findPlants(plants, "'; DROP TABLE own_plant; --")).toEqual([])
  })
  it('joins with the other filters', () => {
    const found = searchPlants(plants, { text: 'rose', fragrant: true, withoutHazards: true })
    expect(found.every((p) => p.fragrance !== 'none' && p.hazards.length === 0)).toBe(true)
  })
})
