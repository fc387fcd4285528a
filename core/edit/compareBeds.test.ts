import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drift, testBed } from '../../tests/support/library'
import { applyEdit } from './edit'
import type { Edit } from './editSchema'
import { compareBeds } from './compareBeds'

const then = testBed({ drifts: [drift('a', 'x', 0, 2, 3), drift('b', 'y', 1, 4)] })
const after = (edit: Edit) => compareBeds(then, applyEdit(then, edit).bed, (id) => `plant ${id}`)

describe('an earlier state beside the one now', () => {
  it('says nothing when they are alike', () => {
    expect(compareBeds(then, structuredClone(then), String)).toEqual([])
    const turned = Object.fromEntries(Object.entries(then.ground).reverse()) as unknown as typeof then.ground
    expect(compareBeds(then, { ...then, ground: turned }, String)).toEqual([])
  })
  it('names what went, what came, and what changed', () => {
    expect(after({ kind: 'removeDrift', driftId: 'a' })).toEqual(['3 plant x, no longer there'])
    expect(after({ kind: 'addDrift', drift: drift('c', 'z', 0, 1, 5) })).toEqual(['5 plant z came since'])
    const change = { at: 2.5, lane: 1, count: 4, plantId: 'w', pattern: 'dotted', everyM: 3 } as const
    expect(after({ kind: 'changeDrift', driftId: 'a', change })).toEqual([
      'plant x stood where plant w stands',
      '3 plant w, now 4',
      'plant w stood in lane 1, now 2',
      'plant w stood at 2.00\u202fm, now 2.50\u202fm',
      'plant w was row, now dotted',
      'plant w came every 1.00\u202fm, now 3.00\u202fm',
    ])
    expect(after({ kind: 'setBed', change: { school: 'lush', wall: null } })).toEqual([
      'its wall changed',
      'its school changed',
    ])
  })
  it('says something of every change of a place', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 10, noNaN: true }), (at) => {
        expect(after({ kind: 'changeDrift', driftId: 'b', change: { at } }).length).toBe(at === 4 ? 0 : 1)
      }),
    )
  })
})
