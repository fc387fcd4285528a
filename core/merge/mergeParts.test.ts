import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { meetingWords } from './meetingWords'
import { mergeParts, same } from './mergeParts'
import { rebaseChange } from './rebaseChange'

interface Plan {
  readonly name: string
  readonly lanes: readonly number[]
  readonly money: { readonly currency: string; readonly tax: number }
  readonly things: readonly { readonly id: string; readonly at: number }[]
  readonly words: readonly string[]
}
const thing = fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd', 'e'), at: fc.integer({ min: 0, max: 3 }) })
const plan: fc.Arbitrary<Plan> = fc.record({
  name: fc.constantFrom('one', 'two', 'three'),
  lanes: fc.array(fc.integer({ min: 1, max: 3 }), { maxLength: 3 }),
  money: fc.record({ currency: fc.constantFrom('', 'kr'), tax: fc.integer({ min: 0, max: 2 }) }),
  things: fc.uniqueArray(thing, { selector: (t) => t.id, maxLength: 5 }),
  words: fc.uniqueArray(fc.constantFrom('fern', 'moss', 'reed'), { maxLength: 3 }),
})
const base: Plan = {
  name: 'one',
  lanes: [1, 2],
  money: { currency: 'kr', tax: 1 },
  things: [
    { id: 'a', at: 1 },
    { id: 'b', at: 2 },
  ],
  words: ['fern'],
}

describe('joining two versions of one value', () => {
  it('who changed nothing takes the other version whole, and nobody meets', () => {
    fc.assert(
      fc.property(plan, plan, (from, to) => {
        expect(mergeParts(from, to, from)).toEqual({ value: to, meetings: [] })
        expect(mergeParts(from, from, to)).toEqual({ value: to, meetings: [] })
        expect(mergeParts(from, to, to)).toEqual({ value: to, meetings: [] })
      }),
    )
  })

  it('what both sides chose differently is told from either side alike, and each part comes from one of the two', () => {
    fc.assert(
      fc.property(plan, plan, plan, (from, mine, theirs) => {
        const here = mergeParts(from, mine, theirs)
        const there = mergeParts(from, theirs, mine, () => 'theirs')
        expect(there.meetings.map((m) => m.path.join('/')).sort()).toEqual(
          here.meetings.map((m) => m.path.join('/')).sort(),
        )
        for (const t of here.value.things)
          expect([...mine.things, ...theirs.things].some((x) => same(x, t))).toBe(true)
        // A thing that one side took away and the other let be is gone; one that either added is there.
        for (const id of ['a', 'b', 'c', 'd', 'e']) {
          const [was, is, other] = [from, mine, theirs].map((p) => p.things.find((t) => t.id === id))
          const merged = here.value.things.find((t) => t.id === id)
          if (was && !is && same(was, other)) expect(merged).toBeUndefined()
          if (!was && is && !other) expect(merged).toEqual(is)
        }
      }),
    )
  })

  it('joins part by part, and leaves the order of whoever changed it', () => {
    const mine: Plan = { ...base, name: 'mine', money: { ...base.money, tax: 7 }, words: ['fern', 'moss'] }
    const things = [
      { id: 'b', at: 2 },
      { id: 'n', at: 5 },
      { id: 'a', at: 9 },
    ]
    const theirs: Plan = { ...base, money: { ...base.money, currency: 'mk' }, things, words: [] }
    expect(mergeParts(base, mine, theirs)).toEqual({
      value: { name: 'mine', lanes: [1, 2], money: { currency: 'mk', tax: 7 }, things, words: ['moss'] },
      meetings: [],
    })
  })

  it('asks where both changed the same, and takes the side that is chosen', () => {
    const mine: Plan = { ...base, things: [{ id: 'a', at: 5 }, base.things[1]!], lanes: [3] }
    const theirs: Plan = { ...base, things: [base.things[1]!], lanes: [4] }
    const { meetings, value } = mergeParts(base, mine, theirs, ({ path }) =>
      path[0] === 'things' ? 'theirs' : 'mine',
    )
    expect(meetings.map((m) => m.path)).toEqual([['lanes'], ['things', 'a']])
    expect(value).toEqual({ ...base, things: [base.things[1]!], lanes: [3] })
    expect(meetingWords(meetings[1]!)).toEqual({ title: 'things, a', mine: 'as it is there', theirs: 'taken away' })
  })

  it('says a meeting by names and plain values', () => {
    const meet = (path: string[], mine: unknown, theirs: unknown) =>
      meetingWords({ path, base: undefined, mine, theirs })
    expect(meet(['money', 'taxPercent'], 7, 19)).toEqual({ title: 'money, tax percent', mine: '7', theirs: '19' })
    expect(meet(['things', 'd-1a2b'], { name: 'Shed', x: 1 }, undefined)).toEqual({
      title: 'things: Shed',
      mine: 'Shed',
      theirs: 'taken away',
    })
    expect(meet(['outline', 'back'], { a: 1 }, { a: 2 })).toMatchObject({
      mine: 'changed here',
      theirs: 'changed there',
    })
  })

  it('a change of whole parts leaves alone what others added to them', () => {
    const taken = { name: 'take a thing away', change: { things: [base.things[1]!] } as Partial<Plan> }
    const theirs: Plan = { ...base, things: [...base.things, { id: 'n', at: 3 }] }
    expect(rebaseChange(taken, base, theirs).change.things).toEqual([base.things[1], { id: 'n', at: 3 }])
  })
})
