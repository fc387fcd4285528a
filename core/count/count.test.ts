import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Existing } from '../model'
import { drift, library, plant, plants, testBed } from '../../tests/support/library'
import { keyLetters } from './keyLetters'
import { schedule } from './schedule'

describe('keyLetters', () => {
  it('gives each plant a key of its own, the initial where it is free', () => {
    const keys = keyLetters(plants)
    expect(new Set(keys.values()).size).toBe(plants.length)
    expect(keyLetters([plant('taxus-baccata-fastigiata')]).get('taxus-baccata-fastigiata')).toBe('T')
    expect([...keyLetters([plant('hosta-halcyon'), plant('hosta-francee')]).values()]).toEqual(['H', 'O'])
  })
  it('keeps the keys of those before when one is added', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...plants), { minLength: 2, maxLength: 60, selector: (p) => p.id }),
        (list) => {
          const shorter = keyLetters(list.slice(0, -1))
          const longer = keyLetters(list)
          for (const [id, key] of shorter) expect(longer.get(id)).toBe(key)
        },
      ),
    )
  })
})

describe('schedule', () => {
  const bed = testBed({
    drifts: [
      drift('a', 'alchemilla-mollis', 2, 2, 5),
      drift('b', 'alchemilla-mollis', 2, 7, 3),
      drift('c', 'hosta-halcyon', 1, 4, 2),
      drift('d', 'lost-plant', 1, 6, 1),
    ],
    buying: [
      { plantId: 'alchemilla-mollis', size: '2 L', have: 3 },
      { plantId: 'hosta-halcyon', size: 'no such size', have: 99 },
    ],
  })
  it('adds up need, have, buy and money on paper', () => {
    const { lines, plants: count, total, missing } = schedule(bed, library)
    expect(lines.map((l) => [l.key, l.need, l.have, l.buy, l.size.label, l.total])).toEqual([
      ['A', 8, 3, 5, '2 L', 60],
      ['H', 2, 2, 0, '9 cm', 0],
    ])
    expect([count, total, missing]).toEqual([10, 60, ['lost-plant']])
  })
  it('keeps what is there by hand apart from what divisions free: another pot changes neither', () => {
    const old: Existing = {
      ...{ id: 'o', name: 'old mantle', plantId: 'alchemilla-mollis', x: 1, y: 1, heightM: 0.3, spreadM: 0.5 },
      ...({ condition: 'good', fate: 'divide', into: 4, note: '' } as const),
    }
    const divided = { ...bed, existing: [old] }
    const [line] = schedule(divided, library).lines
    expect([line!.haveByHand, line!.freed, line!.have]).toEqual([3, 3, 6])
    // As the Count screen writes it when another size is chosen.
    const again = { ...divided, buying: [{ plantId: 'alchemilla-mollis', size: '9 cm', have: line!.haveByHand }] }
    expect(schedule(again, library).lines[0]).toMatchObject({ haveByHand: 3, freed: 3, have: 6, buy: 2 })
  })
})
