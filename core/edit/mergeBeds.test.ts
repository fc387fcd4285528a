import { bedSchema } from '../bed'
import type { Bed } from '../model'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drift, testBed } from '../../tests/support/library'
import { same } from '../merge'
import { bedMeetingWords } from './bedMeetingWords'
import { applyEdit } from './edit'
import type { Edit } from './editSchema'
import { mergeBeds, rebaseEdit } from './mergeBeds'

const DRIFTS = ['a', 'b', 'c', 'd']
const start = testBed({
  drifts: DRIFTS.map((id, i) => drift(id, 'nepeta-x-faassenii', i % 3, 2 * i + 1, 3)),
  pins: [{ driftId: 'a', index: 2, x: 5, y: 1 }],
  shortlist: ['nepeta-x-faassenii'],
})
const made = (bed: Bed, edits: readonly Edit[]) => edits.reduce((now, edit) => applyEdit(now, edit).bed, bed)
const edited = (driftId: string): fc.Arbitrary<Edit> =>
  fc.oneof(
    fc.record({
      kind: fc.constant('changeDrift' as const),
      driftId: fc.constant(driftId),
      change: fc.record({ at: fc.integer({ min: 0, max: 10 }), lane: fc.integer({ min: 0, max: 2 }) }),
    }),
    fc.constant({ kind: 'removeDrift' as const, driftId }),
    fc
      .integer({ min: 0, max: 2 })
      .map((index): Edit => ({ kind: 'setPins', driftId, pins: [{ driftId, index, x: 3, y: 0.5 }] })),
    fc.constant({ kind: 'addDrift' as const, drift: drift(`n-${driftId}`, 'iris-sibirica', 1, 4, 2) }),
  )
const ofThese = (ids: readonly string[]) => fc.array(fc.constantFrom(...ids).chain(edited), { maxLength: 5 })
/** A bed with its parts in one order, without plants of drifts that are gone. */
const sorted = (bed: Bed) => ({
  ...bed,
  drifts: [...bed.drifts].sort((a, b) => (a.id < b.id ? -1 : 1)),
  pins: bed.pins
    .filter((p) => bed.drifts.some((d) => d.id === p.driftId))
    .sort((a, b) => (`${a.driftId}:${a.index}` < `${b.driftId}:${b.index}` ? -1 : 1)),
})
const nameOf = (id: string) => (id === 'nepeta-x-faassenii' ? 'Nepeta' : id)

describe('two designers in one bed', () => {
  it('who work on different drifts both find their work, whatever they do, and the bed stays sound', () => {
    fc.assert(
      fc.property(ofThese(['a', 'b']), ofThese(['c', 'd']), (mine, theirs) => {
        const { value, meetings } = mergeBeds(start, made(start, mine), made(start, theirs))
        expect(meetings).toEqual([])
        expect(same(sorted(value), sorted(made(made(start, theirs), mine)))).toBe(true)
        expect(bedSchema.safeParse(value).success).toBe(true)
      }),
    )
  })

  it('who work on the same are asked, and whatever is chosen is a sound bed', () => {
    fc.assert(
      fc.property(ofThese(DRIFTS), ofThese(DRIFTS), fc.boolean(), (mine, theirs, isMine) => {
        const { value } = mergeBeds(start, made(start, mine), made(start, theirs), () =>
          isMine ? 'mine' : 'theirs',
        )
        expect(bedSchema.safeParse(value).success).toBe(true)
      }),
    )
  })

  it('a drift that one takes out and the other sets a plant of by hand is one part', () => {
    const gone = made(start, [{ kind: 'removeDrift', driftId: 'a' }])
    const pinned = made(start, [{ kind: 'setPins', driftId: 'a', pins: [{ driftId: 'a', index: 0, x: 1, y: 1 }] }])
    const { meetings, value } = mergeBeds(start, gone, pinned, () => 'theirs')
    expect(meetings.map((m) => m.path)).toEqual([['drifts', 'a']])
    expect(value.pins).toEqual(pinned.pins)
    expect(bedMeetingWords(meetings[0]!, start, nameOf)).toEqual({
      title: 'Nepeta',
      mine: '3 Nepeta, no longer there; plants set by hand changed',
      theirs: 'plants set by hand changed',
    })
  })

  it('the same drift moved by both is told with where each put it; two plants of it moved by hand do not meet', () => {
    const to = (at: number) => made(start, [{ kind: 'changeDrift', driftId: 'b', change: { at } }])
    const { meetings } = mergeBeds(start, to(5), to(7))
    expect(bedMeetingWords(meetings[0]!, start, nameOf)).toMatchObject({
      mine: 'Nepeta stood at 3.00\u202fm, now 5.00\u202fm',
      theirs: 'Nepeta stood at 3.00\u202fm, now 7.00\u202fm',
    })
    const pin = (index: number, x: number) => ({ driftId: 'b', index, x, y: 1 })
    const pinned = (...pins: ReturnType<typeof pin>[]) => made(start, [{ kind: 'setPins', driftId: 'b', pins }])
    expect(mergeBeds(start, pinned(pin(0, 1)), pinned(pin(1, 2))).meetings).toEqual([])
    const [met] = mergeBeds(start, pinned(pin(0, 1)), pinned(pin(0, 2))).meetings
    expect(bedMeetingWords(met!, start, nameOf)).toEqual({
      title: 'Nepeta, a plant set by hand',
      mine: 'set 1.00\u202fm along and 1.00\u202fm out',
      theirs: 'set 2.00\u202fm along and 1.00\u202fm out',
    })
  })

  it('taking a step back leaves what somebody else did in the meantime', () => {
    const note = (id: string) => ({ id, x: 1, y: 1, text: id })
    const mine: Edit = { kind: 'setBed', change: { notes: [note('mine')] } }
    const { bed: after, inverse } = applyEdit(start, mine)
    const theirs = made(after, [
      { kind: 'setBed', change: { notes: [note('mine'), note('theirs')] } },
      { kind: 'setShortlist', plantIds: ['nepeta-x-faassenii', 'iris-sibirica'] },
    ])
    const back = (edit: Edit) => applyEdit(theirs, rebaseEdit(edit, after, theirs)).bed
    expect(back(inverse).notes).toEqual([note('theirs')])
    expect(back({ kind: 'replace', bed: start })).toMatchObject({
      notes: [note('theirs')],
      shortlist: ['nepeta-x-faassenii', 'iris-sibirica'],
    })
    const all: Edit = { kind: 'all', name: 'both', edits: [{ kind: 'setShortlist', plantIds: [] }] }
    expect(back(all).shortlist).toEqual(['iris-sibirica'])
  })
})
