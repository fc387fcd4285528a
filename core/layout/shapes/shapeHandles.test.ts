import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SHAPE_KINDS, type Drift } from '../../model'
import { bedFrame, oval, rectangle, startShape } from '../../bed'
import { applyEdit } from '../../edit'
import { drift, testBed } from '../../../tests/support/library'
import { dragHandle, drawnShape, shapeHandles } from './shapeHandles'

const share = fc.double({ min: 0, max: 1, noNaN: true })
const strip = bedFrame(testBed({ outline: rectangle(12, 4) }))
const round = bedFrame(
  testBed({
    form: { kind: 'island', edge: oval(9, 9), rimM: 0, centre: 'none', centreHeightM: 1, showFromM: 0.5 },
  }),
)

describe('handles of a shape', () => {
  it('each lies where it was drawn to, in straight beds and in rounds', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHAPE_KINDS),
        fc.constantFrom(strip, round),
        share,
        fc.tuple(share, share),
        (kind, frame, u, [ru, rv]) => {
          const at = 2 + u * 6
          const own: Drift = {
            ...drift('d', 'nepeta-x-faassenii', 1, at, 5),
            shape: startShape(kind, 0.5, 2, 0.4, 5),
          }
          for (const handle of shapeHandles(own, frame)) {
            const place = frame.closed ? { a: at + 2 * ru, v: 1.5 + rv } : { a: 2 + 8 * ru, v: 0.8 + 2 * rv }
            const to = frame.at(place.a, place.v)
            const change = dragHandle(own, handle.id, to, frame)!
            const after = shapeHandles({ ...own, ...change }, frame).find((h) => h.id === handle.id)!
            if (kind === 'edge') expect(change.shape).toMatchObject({ kind: 'edge' })
            // A box keeps its sides along the bed: an end comes as far along as it was drawn.
            else if (kind === 'scatter' && handle.id !== 'middle')
              expect(change.shape).toMatchObject({ kind: 'scatter' })
            // An end of a lens comes to where it was drawn, and its side as far out; both to the millimetre.
            else if (handle.id === 'middle' || handle.id === 'end' || handle.id.startsWith('p'))
              expect(Math.hypot(after.x - to.x, after.y - to.y)).toBeLessThan(0.02)
          }
        },
      ),
    )
  })

  it('a line drawn by hand becomes an outline of few points that lies where it was drawn', () => {
    const circle = Array.from({ length: 90 }, (_, i) => {
      const turn = (i / 90) * 2 * Math.PI
      return { x: 6 + 1.5 * Math.cos(turn), y: 2 + 0.8 * Math.sin(turn) }
    })
    const own = drift('d', 'nepeta-x-faassenii', 1, 3, 5)
    const change = drawnShape(own, circle, 'outline', 0.5, strip)!
    expect(change.at).toBeCloseTo(6, 2)
    const points = shapeHandles({ ...own, ...change }, strip).filter((h) => h.id !== 'middle')
    expect(points.length).toBeGreaterThan(6)
    expect(points.length).toBeLessThan(40)
    for (const p of points) expect(((p.x - 6) / 1.5) ** 2 + ((p.y - 2) / 0.8) ** 2).toBeCloseTo(1, 1)
    expect(drawnShape(own, circle.slice(0, 2), 'ribbon', 0.5, strip)).toBeNull()
  })

  it('a shape goes with its lane, and an undo brings the block back', () => {
    const bed = testBed({ laneShares: [0.5, 0.5], drifts: [drift('d', 'nepeta-x-faassenii', 0, 3, 5)] })
    const lens = startShape('lens', 0.25, 2, 0.4, 5)
    const shaped = applyEdit(bed, { kind: 'changeDrift', driftId: 'd', change: { shape: lens } })
    const moved = applyEdit(shaped.bed, { kind: 'changeDrift', driftId: 'd', change: { lane: 1 } })
    expect(moved.bed.drifts[0]!.shape!.out).toBeCloseTo(0.75, 9)
    expect(applyEdit(moved.bed, moved.inverse).bed).toEqual(shaped.bed)
    expect(applyEdit(shaped.bed, shaped.inverse).bed).toEqual(bed)
  })
})
