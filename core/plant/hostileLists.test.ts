import { describe, expect, it } from 'vitest'
import { libraryCsv } from '../../tests/support/library'
import { describeRowError, MOST_PLANTS, readPlants, readPlantsJson } from './index'

const [header = '', first = ''] = libraryCsv.split('\n')

describe('a list that is made to be slow', () => {
  it.each([
    ['1.8 million lines of one letter', () => 'x\n'.repeat(1_800_000)],
    ['a header and a million empty-handed rows', () => `${header}\n${'x\n'.repeat(1_000_000)}`],
    ['a million columns', () => `${'x,'.repeat(1_000_000)}\n1\n`],
    ['a quote that is never closed', () => `${header}\n"${'x\n'.repeat(500_000)}`],
  ])('%s: refused with a few words', (_, text) => {
    const read = readPlants(text())
    expect(read.ok).toBe(false)
    if (read.ok) return
    expect(read.errors.length).toBeLessThanOrEqual(200)
    expect(describeRowError(read.errors[0]!).length).toBeLessThan(600)
  })

  it('a JSON list of empty plants names the first faults and stops', () => {
    const read = readPlantsJson(`[${Array.from({ length: 300_000 }, () => '{}').join(',')}]`)
    expect(read.ok).toBe(false)
    if (read.ok) return
    expect(read.errors).toHaveLength(200)
    expect(read.errors[0]).toMatchObject({ row: 2 })
  })

  it('more plants than anybody keeps are to be split', () => {
    const rows = Array.from({ length: MOST_PLANTS + 1 }, (_, i) => first.replace(/^[^,]+/, `Rosa numerata ${i}`))
    const read = readPlants([header, ...rows].join('\n'))
    expect(!read.ok && describeRowError(read.errors[0]!)).toMatch(/at most 5000: split it/)
  })

  it('an object in place of a text is no text', () => {
    const read = readPlantsJson('[{"botanical_name": {"toString": 1}, "common_name": ["rose"]}]')
    expect(!read.ok && read.errors.some((e) => e.column === 'botanical_name')).toBe(true)
  })
})
