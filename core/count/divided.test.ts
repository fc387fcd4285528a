import { expect, it } from 'vitest'
import { drift, library, testBed } from '../../tests/support/library'
import { EMPTY_SUPPLY, gardenCount } from '.'

it('divisions are drawn and counted, and nothing of them is bought', () => {
  const SAGE = 'salvia-nemorosa-ostfriesland'
  const supply = { ...EMPTY_SUPPLY, spares: { plug: 0, small: 0, pot: 0, large: 0, bulb: 0 } }
  const count = (drifts: Parameters<typeof testBed>[0]) =>
    gardenCount({ beds: [{ id: 'b', bed: testBed(drifts) }], library, supply }).lines.reduce(
      (n, l) => ({ need: n.need + l.need, buy: n.buy + l.buy, freed: n.freed + l.freed }),
      { need: 0, buy: 0, freed: 0 },
    )
  const mother = drift('a', SAGE, 0, 2, 5)
  const alone = count({ drifts: [mother] })
  const both = count({ drifts: [mother, drift('b', SAGE, 0, 5, 3, { plantedYear: 3, dividedFrom: 'a' })] })
  expect(both.need).toBe(alone.need + 3)
  expect(both.freed).toBe(3)
  expect(both.buy).toBe(alone.buy)
})
