import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  SHAPE_KINDS,
  SPOTS_AT,
  THIN_TO,
  type Bed,
  type BedForm,
  type Drift,
  type Shape,
  type ShapeKind,
} from '../../model'
import {
  bedFrame,
  featureDiscs,
  mirroredShape,
  newFeature,
  oval,
  rectangle,
  schoolOf,
  startShape,
  type BedFrame,
} from '../../bed'
import { distance, insideOf, nearestOn, polygonArea, type Point } from '../../geometry'
import { drift, library, plant, testBed } from '../../../tests/support/library'
import { place } from '../place'
import { allowedDistanceM, LEAST_SHARE, ringCount } from '../spacing'

const CATMINT = 'nepeta-x-faassenii'
const share = fc.double({ min: 0, max: 1, noNaN: true })
const LENGTH = 12
/** Where wall or edge hold a plant that is pushed, it may stand so far beside its shape. */
const HELD_BESIDE_M = 0.6

const shapes: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({
    kind: fc.constant('lens' as const),
    out: share,
    lengthM: share.map((u) => 1 + 5 * u),
    widthM: share.map((u) => 0.5 + 2 * u),
    slantDeg: share.map((u) => 180 * u - 90),
  }),
  fc.tuple(share, share, share).map(([out, u, v]): Shape => startShape('outline', out, 1 + 4 * u, 0.5, 4 + v * 9)),
  fc.tuple(share, share, share).map(([out, u, v]): Shape => startShape('ribbon', out, 1 + 5 * u, 0.5, 4 + v * 9)),
  fc.record({
    kind: fc.constant('edge' as const),
    out: fc.constant(1),
    edge: fc.constantFrom('front', 'back' as const),
    distanceM: share.map((u) => 0.2 + u),
  }),
  fc.record({
    kind: fc.constant('ring' as const),
    out: share,
    about: fc.constant(null),
    radiusM: share.map((u) => u * 1.5),
  }),
  fc.record({
    kind: fc.constant('grid' as const),
    out: share,
    columns: fc.integer({ min: 1, max: 5 }),
    stepM: share.map((u) => 0.3 + u),
    turnDeg: share.map((u) => 90 * u - 45),
  }),
  fc.record({
    kind: fc.constant('hedge' as const),
    out: share,
    line: fc.tuple(share, share).map(([u, v]) => [
      { x: -1 - u, y: -0.3 * v },
      { x: 0, y: 0.3 * v },
      { x: 1 + u, y: -0.2 * v },
    ]),
    closed: fc.boolean(),
    stepM: share.map((u) => 0.15 + 0.4 * u),
    heightM: share.map((u) => 0.2 + 0.4 * u),
    widthM: share.map((u) => 0.15 + 0.3 * u),
  }),
  fc.record({
    kind: fc.constant('scatter' as const),
    out: share,
    lengthM: share.map((u) => 1 + 4 * u),
    widthM: share.map((u) => 0.6 + 2 * u),
    perM2: share.map((u) => 0.5 + 4 * u),
    thinTo: fc.constantFrom(...THIN_TO),
  }),
  fc.record({
    kind: fc.constant('spots' as const),
    out: share,
    where: fc.constantFrom(...SPOTS_AT),
    inM: share.map((u) => 0.2 + 0.5 * u),
  }),
  fc.record({ kind: fc.constant('exact' as const), out: share }),
  fc.record({ kind: fc.constant('beneath' as const), out: share, about: fc.constant('o') }),
  fc.record({
    kind: fc.constant('climb' as const),
    out: share,
    about: fc.constantFrom(null, { on: 'plant' as const, driftId: 'o', index: 0 }),
  }),
)
const forms: readonly BedForm[] = [
  { kind: 'foundation' },
  { kind: 'screen' },
  { kind: 'terrace', baseM: 0.6, fallM: 0.2 },
  { kind: 'two-sided' },
  { kind: 'island', edge: oval(8, 5), rimM: 0, centre: 'none', centreHeightM: 1, showFromM: 0.5 },
  { kind: 'ring', edge: oval(8, 8), rimM: 1.5, insideHeightM: 2 },
  { kind: 'court', widthM: 10, depthM: 10, pathM: 1, repeat: 'mirrored' },
  { kind: 'court', widthM: 10, depthM: 10, pathM: 1, repeat: 'turned', plan: 'round', segments: 6, centreM: 1 },
  { kind: 'court', widthM: 11, depthM: 11, pathM: 0.8, repeat: 'mirrored', segments: 8 },
  { kind: 'court', widthM: 12, depthM: 9, pathM: 1, repeat: 'mirrored', plan: 'oval' },
  { kind: 'container', diameterM: 2, heightM: 0.5, pots: 2, apartM: 1 },
]
const bedOf = (form: BedForm, drifts: readonly Drift[]): Bed =>
  testBed({
    outline: rectangle(LENGTH, 4),
    form,
    drifts,
    ...(form.kind === 'two-sided' ? { laneShares: [0.3, 0.4, 0.3] } : {}),
  })
