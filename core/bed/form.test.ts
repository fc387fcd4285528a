import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BED_KINDS, type BedForm } from '../model'
import { distance, polygonArea } from '../geometry'
import { place, allowedDistanceM, LEAST_SHARE } from '../layout'
import { bedFrame } from './bedFrame'
import { isRound, oval } from './form'
import { placeIn, placingsOf } from './placings'
import { checkForm } from './checkForm'
import { fromSpine, laneCounts, laneNames, startShares } from './lanes'
import { schoolOf } from './schools'
import { startForm } from './startForm'
import { drift, library, plants, testBed } from '../../tests/support/library'

const size = fc.double({ min: 2, max: 14, noNaN: true })
const kinds = fc.constantFrom(...BED_KINDS)
const forms = fc
  .tuple(kinds, size, size)
  .map(([kind, l, d]): BedForm => startForm(kind, l, d))
  .filter((f) => checkForm(f).ok)
const bedOf = (form: BedForm) => testBed({ form, wall: null, laneShares: startShares(3, form.kind) })

describe('beds of every kind', () => {
  it('go from (s,t) to the plan and back within a millimetre', () => {
    fc.assert(
      fc.property(
        forms,
        fc.double({ min: 0, max: 0.999, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (form, share, t) => {
          const frame = bedFrame(bedOf(form))
          const s = share * frame.frontLength
          const p = frame.toPlan({ s, t })
          const back = frame.toBed(p)
          expect(distance(frame.toPlan(back), p)).toBeLessThan(0.001)
          expect(Math.abs(back.t - t)).toBeLessThan(0.001)
          const apart = Math.abs(back.s - s)
          expect(Math.min(apart, frame.frontLength - apart)).toBeLessThan(0.001)
        },
      ),
    )
  })

  it('have lanes of their own, each with a depth, names and a start', () => {
    for (const kind of BED_KINDS) {
      for (const n of laneCounts(kind)) {
        expect(laneNames(n, kind)).toHaveLength(n)
        expect(startShares(n, kind).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6)
      }
    }
    // As many as a stored bed may have, whether its kind offers that number or not.
    for (const kind of BED_KINDS) for (const n of [1, 2, 3, 4, 5]) expect(new Set(laneNames(n, kind)).size).toBe(n)
    expect(fromSpine(0.5)).toEqual({ front: 'near', t: 0 })
    expect(fromSpine(0)).toEqual({ front: 'far', t: 1 })
  })

  it('stand plants inside, no two nearer than the school allows but the crowded, the same each time', () => {
    const soft = plants
      .filter((p) => p.kind !== 'climber' && p.kind !== 'tree' && p.spreadM <= 0.9)
      .map((p) => p.id)
    const list = fc.array(
      fc.tuple(
        fc.constantFrom(...soft),
        fc.integer({ min: 0, max: 2 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 7 }),
        fc.constantFrom('mass', 'row', 'dotted' as const),
      ),
      { minLength: 1, maxLength: 8 },
    )
    fc.assert(
      fc.property(forms, list, (form, drifts) => {
        const plain = bedOf(form)
        const frame = bedFrame(plain)
        const bed = {
          ...plain,
          drifts: drifts.map(([id, lane, at, count, pattern], i) =>
            drift(`d${i}`, id, lane, at * frame.frontLength, count, { pattern }),
          ),
        }
        const { plants: placed, spans } = place(bed, library, frame)
        expect(placed).toHaveLength(drifts.reduce((n, d) => n + d[3], 0))
        expect(place(bed, library, frame).plants).toEqual(placed)
        const k = schoolOf(bed).spacing
        placed.forEach((p, i) => {
          const { v, a } = frame.locate(p)
          expect(v).toBeGreaterThan(-0.01)
          expect(v).toBeLessThan(frame.depthAlong(a) + 0.01)
          if (p.crowded) return
          for (const q of placed.slice(0, i))
            if (!q.crowded)
              expect(distance(p, q)).toBeGreaterThan(LEAST_SHARE * allowedDistanceM(p.plant, q.plant, k) - 1e-3)
        })
        if (frame.closed)
          for (const span of spans)
            expect(span.to - span.from).toBeLessThanOrEqual(frame.runTo - frame.runFrom + 1e-6)
      }),
      { numRuns: 60 },
    )
  })

  it('a plant alone in the middle lane stands in the very middle', () => {
    const bed = {
      ...bedOf(startForm('island', 5, 5)),
      drifts: [drift('a', 'physocarpus-opulifolius-diabolo', 0, 3)],
    }
    expect(distance(place(bed, library).plants[0]!, { x: 0, y: 0 })).toBeLessThan(1e-6)
  })
})

describe('figures of each kind', () => {
  it('a round bed has the length and area of its circle, less the rim', () => {
    const frame = bedFrame(
      bedOf({
        kind: 'island',
        edge: oval(5.6, 5.6, 16),
        rimM: 0.4,
        centre: 'post',
        centreHeightM: 1.8,
        showFromM: 1,
      }),
    )
    expect(frame.frontLength).toBeCloseTo(Math.PI * 5.6, 0)
    expect(frame.areaM2).toBeCloseTo(Math.PI * (2.8 ** 2 - 0.4 ** 2), 0)
    expect(frame.depths.greatest).toBeCloseTo(2.4, 2)
  })

  it('s begins at the viewer’s left and passes the viewer first', () => {
    const frame = bedFrame(bedOf(startForm('island', 6, 4)))
    expect(frame.toPlan({ s: 0, t: 1 }).x).toBeCloseTo(-3, 1)
    expect(frame.toPlan({ s: frame.frontLength / 4, t: 1 }).y).toBeGreaterThan(1.8)
  })

  it('an oval has a spine: its lanes keep their depth along it', () => {
    const frame = bedFrame(bedOf(startForm('island', 10, 4)))
    expect(frame.toPlan({ s: frame.frontLength / 4 + 1.5, t: 0 }).x).toBeGreaterThan(1)
    expect(frame.depths.greatest).toBeLessThan(2.3)
  })

  it('a court’s quarters do not meet, mirror each other across the paths, and fill it to the edge', () => {
    for (const repeat of ['mirrored', 'turned'] as const) {
      const form: BedForm = { kind: 'court', widthM: 8, depthM: 8, pathM: 1.2, repeat }
      const { outline } = bedFrame(bedOf(form))
      const all = placingsOf(form).map((to) => outline.map((p) => placeIn(to, p)))
      expect(all).toHaveLength(4)
      const xs = all.flat().map((p) => p.x)
      expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(8, 6)
      for (const o of all) expect(polygonArea(o)).toBeCloseTo(3.4 ** 2, 6)
      const middles = all.map((o) => ({
        x: o.reduce((n, p) => n + p.x, 0) / 4,
        y: o.reduce((n, p) => n + p.y, 0) / 4,
      }))
      expect(distance(middles[0]!, middles[1]!)).toBeCloseTo(4.6, 6)
      expect(distance(middles[0]!, middles[2]!)).toBeCloseTo(4.6 * Math.SQRT2, 6)
    }
  })

  it('says what is wrong with a form that cannot be', () => {
    const wrong = (form: BedForm) => {
      const r = checkForm(form)
      return r.ok ? '' : r.error
    }
    expect(wrong({ kind: 'court', widthM: 2, depthM: 8, pathM: 1.5, repeat: 'mirrored' })).toContain(
      'paths take the whole court',
    )
    expect(wrong({ kind: 'court', widthM: 6, depthM: 8, pathM: 1, repeat: 'turned' })).toContain('square court')
    expect(wrong({ kind: 'ring', edge: oval(3, 3), rimM: 1.6, insideHeightM: 2 })).toContain('planting inside')
    const folded = {
      smooth: false,
      stations: [
        { x: -3, y: 0 },
        { x: 3, y: 0.5 },
        { x: 2.9, y: 3 },
        { x: 2.5, y: 1 },
        { x: -3, y: 3 },
      ],
    }
    expect(
      wrong({ kind: 'island', edge: folded, rimM: 0, centre: 'none', centreHeightM: 1, showFromM: 1 }),
    ).not.toBe('')
    expect(isRound(startForm('container', 0.6, 0.6))).toBe(true)
  })
})
