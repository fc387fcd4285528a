import fc from 'fast-check'
import { expect, it } from 'vitest'
import type { Bed } from '../model'
import { applyEdit } from './edit'
import type { Edit } from './editSchema'
import { describeEdit } from './describeEdit'
import { drift, testBed } from '../../tests/support/library'

const start = testBed({
  drifts: [drift('a', 'nepeta-x-faassenii', 1, 5, 3), drift('b', 'alchemilla-mollis', 2, 6, 2)],
  pins: [{ driftId: 'a', index: 2, x: 5, y: 1 }],
  accepted: [{ findingId: 'gap:1', title: 'Bare', reason: 'path' }],
  shortlist: ['nepeta-x-faassenii'],
  buying: [{ plantId: 'alchemilla-mollis', size: '9 cm', have: 1 }],
})
const ids = fc.constantFrom('a', 'b', 'gone')
const single: fc.Arbitrary<Edit> = fc.oneof(
  fc.record({
    kind: fc.constant('addDrift' as const),
    drift: fc
      .record({ at: fc.integer({ min: 0, max: 10 }), count: fc.integer({ min: 1, max: 5 }) })
      .map((d) => drift(`n${d.at}-${d.count}`, 'iris-sibirica', 1, d.at, d.count)),
  }),
  fc.record({ kind: fc.constant('removeDrift' as const), driftId: ids }),
  fc.record({
    kind: fc.constant('changeDrift' as const),
    driftId: ids,
    change: fc.record(
      {
        count: fc.integer({ min: 1, max: 6 }),
        lane: fc.integer({ min: 0, max: 2 }),
        at: fc.integer({ min: 0, max: 10 }),
      },
      { requiredKeys: [] },
    ),
  }),
  ids.chain((driftId) =>
    fc.record({
      kind: fc.constant('setPins' as const),
      driftId: fc.constant(driftId),
      pins: fc.array(
        fc.record({
          driftId: fc.constant(driftId),
          index: fc.integer({ min: 0, max: 4 }),
          x: fc.integer(),
          y: fc.integer(),
        }),
        { maxLength: 2 },
      ),
    }),
  ),
  fc.record({
    kind: fc.constant('accept' as const),
    acceptance: fc.record({
      findingId: fc.constantFrom('gap:1', 'gap:2'),
      title: fc.constant('Bare'),
      reason: fc.string({ minLength: 1 }),
    }),
  }),
  fc.record({ kind: fc.constant('unaccept' as const), findingId: fc.constantFrom('gap:1', 'gap:2') }),
  fc.record({
    kind: fc.constant('setBuying' as const),
    plantId: fc.constant('alchemilla-mollis'),
    buying: fc.constantFrom(null, { plantId: 'alchemilla-mollis', size: '2 L', have: 0 }),
  }),
  fc.record({ kind: fc.constant('setShortlist' as const), plantIds: fc.array(fc.constantFrom('x', 'y')) }),
  fc.record({
    kind: fc.constant('setBed' as const),
    change: fc.record(
      { name: fc.string(), school: fc.constantFrom('formal' as const, 'carpet' as const) },
      { requiredKeys: [] },
    ),
  }),
)
const edits: fc.Arbitrary<Edit> = fc.oneof(
  { weight: 4, arbitrary: single },
  {
    weight: 1,
    arbitrary: fc
      .array(single, { maxLength: 4 })
      .map((list): Edit => ({ kind: 'all', name: 'several', edits: list })),
  },
)

/** A bed as a set of rows: order among pins, acceptances and orders carries no meaning. */
const rows = (bed: Bed) => ({
  ...bed,
  pins: new Set(bed.pins.map((p) => JSON.stringify(p))),
  accepted: new Set(bed.accepted.map((p) => JSON.stringify(p))),
  buying: new Set(bed.buying.map((p) => JSON.stringify(p))),
})

it('undoes any run of edits back to the start, and redoes it to the same end', () => {
  fc.assert(
    fc.property(fc.array(edits, { maxLength: 12 }), (list) => {
      let bed = start
      const inverses: Edit[] = []
      for (const edit of list) {
        const done = applyEdit(bed, edit)
        bed = done.bed
        inverses.push(done.inverse)
      }
      const end = bed
      const redo: Edit[] = []
      for (const inverse of inverses.reverse()) {
        const done = applyEdit(bed, inverse)
        bed = done.bed
        redo.push(done.inverse)
      }
      expect(rows(bed)).toEqual(rows(start))
      for (const edit of redo.reverse()) bed = applyEdit(bed, edit).bed
      expect(rows(bed)).toEqual(rows(end))
    }),
    { numRuns: 300 },
  )
})

it('never changes the bed it was given', () => {
  const frozen = JSON.stringify(start)
  fc.assert(
    fc.property(edits, (edit) => {
      applyEdit(start, edit)
    }),
  )
  expect(JSON.stringify(start)).toBe(frozen)
})

it('lets go of pins that no longer mean anything', () => {
  expect(applyEdit(start, { kind: 'changeDrift', driftId: 'a', change: { count: 2 } }).bed.pins).toEqual([])
  expect(applyEdit(start, { kind: 'changeDrift', driftId: 'a', change: { lane: 0 } }).bed.pins).toEqual([])
  expect(applyEdit(start, { kind: 'changeDrift', driftId: 'a', change: { at: 2 } }).bed.pins).toHaveLength(1)
})

it('says each edit in a few words', () =>
  fc.assert(
    fc.property(edits, (edit) => {
      expect(describeEdit(edit)).toMatch(/^[a-z][\w ,]{2,60}$/)
    }),
  ))
