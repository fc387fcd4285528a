import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { changedParts, meetsParts, type Drawn } from '../../app/painters/changedPart'

const [W, H] = [400, 300]
const box = fc.record({ x: fc.nat(380), y: fc.nat(280), r: fc.integer({ min: 1, max: 18 }) })
const drawing = (id: number): fc.Arbitrary<Drawn> =>
  box.map(({ x, y, r }) => ({
    id: `p${id}`,
    look: [x, y, r],
    box: { left: x - r, right: x + r, top: y - r, bottom: y + r },
  }))
const picture = fc.uniqueArray(fc.nat(9), { maxLength: 8 }).chain((ids) => fc.tuple(...ids.map(drawing)))

describe('the parts of a picture that changed', () => {
  it('hold all that was added, taken away or moved, and lie beside one another', () => {
    fc.assert(
      fc.property(picture, picture, (before, now) => {
        const parts = changedParts(before, now, W, H)
        const changed = [
          ...now.filter((d) => `${before.find((b) => b.id === d.id)?.look}` !== `${d.look}`),
          ...before.filter((d) => `${now.find((n) => n.id === d.id)?.look}` !== `${d.look}`),
        ]
        if (parts === 'all') expect(changed).not.toEqual([])
        if (changed.length === 0) expect(parts).toEqual([])
        if (parts === 'all') return
        for (const { box } of changed)
          expect(
            parts.some(
              (p) =>
                p.left <= Math.max(0, box!.left) &&
                p.right >= Math.min(W, box!.right) &&
                p.top <= Math.max(0, box!.top) &&
                p.bottom >= Math.min(H, box!.bottom),
            ),
          ).toBe(true)
        for (const [i, p] of parts.entries()) if (i > 0) expect(p.left).toBeGreaterThanOrEqual(parts[i - 1]!.right)
      }),
    )
  })

  it('are the whole picture where most of it changed or what changed has no box', () => {
    const all: Drawn = { id: 'a', look: [1], box: { left: 0, right: W, top: 0, bottom: H } }
    expect(changedParts([], [all], W, H)).toBe('all')
    expect(changedParts([{ id: 'rock', look: [1], box: null }], [], W, H)).toBe('all')
    expect(changedParts([all], [all], W, H)).toEqual([])
  })

  it('two plants far from one another are two parts, and what stands between is in neither', () => {
    const at = (id: string, x: number, look = 1): Drawn => ({
      id,
      look: [look],
      box: { left: x - 5, right: x + 5, top: 90, bottom: 110 },
    })
    const before = [at('a', 20), at('b', 200), at('c', 380)]
    const parts = changedParts(before, [at('a', 22, 2), at('b', 200), at('c', 378, 2)], W, H)
    expect(parts).toHaveLength(2)
    expect(before.map((d) => meetsParts(d, parts as never))).toEqual([true, false, true])
  })
})
