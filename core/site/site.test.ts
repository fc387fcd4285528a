import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { distance } from '../geometry'
import { bedTransform, byOffset, byTapes, closing, EMPTY_SITE, measureTo, resolvePoints, resolveSite, windName, type Measure, type SurveyPoint } from '.'

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const place = fc.record({ x: num(-40, 40), y: num(-40, 40) })
const fixed = (id: string, x: number, y: number): SurveyPoint => ({ id, name: id, measure: { kind: 'fixed', x, y } })

describe('survey by tape', () => {
  it('places an offset along and out, to the right when walking along', () => {
    const p = byOffset({ x: 0, y: 0 }, { x: 10, y: 0 }, 4.2, 1.1)
    expect(p).toEqual({ ok: true, value: { x: 4.2, y: -1.1 } })
  })

  it('meets two tapes where both are as long as measured, on the side chosen', () => {
    fc.assert(fc.property(place, place, place, (a, b, p) => {
      fc.pre(distance(a, b) > 0.5 && distance(a, p) > 0.1 && distance(b, p) > 0.1)
      const side = (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x) <= 0 ? 'right' : 'left'
      const met = byTapes(a, distance(a, p), b, distance(b, p), side)
      expect(met.ok && distance(met.value, p)).toBeLessThan(1e-4)
    }))
  })

  it('explains tapes that cannot meet, with how much is missing', () => {
    const short = byTapes({ x: 0, y: 0 }, 2, { x: 10, y: 0 }, 3, 'left')
    expect(!short.ok && short.error).toContain('5.00 m are missing')
    const long = byTapes({ x: 0, y: 0 }, 20, { x: 10, y: 0 }, 3, 'left')
    expect(!long.ok && long.error).toContain('second is 7.00 m too short')
    expect(byTapes({ x: 1, y: 1 }, 2, { x: 1, y: 1 }, 2, 'left').ok).toBe(false)
  })

  it('dragging a point rewrites its measure so that it resolves to where it was dragged', () => {
    const kinds: Measure[] = [{ kind: 'offset', from: 'a', to: 'b', alongM: 1, outM: 1 }, { kind: 'tapes', a: 'a', aM: 6, b: 'b', bM: 7, side: 'left' }, { kind: 'fixed', x: 0, y: 0 }]
    fc.assert(fc.property(place, fc.constantFrom(...kinds), (to, measure) => {
      fc.pre(distance(to, { x: 0, y: 0 }) > 0.2 && distance(to, { x: 9, y: 3 }) > 0.2)
      const known = [fixed('a', 0, 0), fixed('b', 9, 3)]
      const { places } = resolvePoints(known)
      const after = resolvePoints([...known, { id: 'p', name: 'p', measure: measureTo(measure, to, places) }])
      expect(after.problems.size).toBe(0)
      // Tapes read to the millimetre cross at a flat angle near their own line.
      expect(distance(after.places.get('p')!, to)).toBeLessThan(measure.kind === 'tapes' ? 0.2 : 0.002)
    }))
  })

  it('names a ring of points measured from each other, and points that are gone', () => {
    const { places, problems } = resolvePoints([
      fixed('a', 0, 0),
      { id: 'b', name: 'Gate', measure: { kind: 'running', from: 'a', to: 'c', alongM: 2 } },
      { id: 'c', name: 'Oak', measure: { kind: 'offset', from: 'a', to: 'b', alongM: 2, outM: 0 } },
      { id: 'd', name: 'Tap', measure: { kind: 'running', from: 'a', to: 'zz', alongM: 1 } },
    ])
    expect([...places.keys()]).toEqual(['a'])
    expect(problems.get('d')).toContain('not there any more')
    expect([...problems.values()].join()).toMatch(/measured from it in turn/)
  })

  it('spreads a closing error in proportion to the way walked', () => {
    const walk = [{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 10 }, { x: 0.2, y: 9.9 }, { x: 0.3, y: 0.4 }]
    const { errorM, spread, perCent } = closing(walk)
    expect(errorM).toBeCloseTo(0.5, 9)
    expect(perCent).toBeCloseTo((0.5 / (10 + 10 + Math.hypot(9.8, 0.1) + Math.hypot(0.1, 9.5))) * 100, 6)
    expect(spread).toHaveLength(4)
    expect(spread[0]).toEqual({ x: 0, y: 0 })
    const moved = spread.map((p, i) => distance(p, walk[i]!))
    expect([...moved].sort((a, b) => a - b)).toEqual(moved)
    expect(closing([...spread, spread[0]!]).errorM).toBeCloseTo(0, 9)
  })
})

describe('places', () => {
  it('fixes corners to surveyed points', () => {
    const site = resolveSite({ ...EMPTY_SITE, points: [fixed('a', 3, 4)], things: [{ id: 't', name: 'Tap', kind: 'feature', what: 'tap', at: { of: 'a' }, heightM: 0.6, widthM: 0.2, keepInView: false }] })
    expect(site.things[0]).toMatchObject({ at: { x: 3, y: 4 } })
  })

  it('goes from the bed’s plan to the site’s and back', () => {
    fc.assert(fc.property(place, place, num(0, 360), num(0, 360), (at, p, look, north) => {
      const t = bedTransform(at, look, north)
      expect(distance(t.toBed(t.toSite(p)), p)).toBeLessThan(1e-9)
      expect(distance(t.toSite({ x: 0, y: 0 }), at)).toBeLessThan(1e-9)
    }))
    // Looking north on a sheet with north up: along the wall is to the right, toward the viewer is down.
    expect(bedTransform({ x: 0, y: 0 }, 0, 0).toSite({ x: 2, y: 1 })).toEqual({ x: 2, y: -1 })
    expect(windName(222)).toBe('south-west')
    expect(windName(-10)).toBe('north')
  })
})
