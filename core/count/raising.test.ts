import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plant } from '../../tests/support/library'
import type { Plant } from '../plant'
import { daysBetween } from '../time'
import { daysLeftToSow, raisingPlan, seedsFor, UNKNOWN_SEEDS } from './raising'
import { sowingList, traysFor } from './sowingList'

const frosts = { lastFrost: '05-08', firstFrost: '10-14' }
const south = { lastFrost: '09-20', firstFrost: '05-12' }
const sowing = {
  where: 'indoors',
  weeks: -8,
  light: 'light',
  chillWeeks: 4,
  days: { from: 14, to: 21 },
  percent: 50,
} as const
const sown: Plant = { ...plant('alchemilla-mollis'), sowing }

describe('seeds', () => {
  it('worked by hand: 20 plants, half come up, four fifths live: 50 seeds', () => {
    expect(seedsFor(20, 0.5, 0.8)).toBe(50)
    expect(seedsFor(20, 0.5, 0.8, 0.1)).toBe(55)
    expect(seedsFor(3, null)).toBe(3 * UNKNOWN_SEEDS)
    expect(seedsFor(0, 0.5)).toBe(0)
  })
  it('never fewer than plants, and fewer the better they come up', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), fc.double({ min: 0.05, max: 1, noNaN: true }), (n, share) => {
        expect(seedsFor(n, share)).toBeGreaterThanOrEqual(n)
        expect(seedsFor(n, Math.min(1, share * 1.5))).toBeLessThanOrEqual(seedsFor(n, share))
      }),
    )
  })
})

describe('dates', () => {
  it('eight weeks before the last frost, four weeks of cold before that', () => {
    const p = raisingPlan(sown, 'seed', 20, frosts, '2026-01-05')
    expect([p.sow, p.chillFrom, p.upFrom, p.upTo]).toEqual(['2026-03-13', '2026-02-13', '2026-03-27', '2026-04-03'])
    expect([p.pieces, p.packets, p.cells, p.trays]).toEqual([50, 1, 25, 1])
    expect(p.plantOut >= p.prickOut && p.prickOut > p.upTo).toBe(true)
  })
  it('too late this year is next year', () => {
    expect(raisingPlan(sown, 'seed', 20, frosts, '2026-03-01').sow).toBe('2027-03-13')
  })
  it('in the south by its own frosts, over the new year', () => {
    expect(raisingPlan(sown, 'seed', 20, south, '2026-01-05').sow).toBe('2026-07-26')
  })
  it.each(['seed', 'cutting', 'division'] as const)('%s never begins before today', (way) => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 800 }), fc.boolean(), (days, isSouth) => {
        const today = new Date(Date.UTC(2026, 0, 1 + days)).toISOString().slice(0, 10)
        const p = raisingPlan(sown, way, 9, isSouth ? south : frosts, today)
        expect(p.sow >= today).toBe(true)
        expect(p.chillFrom === '' || p.chillFrom >= today).toBe(true)
        expect(daysBetween(today, p.sow)).toBeLessThan(800)
      }),
    )
  })
  it('what failed in May can be sown again, in September not', () => {
    const p = raisingPlan(sown, 'seed', 20, frosts, '2026-01-05')
    expect(daysLeftToSow(p, frosts, '2026-05-10')).toBeGreaterThan(0)
    expect(daysLeftToSow(p, frosts, '2026-09-10')).toBeLessThan(0)
  })
})

describe('trays and the list', () => {
  it('are numbered on, and hold every seed once', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), (n) => {
        const p = raisingPlan(sown, 'seed', n, frosts, '2026-01-05')
        const first = traysFor(p, [], (i) => `t${i}`)
        const next = traysFor(p, first, (i) => `t${i}`)
        expect(first.reduce((m, t) => m + t.cells, 0)).toBe(p.cells)
        expect(first.reduce((m, t) => m + t.seeds, 0)).toBe(p.pieces)
        expect(next[0]!.number).toBe(first.length + 1)
      }),
    )
  })
  it('tells the weeks, and what all trays have behind them is done', () => {
    const p = raisingPlan(sown, 'seed', 20, frosts, '2026-01-05')
    const [tray] = traysFor(p, [], (i) => `t${i}`)
    const list = sowingList([p], [{ ...tray!, done: { sown: '2026-03-13' } }])
    expect(list.map((l) => l.task)).toEqual(['chill', 'sow', 'prick out', 'harden off', 'plant out'])
    expect(list.map((l) => l.done)).toEqual([false, true, false, false, false])
    expect(list.every((l) => new Date(`${l.week}T00:00Z`).getUTCDay() === 1)).toBe(true)
  })
})
