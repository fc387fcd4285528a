import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CourtForm } from '../model'
import { insideOf, polygonArea } from '../geometry'
import { checkForm } from './checkForm'
import { courtMiddle, segmentEdge } from './court'
import { placeIn, placingsOf } from './placings'
import { plantCounts } from './plantCounts'
import { bedFrame } from './bedFrame'
import { courtRing } from './courtRing'
import { featureLine } from './feature'
import { place } from '../layout'
import { repeated } from '../see'
import { figures } from '../../tests/support/figures'
import { drift, library, testBed } from '../../tests/support/library'

const courts: fc.Arbitrary<CourtForm> = fc
  .record({
    kind: fc.constant('court' as const),
    size: fc.integer({ min: 8, max: 16 }),
    pathM: fc.constantFrom(0.6, 1, 1.4),
    repeat: fc.constantFrom('mirrored', 'turned' as const),
    plan: fc.constantFrom('square', 'round' as const),
    segments: fc.constantFrom(4, 6, 8 as const),
    centreM: fc.constantFrom(0, 1.5),
  })
  .map(({ size, ...form }) => ({ ...form, widthM: size, depthM: size }))
  .filter((form) => checkForm(form).ok)

describe('a court by segments', () => {
  it('has equal segments that do not overlap and leave the paths and the middle open', () => {
    fc.assert(
      fc.property(courts, (form) => {
        const own = segmentEdge(form).stations
        const middle = courtMiddle(form)
        const parts = placingsOf(form).map((to) => own.map((p) => placeIn(to, p)))
        expect(parts).toHaveLength(form.segments ?? 4)
        for (const part of parts) {
          expect(polygonArea(part)).toBeCloseTo(polygonArea(own), 6)
          for (const p of part) {
            const [x, y] = [p.x - middle.x, p.y - middle.y]
            const far = Math.hypot(x, y)
            expect(far).toBeGreaterThan((form.centreM ?? 0) - 1e-5)
            if (form.plan === 'round') expect(far).toBeLessThan(form.widthM / 2 + 1e-5)
            else expect(Math.max(Math.abs(x), Math.abs(y))).toBeLessThan(form.widthM / 2 + 1e-5)
          }
        }
        parts.forEach((part, i) => {
          const isInside = insideOf(part)
          for (const other of parts.slice(0, i)) expect(other.some(isInside)).toBe(false)
        })
      }),
      { numRuns: 60 },
    )
  })

  it('refuses segments that cannot be equal, in words', () => {
    const court = (change: Partial<CourtForm>): CourtForm => ({
      kind: 'court',
      widthM: 8,
      depthM: 8,
      pathM: 1,
      repeat: 'mirrored',
      ...change,
    })
    const said = (change: Partial<CourtForm>) => {
      const checked = checkForm(court(change))
      return checked.ok ? '' : checked.error
    }
    expect(said({ segments: 8, depthM: 6 })).toContain('as wide as it is deep')
    expect(said({ segments: 6 })).toContain('round court')
    expect(said({ segments: 8, repeat: 'turned' })).toContain('mirrored')
    expect(said({ plan: 'round', depthM: 7 })).toContain('as deep as it is wide')
    expect(said({ centreM: 6 })).toContain('no ground to plant')
    expect(said({ plan: 'oval', depthM: 6 })).toBe('')
  })

  it('is varied segment by segment, in the pictures and in the count alike', () => {
    const [A, B] = ['nepeta-x-faassenii', 'salvia-nemorosa-ostfriesland']
    const form: CourtForm = {
      kind: 'court',
      widthM: 10,
      depthM: 10,
      pathM: 1,
      repeat: 'turned',
      plan: 'round',
      segments: 6,
      variants: [
        { part: 1, plantId: A, withId: B },
        { part: 4, plantId: A, withId: B },
      ],
    }
    const bed = testBed({ form, wall: null, drifts: [drift('a', A, 1, 3, 4)] })
    expect([...plantCounts(bed)]).toEqual([
      [A, 16],
      [B, 8],
    ])
    const frame = bedFrame(bed)
    const all = repeated(place(bed, library, frame).plants, form, library)
    expect(all.filter((p) => p.plant.id === B).map((p) => p.id.split('@')[1])).toEqual([...'11114444'])
  })

  it('a ring path runs through every segment at its radius, and closes to a ring over the paths between them', () => {
    fc.assert(
      fc.property(courts, fc.double({ min: 0.5, max: 0.9, noNaN: true }), (form, share) => {
        const radiusM = (form.widthM / 2) * share
        const ring = courtRing(form, 'r', radiusM, 0.5)
        fc.pre(ring !== null)
        const own = featureLine(ring!)
        const isInside = insideOf(segmentEdge(form).stations.map((p) => ({ x: p.x * 1.01, y: p.y * 1.01 })))
        expect(own.every(isInside)).toBe(true)
        const middle = courtMiddle(form)
        const all = placingsOf(form).flatMap((to) => own.map((p) => placeIn(to, p)))
        const far = all.map((p) => [p.x - middle.x, p.y - middle.y] as const)
        const reach = ([x, y]: readonly [number, number]) =>
          form.plan === 'round' ? Math.hypot(x, y) : Math.max(Math.abs(x), Math.abs(y))
        // A round court's edge has straight sides; a square ring's corner is drawn smooth.
        for (const p of far) expect(Math.abs(reach(p) - radiusM)).toBeLessThan(form.plan === 'round' ? 0.02 : 0.25)
        const turns = far.map(([x, y]) => Math.atan2(y, x)).sort((a, b) => a - b)
        const gaps = turns.slice(1).map((t, i) => t - turns[i]!)
        expect(Math.max(...gaps) * radiusM).toBeLessThan(form.pathM * 2 + 0.6)
      }),
      { numRuns: 20 },
    )
  })

  it('has these edges and places', () => {
    const forms = [
      { plan: 'round', segments: 6, centreM: 1 },
      { plan: 'round', segments: 8, repeat: 'turned' },
      { plan: 'round' },
      { segments: 8 },
      { plan: 'oval', depthM: 7 },
      { centreM: 1.2 },
    ] as const
    const said = forms.map((change) => {
      const form: CourtForm = { kind: 'court', widthM: 10, depthM: 10, pathM: 0.9, repeat: 'mirrored', ...change }
      const { areaM2 } = bedFrame({ form, outline: testBed().outline })
      return [segmentEdge(form), placingsOf(form), courtMiddle(form), areaM2].map(figures).join(' ')
    })
    expect(said).toMatchSnapshot()
  })
})
