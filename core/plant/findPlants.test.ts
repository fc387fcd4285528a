import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { library, plants } from '../../tests/support/library'
import { findPlants } from './findPlants'

const first = (text: string) => library.get(findPlants(plants, text)[0] ?? '')?.botanicalName ?? ''
/** `everyday name = how the botanical name of the first found begins`, several with `|` between. */
const NAMES = readFileSync(new URL('../../tests/support/everydayNames.txt', import.meta.url), 'utf8')
  .trim()
  .split('\n')
  .map((line) => line.split(' = ') as [string, string])

describe('finding plants by their names', () => {
  it('answers an everyday name with the right plant first, in 98 of 100', () => {
    expect(NAMES.length).toBeGreaterThan(600)
    const wrong = NAMES.filter(([name, wanted]) => !wanted.split('|').some((w) => first(name).startsWith(w)))
    expect(wrong.length / NAMES.length, JSON.stringify(wrong)).toBeLessThan(0.02)
  })
  it('does not answer a name of one plant with another', () => {
    for (const name of ['moss pink', 'moss phlox']) expect(first(name)).toBe('Phlox subulata')
    expect(first('holly')).toMatch(/^Ilex/)
    expect(findPlants(plants, 'zzyzx')).toEqual([])
  })
  it('takes words joined or apart, singular or plural, in either spelling, with or without accents', () => {
    for (const [a, b] of [
      ['switchgrass', 'switch grass'],
      ['daylily', 'Day Lilies'],
      ['grey-headed coneflower', 'gray headed coneflowers'],
      ['smokebush', 'smoke bush'],
      ["lamb's ears", 'lambs ear'],
    ] as const)
      expect(first(a), a).toBe(first(b))
  })
  it('finds each plant first by its own botanical name, and by former ones', () => {
    for (const p of plants) expect(first(p.botanicalName)).toBe(p.botanicalName)
    expect(first('Perovskia atriplicifolia')).toBe('Salvia yangii')
    expect(first('Aster novae-angliae')).toMatch(/^Symphyotrichum novae-angliae/)
  })
  it('forgives a letter in five where nothing bears the name as it was written', () => {
    expect(first('lavendar')).toMatch(/^Lavandula/)
    expect(first('Hydrangia')).toMatch(/^Hydrangea/)
  })
})
