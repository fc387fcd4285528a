import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { circlePath, ellipsePath, linePath } from './paths'
import { paintBounds } from './paintBounds'
import type { Paint } from './path'

const sheet = { perM: 100, left: 0, top: 0 }
const near = fc.double({ min: -3, max: 3, noNaN: true })
const size = fc.double({ min: 0.05, max: 2, noNaN: true })

/** Places along an ellipse, and round the end of a stroke. */
const round = Array.from({ length: 48 }, (_, i) => (i / 48) * 2 * Math.PI)

describe('bounds of paints', () => {
  it('hold every place of a turned ellipse and hold it closely', () => {
    fc.assert(
      fc.property(near, near, size, size, near, (x, y, rx, ry, angle) => {
        const b = paintBounds([{ path: ellipsePath(x, y, rx, ry, angle), fill: '#000000' }], sheet)!
        const places = round.map((t) => ({
          x: 100 * (x + Math.cos(t) * rx * Math.cos(angle) - Math.sin(t) * ry * Math.sin(angle)),
          y: -100 * (y + Math.cos(t) * rx * Math.sin(angle) + Math.sin(t) * ry * Math.cos(angle)),
        }))
        // The path is a row of quadratic curves: it leaves the ellipse by less than a hundredth.
        const off = Math.max(rx, ry)
        for (const p of places) {
          expect(p.x).toBeGreaterThan(b.left - off)
          expect(p.x).toBeLessThan(b.right + off)
          expect(p.y).toBeGreaterThan(b.top - off)
          expect(p.y).toBeLessThan(b.bottom + off)
        }
        const far = 2.2 * 100 * Math.max(rx, ry)
        expect(b.right - b.left).toBeLessThan(far)
        expect(b.bottom - b.top).toBeLessThan(far)
      }),
    )
  })

  it('hold strokes with their width, at least the thin one', () => {
    const line = linePath(
      [
        { x: 0, y: 0 },
        { x: 1, y: 0 },
      ],
      false,
    )
    const stroke = (change: Partial<Paint>) =>
      paintBounds([{ path: line, stroke: '#000000', ...change } as Paint], sheet)!
    expect(stroke({ lineWidth: 0.1 }).top).toBeLessThanOrEqual(-5)
    expect(stroke({ lineWidth: 0.1 }).right).toBeGreaterThanOrEqual(105)
    expect(stroke({ thin: 4 }).bottom).toBeGreaterThanOrEqual(2)
  })

  it('hold badges at any scale, words, and of what is clipped only what shows', () => {
    const badge: Paint = { at: { x: 1, y: 1 }, badge: [{ path: circlePath(0, 0, 5), fill: '#000000' }] }
    expect(paintBounds([badge], sheet)).toEqual({ left: 95, top: -105, right: 105, bottom: -95 })
    const words: Paint = { words: 'sill', x: 0, y: 0, size: 10, colour: '#000000' }
    expect(paintBounds([words], sheet)!.right).toBeGreaterThan(20)
    const within: Paint[] = [{ path: circlePath(0, 0, 3), fill: '#000000' }]
    expect(paintBounds([{ clip: circlePath(0, 0, 1), within }], sheet)).toEqual({
      ...{ left: -100, top: -100, right: 100, bottom: 100 },
    })
    expect(paintBounds([{ clip: circlePath(9, 9, 1), within }], sheet)).toBeNull()
  })

  it('are none for nothing, and for a path that is neither filled nor stroked', () => {
    expect(paintBounds([], sheet)).toBeNull()
    expect(paintBounds([{ path: circlePath(0, 0, 1) }], sheet)).toBeNull()
  })
})