const shaped = (id: string, shape: Shape, at: number, count: number, plantId = CATMINT): Drift => ({
  ...drift(id, plantId, 1, at, count),
  shape,
})

/** A bed with a stone in it, and lanes that differ along it. */
function withThings(bed: Bed, frame: BedFrame): Pick<Bed, 'features' | 'laneStations'> {
  const a = frame.runFrom + (frame.runTo - frame.runFrom) * 0.4
  const boulder = newFeature('boulder', 'stone', frame.at(a, frame.depthAlong(a) * 0.6))
  const laneStations = [
    { atM: 0, shares: bed.laneShares },
    { atM: frame.frontLength / 2, shares: bed.laneShares.map((_, i) => (i === 0 ? 0.7 : 0.3 / 2)) },
  ]
  return { features: [{ ...boulder, lengthM: 0.5, widthM: 0.4 }], laneStations }
}

describe('drifts of every shape, in beds of every kind', () => {
  it('stand inside the bed and their shape, no two nearer than the least spacing, the same each time', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...forms),
        shapes,
        share,
        fc.integer({ min: 1, max: 14 }),
        (form, shape, u, count) => {
          const others = [drift('o', 'alchemilla-mollis', 1, u * 6, 3)]
          const frame = bedFrame(bedOf(form, []))
          const plain = bedOf(form, [...others, shaped('s', shape, u * frame.frontLength, count)])
          const bed = u < 0.3 ? { ...plain, ...withThings(plain, frame) } : plain
          const placement = place(bed, library, frame)
          expect(place(bed, library, frame)).toEqual(placement)
          const its = placement.plants.filter((p) => p.driftId === 's')
          expect(its).toHaveLength(count)
          const room = placement.plants.filter((p) => !p.crowded)
          room.forEach((p, i) => {
            const { a, v } = frame.locate(p)
            expect(v).toBeGreaterThan(-0.01)
            expect(v).toBeLessThan(frame.depthAlong(a) + 0.01)
            for (const q of room.slice(0, i)) {
              const least = LEAST_SHARE * allowedDistanceM(p.plant, q.plant, schoolOf(bed).spacing)
              expect(Math.hypot(p.x - q.x, p.y - q.y)).toBeGreaterThan(least - 1e-3)
            }
          })
          for (const disc of bed.features.flatMap(featureDiscs))
            for (const p of room) expect(distance(disc, p)).toBeGreaterThan(p.pinned ? -1 : disc.r - 1e-3)
          const { outline } = placement.shapes.find((s) => s.driftId === 's')!
          const bounded = shape.kind === 'lens' || shape.kind === 'outline'
          if (outline && bounded)
            for (const p of its) if (!p.crowded) expect(distanceInto(outline, p)).toBeLessThan(HELD_BESIDE_M)
        },
      ),
      { numRuns: 150 },
    )
  })

  it('as many fit a lens or an outline as its area holds', () => {
    fc.assert(
      fc.property(share, share, share, (u, v, slant) => {
        const shape: Shape = { kind: 'lens', out: 0.5, lengthM: 3 + 5 * u, widthM: 1 + v, slantDeg: slant * 10 }
        const bed = testBed({ outline: rectangle(20, 8), wall: null, drifts: [shaped('s', shape, 10, 3)] })
        const { fits, outline } = place(bed, library).shapes[0]!
        const area = polygonArea(outline!)
        expect(area).toBeCloseTo((2 / 3) * shape.lengthM * shape.widthM, 1)
        const d = schoolOf(bed).spacing * plant(CATMINT).spreadM
        const reckoned = area / (d * d * (Math.sqrt(3) / 2))
        // A grid's points in an outline differ from its area by at most about half of those on its rim.
        expect(Math.abs(fits - reckoned)).toBeLessThan(2 + (1.2 * shape.lengthM) / d)
      }),
    )
  })

  it('a ring holds by its chord, and goes round the plant it is about', () => {
    const d = 0.9 * plant(CATMINT).spreadM
    const anchor = drift('t', 'physocarpus-opulifolius-diabolo', 0, 6, 1)
    const ring = (radiusM: number, count: number): Drift =>
      shaped('s', { kind: 'ring', out: 0.5, about: { driftId: 't', index: 0 }, radiusM }, 6, count)
    const bed = (radiusM: number, count: number) =>
      testBed({
        outline: rectangle(LENGTH, 6),
        laneShares: [1],
        drifts: [{ ...anchor, lane: 0 }, ring(radiusM, count)],
      })
    const placement = place(bed(1.2, 6), library)
    expect(placement.shapes[0]!.fits).toBe(ringCount(1.2, d))
    const target = placement.plants.find((p) => p.driftId === 't')!
    for (const p of placement.plants.filter((q) => q.driftId === 's'))
      expect(Math.hypot(p.x - target.x, p.y - target.y)).toBeCloseTo(1.2, 1)
    // Round the plant by itself: as near as both their spreads allow.
    const near = place(bed(0, 5), library).plants.filter((p) => p.driftId === 's')
    const least = allowedDistanceM(target.plant, plant(CATMINT), 0.9)
    expect(near.every((p) => Math.abs(Math.hypot(p.x - target.x, p.y - target.y) - least) < 0.05)).toBe(true)
  })

  it('an edge keeps its distance from the front, one spacing from plant to plant', () => {
    const bed = testBed({
      outline: {
        ...rectangle(LENGTH, 3),
        front: {
          kind: 'curved',
          stations: [
            { x: 0, y: 2 },
            { x: 6, y: 3.4 },
            { x: LENGTH, y: 2.2 },
          ],
        },
      },
      drifts: [shaped('s', { kind: 'edge', out: 1, edge: 'front', distanceM: 0.4 }, 6, 9)],
    })
    const frame = bedFrame(bed)
    const list = place(bed, library, frame).plants
    for (const p of list) expect(frame.depthAlong(p.along) - p.out).toBeCloseTo(0.4, 3)
    const sorted = [...list].sort((a, b) => a.x - b.x)
    const d = 0.9 * plant(CATMINT).spreadM
    sorted.slice(1).forEach((p, i) => expect(Math.hypot(p.x - sorted[i]!.x, p.y - sorted[i]!.y)).toBeCloseTo(d, 3))
  })

  it('an edge marks its corners when asked, with even steps between', () => {
    const court: BedForm = { kind: 'court', widthM: 9, depthM: 9, pathM: 1, repeat: 'mirrored' }
    const edge = (corners: 'turned' | 'marked'): Drift =>
      shaped('s', { kind: 'edge', out: 1, edge: 'front', distanceM: 0.3, corners }, 3, 200)
    const spots = (corners: 'turned' | 'marked') => place(bedOf(court, [edge(corners)]), library).plants
    const marked = spots('marked').filter((p) => !p.crowded)
    // A quarter of 4 m: its corners lie 2 m from its middle each way, their plants 0.3 m in along the ray.
    const corner = 2 * (1 - 0.3 / Math.hypot(2, 2))
    for (const [x, y] of [
      [-1, 1],
      [1, 1],
      [1, -1],
      [-1, -1],
    ] as const)
      expect(marked.some((p) => Math.hypot(p.x - x * corner, p.y - y * corner) < 0.02)).toBe(true)
    expect(marked.length % 4).toBe(0)
    expect(Math.abs(marked.length - spots('turned').filter((p) => !p.crowded).length)).toBeLessThan(5)
  })

  it('lanes make way for a shape; what is too many says how many fit', () => {
    const lens: Shape = { kind: 'lens', out: 0.6, lengthM: 3, widthM: 1.2, slantDeg: 12 }
    const bed = testBed({
      outline: rectangle(LENGTH, 4),
      drifts: [drift('a', 'alchemilla-mollis', 1, 6, 5, { pattern: 'row' }), shaped('s', lens, 6, 7)],
    })
    const placement = place(bed, library)
    expect(placement.plants.filter((p) => p.crowded)).toEqual([])
    const many = { ...bed, drifts: [shaped('s', lens, 6, 60)] }
    const full = place(many, library)
    const stand = full.plants.filter((p) => !p.crowded).length
    expect(stand).toBeGreaterThanOrEqual(full.shapes[0]!.fits)
    expect(stand).toBeLessThan(60)
  })

  it('the largest shapes of the smallest plants are set without endless work', () => {
    const tiny = [...library.values()].reduce((a, b) => (b.spreadM < a.spreadM ? b : a))
    const far = [-500, -499, 500].map((x, i) => ({ x, y: i === 1 ? 500 : -500 }))
    const all: readonly Shape[] = [
      { kind: 'lens', out: 0.5, lengthM: 200, widthM: 60, slantDeg: 3 },
      { kind: 'outline', out: 0.5, points: far },
      { kind: 'ribbon', out: 0.5, line: Array.from({ length: 100 }, (_, i) => far[i % 3]!), widthM: 60 },
      { kind: 'grid', out: 0.5, columns: 100, stepM: 0.02, turnDeg: 0 },
      { kind: 'edge', out: 1, edge: 'front', distanceM: 0.3 },
    ]
    for (const shape of all) {
      const bed = testBed({
        outline: rectangle(200, 60),
        wall: null,
        drifts: [shaped('s', shape, 100, 500, tiny.id)],
      })
      const { plants } = place(bed, library)
      expect(plants).toHaveLength(500)
      expect(plants.every((p) => Number.isFinite(p.x + p.y))).toBe(true)
    }
  })

  it('a mirrored shape has the mirrored places', () => {
    const mirrored = (shape: Shape) => mirroredShape(shape, (id) => id)
    fc.assert(
      fc.property(shapes, share, fc.integer({ min: 1, max: 11 }), (shape, u, count) => {
        const at = Math.round((1 + 4.5 * u) * 100) / 100
        const list = (own: Shape, where: number) =>
          place(testBed({ outline: rectangle(LENGTH, 6), drifts: [shaped('s', own, where, count)] }), library)
            .plants
        const here = list(shape, at)
        const there = list(mirrored(shape), LENGTH - at).map((p) => ({ ...p, x: LENGTH - p.x }))
        fc.pre(![...here, ...there].some((p) => p.crowded))
        for (const p of here) expect(there.filter((q) => distance(p, q) < 1e-4)).toHaveLength(1)
      }),
    )
  })

  it('a mirrored bed of any kind has the mirrored places, whatever the shape', () => {
    const pot: BedForm = { kind: 'container', diameterM: 2, heightM: 0.5, pots: 1, apartM: 1 }
    const even = [...forms, pot].filter(
      (f) =>
        (f.kind !== 'container' || f.pots === 1) && !(f.kind === 'court' && (f.plan ?? f.segments) !== undefined),
    )
    const first = (kind: ShapeKind, out: number, count: number): Shape => {
      const shape = startShape(kind, out, 1.5, 0.4, count)
      if (shape.kind === 'edge') return { ...shape, distanceM: 0.5 }
      return shape.kind === 'spots' ? { ...shape, inM: 0.5 } : shape
    }
    const tried = new Map<string, number>()
    for (const form of even)
      for (const kind of SHAPE_KINDS)
        fc.assert(
          // Just in the middle of a bed there is no side to begin from.
          fc.property(
            share,
            share.map((v) => 0.2 + 0.7 * v),
            fc.integer({ min: 1, max: 4 }),
            (u, out, count) => {
              const frame = bedFrame(bedOf(form, []))
              const middle = frame.closed ? 0 : LENGTH / 2
              const flip = (p: Point) => ({ x: 2 * middle - p.x, y: p.y })
              const at = u * frame.frontLength
              const a = frame.alongAt(at)
              const there = frame.sAt(frame.locate(flip(frame.at(a, frame.depthAlong(a)))).a)
              const list = (where: number, shape: Shape) =>
                place({ ...bedOf(form, [shaped('s', shape, where, count)]), wall: null }, library).plants
              const shape = first(kind, out, count)
              const here = list(at, shape)
              const other = list(
                there,
                mirroredShape(shape, (id) => id),
              )
              if ([...here, ...other].some((p) => p.crowded)) return
              tried.set(kind, (tried.get(kind) ?? 0) + 1)
              for (const p of here)
                expect([form.kind, kind, other.some((q) => distance(flip(p), q) < 2e-3)]).toEqual([
                  form.kind,
                  kind,
                  true,
                ])
            },
          ),
          { numRuns: 12 },
        )
    // What lies beneath another drift has none here; every other shape was tried often.
    for (const kind of SHAPE_KINDS) if (kind !== 'beneath') expect(tried.get(kind) ?? 0).toBeGreaterThan(5)
  })

  it('a centimetre moves every shape by that in every kind of bed, and no plant elsewhere by more than a few', () => {
    // Round the corner of a court or a pot what is drawn along an edge turns with it.
    const turns = (shape: Shape, form: BedForm) =>
      ['lens', 'hedge'].includes(shape.kind) && ['court', 'container'].includes(form.kind)
    fc.assert(
      fc.property(
        shapes,
        fc.constantFrom(...forms),
        share,
        fc.integer({ min: 1, max: 9 }),
        (shape, form, u, count) => {
          fc.pre(!turns(shape, form))
          const frame = bedFrame(bedOf(form, []))
          const at = u * (frame.frontLength - 0.02)
          // From the other half of a bed, the first of equal places are those at its other side.
          const middle = (frame.firstX + frame.lastX) / 2
          const beside = (s: number) =>
            frame.at(frame.alongAt(s), 0.5 * frame.depthAlong(frame.alongAt(s))).x - middle
          fc.pre(beside(at) * beside(at + 0.01) > 0 && Math.abs(beside(at)) > 0.3)
          const neighbour = drift('o', 'alchemilla-mollis', 2, frame.frontLength / 2, 3)
          const list = (where: number) =>
            place({ ...bedOf(form, [neighbour, shaped('s', shape, where, count)]), wall: null }, library).plants
          const [before, after] = [list(at), list(at + 0.01)]
          fc.pre(![...before, ...after].some((p) => p.crowded))
          for (const p of before) {
            const now = after.find((q) => q.id === p.id)!
            expect(distance(p, now)).toBeLessThan(0.08)
          }
        },
      ),
    )
  })

  it('a hand’s breadth moves a lens by that', () => {
    fc.assert(
      fc.property(share, share, share, fc.integer({ min: 1, max: 11 }), (u, out, slant, count) => {
        const lens: Shape = {
          kind: 'lens',
          out: 0.3 + 0.4 * out,
          lengthM: 4,
          widthM: 1.6,
          slantDeg: slant * 60 - 30,
        }
        const list = (at: number) =>
          place(
            testBed({ outline: rectangle(LENGTH, 6), wall: null, drifts: [shaped('s', lens, at, count)] }),
            library,
          ).plants
        const at = 3 + 2.9 * u
        const moved = list(at + 0.01)
        list(at).forEach((p, i) => expect(distance(p, moved[i]!)).toBeLessThan(0.03))
      }),
    )
  })
})

/** How far outside an outline a place lies, metres; 0 inside. */
function distanceInto(outline: readonly Point[], p: Point): number {
  return insideOf(outline)(p) ? 0 : distance(nearestOn(outline, p), p)
}
