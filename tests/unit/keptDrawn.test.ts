import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Drawn } from '../../app/painters/changedPart'
import { KeptDrawn } from '../../app/painters/KeptDrawn'

interface Thing {
  readonly name: string
}
const things: readonly Thing[] = Array.from({ length: 9 }, (_, i) => ({ name: `p${i}` }))
const tell =
  (at: string) =>
  (t: Thing): Drawn => ({ id: t.name, look: [t.name, at], box: null })
const lists = fc.array(fc.tuple(fc.shuffledSubarray([...things]), fc.constantFrom('here', 'there')), {
  maxLength: 8,
})

describe('how the things of a picture are drawn', () => {
  it('says the same as worked out afresh, whatever was shown before', () => {
    fc.assert(
      fc.property(lists, (shown) => {
        const kept = new KeptDrawn<Thing>()
        for (const [list, at] of shown) expect(kept.of(list, at, tell(at))).toEqual(list.map(tell(at)))
      }),
    )
  })

  it('is worked out once for each while the picture stays where it is', () => {
    const kept = new KeptDrawn<Thing>()
    const asked: string[] = []
    const counted = (t: Thing): Drawn => {
      asked.push(t.name)
      return tell('here')(t)
    }
    kept.of(things, 'here', counted)
    kept.of([...things].reverse(), 'here', counted)
    kept.of([{ name: 'new' }, ...things.slice(3)], 'here', counted)
    expect(asked).toEqual([...things.map((t) => t.name), 'new'])
  })

  it('is unknown while one cannot be told, and what was known before holds', () => {
    const kept = new KeptDrawn<Thing>()
    kept.of(things, 'here', tell('here'))
    expect(
      kept.of([...things, { name: 'late' }], 'here', (t) => (t.name === 'late' ? null : tell('here')(t))),
    ).toBeNull()
    const never = () => expect.unreachable()
    expect(kept.of(things, 'here', never)).toHaveLength(things.length)
  })
})
