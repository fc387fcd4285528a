import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { circleIndex } from './circleIndex'
import { clamp, lerp } from './point'
import { flattenEdge } from './flattenEdge'
import { hashText, seeded } from './seeded'
import { Polyline } from './polyline'

describe('Polyline', () => {
  const line = new Polyline([
    { x: 0, y: 0 },
    { x: 3, y: 4 },
    { x: 6, y: 4 },
  ])
  it('measures and finds places on paper', () => {
    expect(line.length).toBe(8)
    expect(line.pointAt(5)).toEqual({ x: 3, y: 4 })
    expect(line.pointAt(2.5)).toEqual({ x: 1.5, y: 2 })
    expect(line.yAt(1.5)).toBe(2)
    expect(line.lengthAt(4.5)).toBe(6.5)
  })
  it('holds to its ends beyond them', () => {
    expect([line.yAt(-1), line.yAt(9)]).toEqual([0, 4])
    expect([line.pointAt(-1), line.pointAt(99)]).toEqual([
      { x: 0, y: 0 },
      { x: 6, y: 4 },
    ])
  })
  it('finds the length of a place and the place of a length, for any line', () => {
    const lines = fc
      .array(fc.tuple(fc.double({ min: 0.01, max: 5, noNaN: true }), fc.double({ min: -3, max: 3, noNaN: true })), {
        minLength: 2,
        maxLength: 20,
      })
      .map((steps) => {
        let x = 0
        return new Polyline(steps.map(([dx, y]) => ({ x: (x += dx), y })))
      })
    fc.assert(
      fc.property(lines, fc.double({ min: 0, max: 1, noNaN: true }), (any, u) => {
        const at = any.pointAt(u * any.length)
        expect(any.lengthAt(at.x)).toBeCloseTo(u * any.length, 6)
        expect(any.yAt(at.x)).toBeCloseTo(at.y, 4)
      }),
    )
  })
})

describe('flattenEdge', () => {
  it('keeps a stepped edge level between steps and x ascending', () => {
    const points = flattenEdge('stepped', [
      { x: 0, y: 1 },
      { x: 2, y: 2 },
      { x: 4, y: 9 },
    ])
    expect(points).toEqual([
      { x: 0, y: 1 },
      { x: 1.999, y: 1 },
      { x: 2, y: 2 },
      { x: 4, y: 2 },
    ])
  })
  it('passes a curve through each of its stations', () => {
    const stations = [
      { x: 0, y: 1 },
      { x: 2, y: 2.5 },
      { x: 5, y: 1.5 },
      { x: 7, y: 1.5 },
    ]
    const curve = new Polyline(flattenEdge('curved', stations))
    for (const p of stations) expect(curve.yAt(p.x)).toBeCloseTo(p.y, 9)
  })
})

describe('circleIndex', () => {
  it('finds just the circles whose boxes meet the box, as looking at each would', () => {
    const circles = fc.array(
      fc.record({
        x: fc.double({ min: 0, max: 20, noNaN: true }),
        y: fc.double({ min: 0, max: 5, noNaN: true }),
        r: fc.double({ min: 0.05, max: 1, noNaN: true }),
      }),
      { maxLength: 60 },
    )
    fc.assert(
      fc.property(
        circles,
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (list, x, y) => {
          const plain = list.flatMap((c, i) =>
            c.x - c.r <= x + 0.5 && c.x + c.r >= x - 0.5 && c.y - c.r <= y + 0.5 && c.y + c.r >= y - 0.5 ? [i] : [],
          )
          expect(
            circleIndex(list)
              .search(x - 0.5, y - 0.5, x + 0.5, y + 0.5)
              .sort((a, b) => a - b),
          ).toEqual(plain)
        },
      ),
    )
  })
})

describe('seeded', () => {
  it('gives the same stream for the same seed, spread over [0,1)', () => {
    const [a, b] = [seeded(7), seeded(7)]
    const list = Array.from({ length: 2000 }, () => a())
    expect(list).toEqual(Array.from({ length: 2000 }, () => b()))
    expect(Math.min(...list)).toBeGreaterThanOrEqual(0)
    expect(Math.max(...list)).toBeLessThan(1)
    expect(list.reduce((s, n) => s + n, 0) / list.length).toBeCloseTo(0.5, 1)
  })
  it('hashes texts apart', () =>
    expect(new Set(Array.from({ length: 5000 }, (_, i) => hashText(`d-${i}:0`))).size).toBe(5000))
})

it('clamps and mixes', () => {
  expect([clamp(5, 0, 3), clamp(-1, 0, 3), clamp(2, 0, 3)]).toEqual([3, 0, 2])
  expect(lerp(2, 4, 0.25)).toBe(2.5)
})
