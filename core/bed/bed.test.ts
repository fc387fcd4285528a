import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Outline } from '../model'
import { stripFrame } from './bedFrame'
import { checkOutline, rectangle } from './checkOutline'
import { laneBands, laneDepthAt, startShares } from './lanes'
import { setbackM } from './setback'
import type { EdgeKind } from '../geometry'

/** Outlines with any kind of edge, the back never far out, the front well before it. */
const outlines = fc
  .record({
    length: fc.double({ min: 2, max: 40, noNaN: true }),
    depths: fc.array(fc.double({ min: 1, max: 4, noNaN: true }), { minLength: 2, maxLength: 7 }),
    backs: fc.array(fc.double({ min: 0, max: 0.4, noNaN: true }), { minLength: 2, maxLength: 4 }),
    front: fc.constantFrom<EdgeKind>('straight', 'stepped', 'curved'),
    back: fc.constantFrom<EdgeKind>('straight', 'stepped', 'curved'),
  })
  .map(({ length, depths, backs, front, back }): Outline => {
    const stations = (ys: number[]) => ys.map((y, i) => ({ x: (i / (ys.length - 1)) * length, y }))
    return { back: { kind: back, stations: stations(backs) }, front: { kind: front, stations: stations(depths) } }
  })

describe('bedFrame', () => {
  it('turns (s,t) into the plan and back within a millimetre, for straight, stepped and curved edges', () => {
    fc.assert(
      fc.property(
        outlines,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (outline, u, t) => {
          const frame = stripFrame(outline)
          const s = u * frame.frontLength
          const back = frame.toBed(frame.toPlan({ s, t }))
          expect(Math.abs(back.s - s)).toBeLessThan(0.001)
          const depth = frame.depthAt(frame.alongAt(s))
          expect(Math.abs(back.t - t) * depth).toBeLessThan(0.001)
        },
      ),
    )
  })

  it('puts t 0 on the back edge and t 1 on the front edge', () => {
    fc.assert(
      fc.property(outlines, fc.double({ min: 0, max: 1, noNaN: true }), (outline, u) => {
        const frame = stripFrame(outline)
        const s = u * frame.frontLength
        const [b, f] = [frame.toPlan({ s, t: 0 }), frame.toPlan({ s, t: 1 })]
        expect(b.y).toBeCloseTo(frame.back.yAt(b.x), 6)
        expect(f.y).toBeCloseTo(frame.front.yAt(f.x), 3)
      }),
    )
  })

  it('measures a rectangle on paper', () => {
    const frame = stripFrame(rectangle(14, 2.6))
    expect(frame.areaM2).toBeCloseTo(36.4, 9)
    expect(frame.frontLength).toBeCloseTo(14, 9)
    expect(frame.depths).toEqual({ least: 2.6, greatest: 2.6, mean: expect.closeTo(2.6, 9) as number })
  })

  it('measures a step and a slope', () => {
    const stepped: Outline = {
      ...rectangle(4, 1),
      front: {
        kind: 'stepped',
        stations: [
          { x: 0, y: 1 },
          { x: 2, y: 2 },
          { x: 4, y: 2 },
        ],
      },
    }
    expect(stripFrame(stepped).areaM2).toBeCloseTo(6, 2)
    expect(stripFrame(stepped).frontLength).toBeCloseTo(5, 2)
    const sloped: Outline = {
      ...rectangle(4, 1),
      front: {
        kind: 'straight',
        stations: [
          { x: 0, y: 1 },
          { x: 4, y: 4 },
        ],
      },
    }
    expect(stripFrame(sloped).areaM2).toBeCloseTo(10, 9)
    expect(stripFrame(sloped).frontLength).toBeCloseTo(5, 9)
  })

  it('never lets a curved edge overshoot its stations', () => {
    fc.assert(
      fc.property(outlines, (outline) => {
        const curved = { ...outline, front: { ...outline.front, kind: 'curved' as const } }
        const ys = curved.front.stations.map((p) => p.y)
        for (const p of stripFrame(curved).front.points) {
          expect(p.y).toBeGreaterThanOrEqual(Math.min(...ys) - 1e-9)
          expect(p.y).toBeLessThanOrEqual(Math.max(...ys) + 1e-9)
        }
      }),
    )
  })
})

describe('checkOutline', () => {
  const front = (stations: { x: number; y: number }[]): Outline => ({
    ...rectangle(10, 2),
    front: { kind: 'straight', stations },
  })
  it.each([
    [
      'crosses the back edge',
      front([
        { x: 0, y: 2 },
        { x: 5, y: -0.5 },
        { x: 10, y: 2 },
      ]),
      /crosses it/,
    ],
    [
      'turns back on itself',
      front([
        { x: 0, y: 2 },
        { x: 6, y: 2 },
        { x: 4, y: 2 },
        { x: 10, y: 2 },
      ]),
      /may not turn back/,
    ],
    [
      'is not a measure',
      front([
        { x: 0, y: Number.NaN },
        { x: 10, y: 2 },
      ]),
      /not a measure/,
    ],
    [
      'is absurdly far',
      front([
        { x: 0, y: 2 },
        { x: 10, y: 4000 },
      ]),
      /check the unit/,
    ],
    ['has one station', front([{ x: 0, y: 2 }]), /at least two/],
    [
      'ends elsewhere',
      front([
        { x: 0, y: 2 },
        { x: 9, y: 2 },
      ]),
      /begin and end/,
    ],
    ['is too short', rectangle(0.3, 2), /at least 0.5\u202fm/],
  ])('refuses an edge that %s', (_, outline, message) => {
    const checked = checkOutline(outline)
    expect(checked.ok).toBe(false)
    if (!checked.ok) expect(checked.error).toMatch(message)
  })

  it('takes any sound outline', () => {
    fc.assert(
      fc.property(outlines, (outline) => {
        expect(checkOutline(outline)).toEqual({ ok: true, value: true })
      }),
    )
  })
})

describe('lanes and setback', () => {
  it('bands cover the bed without a gap, back to front', () => {
    for (const n of [1, 2, 3, 4]) {
      const bands = laneBands(startShares(n))
      expect(bands).toHaveLength(n)
      expect(bands[0]!.from).toBe(0)
      expect(bands[n - 1]!.to).toBe(1)
      bands.slice(1).forEach((b, i) => expect(b.from).toBe(bands[i]!.to))
    }
  })
  it('depths of the lanes add up to the bed’s depth', () => {
    const frame = stripFrame(rectangle(8, 2.4))
    const sum = laneBands(startShares(3)).reduce((total, band) => total + laneDepthAt(frame, band, 3), 0)
    expect(sum).toBeCloseTo(2.4, 9)
  })
  it('keeps 0.6 m at least, half the spread and 0.15 m for wide plants, 3 m for trees', () => {
    expect(setbackM(0.5, 'perennial')).toBe(0.6)
    expect(setbackM(2, 'shrub')).toBeCloseTo(1.15, 9)
    expect(setbackM(4, 'tree')).toBe(3)
    expect(setbackM(8, 'tree')).toBe(4)
    expect(setbackM(2, 'climber')).toBe(0.3)
  })
})
