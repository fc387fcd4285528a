import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Order } from '../model'
import { drift, library, plant, testBed } from '../../tests/support/library'
import { gardenCount, type CountScope } from './gardenCount'
import { keyLetters } from './keyLetters'
import { phaseOf } from './phaseOf'
import { inPacks, sizeFigures, sparesFor } from './sizeClass'
import { EMPTY_SUPPLY, withLine } from './supply'

const front = testBed({
  drifts: [drift('a', 'alchemilla-mollis', 2, 2, 21), drift('b', 'hosta-halcyon', 1, 4, 5)],
  buying: [{ plantId: 'alchemilla-mollis', size: '9 cm', have: 4 }],
})
const step = testBed({ drifts: [drift('c', 'hosta-halcyon', 1, 4, 7), drift('d', 'lost-plant', 1, 6, 1)] })
const beds = [
  { id: 'front', bed: front },
  { id: 'step', bed: step },
]
const order = (line: Partial<Order['lines'][number]>, state: Order['state'] = 'confirmed'): Order => ({
  ...{ id: 'o', supplierId: 's', state, made: '2026-03-01', wanted: '' },
  lines: [
    {
      ...{
        plantId: 'hosta-halcyon',
        size: '9 cm',
        count: 13,
        price: 8,
        confirmed: null,
        expected: '',
        offeredId: '',
      },
      ...{ received: 0, wrongKind: 0, wrongColour: 0, poorRoot: 0, note: '' },
      ...line,
    },
  ],
})
const count = (supply = EMPTY_SUPPLY, scope?: CountScope) => gardenCount({ beds, library, supply }, scope)
const hosta = (supply = EMPTY_SUPPLY) => count(supply).lines.find((l) => l.plant.id === 'hosta-halcyon')!

describe('gardenCount', () => {
  it('adds up the beds on paper: drawn, spares of 9 cm, what is there, what is bought', () => {
    const { lines, missing, plants } = count()
    // 21 mantle: 5 % spare is 1.05, so 2; 4 are there: 19 to buy. 12 hosta: 0.6, so 1; 13 to buy.
    expect(lines.map((l) => [l.key, l.need, l.spare, l.used, l.buy])).toEqual([
      ['A', 21, 2, 4, 19],
      ['H', 12, 1, 0, 13],
    ])
    expect([plants, missing]).toEqual([33, ['lost-plant']])
  })

  it('parts of a garden add up to the whole', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 }), (bench, kept) => {
        const supply = withLine(EMPTY_SUPPLY, 'hosta-halcyon', { have: { bench, kept, selfSown: 0 } })
        const whole = count(supply)
        const parts = ['front', 'step'].map((bedId) => count(supply, { bedId }))
        const sum = (of: (l: (typeof whole.lines)[number]) => number) =>
          parts.reduce((n, p) => n + p.lines.reduce((m, l) => m + of(l), 0), 0)
        expect(sum((l) => l.need)).toBe(whole.plants)
        expect(sum((l) => l.used)).toBe(whole.lines.reduce((n, l) => n + Math.min(l.used, l.need), 0))
      }),
    )
  })

  it('says how far a line has come', () => {
    expect(hosta().state).toBe('to buy')
    expect(hosta({ ...EMPTY_SUPPLY, orders: [order({}, 'asked')] }).state).toBe('asked')
    expect(hosta({ ...EMPTY_SUPPLY, orders: [order({}, 'ordered')] }).state).toBe('ordered')
    expect(hosta({ ...EMPTY_SUPPLY, orders: [order({ confirmed: 13 })] }).state).toBe('confirmed')
    expect(hosta({ ...EMPTY_SUPPLY, orders: [order({ confirmed: 13, received: 13 }, 'delivered')] }).state).toBe(
      'received',
    )
    expect(hosta(withLine(EMPTY_SUPPLY, 'hosta-halcyon', { way: 'seed' }))).toMatchObject({
      state: 'to raise',
      buy: 0,
    })
  })

  it('short by six of thirteen: the spare is lost first, five places stay open', () => {
    const short = { ...EMPTY_SUPPLY, orders: [order({ confirmed: 7 })] }
    expect(hosta(short)).toMatchObject({ open: 5, state: 'short' })
    const delivered = {
      ...EMPTY_SUPPLY,
      orders: [order({ confirmed: 13, received: 7, wrongColour: 4, poorRoot: 2 }, 'delivered')],
    }
    expect(hosta(delivered)).toMatchObject({ open: 5, state: 'short' })
    expect(hosta(delivered).ordered).toMatchObject({ wrong: 4, poor: 2, short: 6 })
  })

  it('what cannot be had leaves its places open, or keeps them', () => {
    const gone = withLine(EMPTY_SUPPLY, 'hosta-halcyon', { notFound: true })
    expect(hosta(gone)).toMatchObject({ open: 12, state: 'not found' })
    const kept = withLine(gone, 'hosta-halcyon', { reserved: { fillerId: '', askAgain: '2027-03-01' } })
    expect(hosta(kept).state).toBe('reserved')
  })

  it('planted by the ticks', () => {
    const planted = new Map([['hosta-halcyon', 12]])
    const line = gardenCount({ beds, library, supply: EMPTY_SUPPLY, planted }).lines.find((l) => l.key === 'H')
    expect(line).toMatchObject({ planted: 12, state: 'planted' })
  })
})

describe('letters that stand on papers', () => {
  it('stay with their kind, and go to no other, whatever comes to the plan before it', () => {
    const issued = new Map([['hosta-halcyon', 'A']])
    const keys = keyLetters([plant('alchemilla-mollis'), plant('hosta-halcyon'), plant('hosta-francee')], issued)
    expect(keys.get('hosta-halcyon')).toBe('A')
    expect(keys.get('alchemilla-mollis')).not.toBe('A')
    expect(new Set(keys.values()).size).toBe(3)
  })
})

describe('sizes as nurseries write them', () => {
  it.each([
    ['9 cm', 'small', 1],
    ['2 L', 'pot', 1],
    ['10 L', 'large', 1],
    ['25 bulbs', 'bulb', 25],
    ['plug', 'plug', 1],
    ['tray of 40', 'pot', 40],
    ['six-pack', 'pot', 6],
    ['1,5 L', 'pot', 1],
  ])('%s', (label, sizeClass, pack) => expect(sizeFigures(label)).toMatchObject({ sizeClass, pack }))
  it('spares and packs are never less than what is needed', () => {
    fc.assert(
      fc.property(fc.nat(5000), fc.integer({ min: 1, max: 100 }), (need, pack) => {
        const pieces = need + sparesFor(need, { label: '9 cm' })
        expect(inPacks(pieces, pack)).toBeGreaterThanOrEqual(pieces)
        expect(inPacks(pieces, pack) - pieces).toBeLessThan(pack)
        expect(inPacks(pieces, pack) % pack).toBe(0)
      }),
    )
  })
})

it('phases: bones first, then the thread, then the body', () => {
  expect(phaseOf(plant('taxus-baccata-fastigiata'), 2, 3)).toBe(1)
  expect(phaseOf(plant('alchemilla-mollis'), 5, 3)).toBe(2)
  expect(phaseOf(plant('hosta-halcyon'), 1, 3)).toBe(3)
  expect(phaseOf(plant('hosta-halcyon'), 1, 1)).toBe(1)
})
