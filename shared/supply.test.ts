import { describe, expect, it } from 'vitest'
import { type Supply, supplySchema } from '../core/model'
import { sendTicksSchema, describeIssues } from './wire'
import { EMPTY_SUPPLY, withLine } from '../core/count'

const line = (change: Parameters<typeof withLine>[2]): Supply => withLine(EMPTY_SUPPLY, 'hosta-halcyon', change)
const fault = (value: unknown) => {
  const read = supplySchema.safeParse(value)
  return read.success ? '' : describeIssues(read.error)
}

describe('a supply on the wire', () => {
  it('reads back as it was', () => {
    const full = line({
      have: { bench: 3, kept: 1, selfSown: 0 },
      price: 4.2,
      wanted: '2026-05-08',
      notFound: true,
      reserved: { fillerId: '', askAgain: '' },
    })
    expect(supplySchema.parse(JSON.parse(JSON.stringify(full)))).toEqual(full)
  })
  it.each([
    [line({ price: -1 }), 'A price cannot be negative.'],
    [line({ wanted: '2026-02-30' }), 'A day such as 2026-05-08'],
    [line({ spareShare: 2 }), 'A share is at most 1.'],
    [line({ have: { bench: 1.5, kept: 0, selfSown: 0 } }), 'Pieces are whole.'],
    [{ ...EMPTY_SUPPLY, works: { ...EMPTY_SUPPLY.works, people: 0 } }, 'At least one person.'],
    [{ ...EMPTY_SUPPLY, works: { ...EMPTY_SUPPLY.works, days: [] } }, 'At least one day of the week.'],
    [{ ...EMPTY_SUPPLY, money: { ...EMPTY_SUPPLY.money, taxPercent: 120 } }, 'Tax is at most 100 %.'],
  ])('says what is wrong: %#', (value, words) => expect(fault(value)).toContain(words))
})

it('ticks need a place, a kind of tick and a time', () => {
  const tick = {
    bedId: 'b',
    plant: 'd#1',
    plantId: 'hosta-halcyon',
    what: 'planted',
    value: 'yes',
    at: '2026-05-08T10:15:00Z',
    device: 'one',
  }
  expect(sendTicksSchema.safeParse({ ticks: [tick] }).success).toBe(true)
  for (const wrong of [{ at: 'noon' }, { what: 'eaten' }, { plantId: 'Not An Id' }])
    expect(sendTicksSchema.safeParse({ ticks: [{ ...tick, ...wrong }] }).success).toBe(false)
})
