import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Measure, Site, SurveyPoint, Thing } from '../model'
import { distance } from '../geometry'
import { applySiteEdit, describeSiteEdit, type SiteEdit, EMPTY_SITE } from './siteEdit'
import { bedTransform, windName } from './bedPlace'
import { boundsOf, thingAt } from './thingAt'
import { byOffset, byTapes, closing, measureTo, resolvePoints } from './survey'
import { distanceTo, doorsOf, holds, sightTriangles, surroundingsOf } from './surroundings'
import { jarTest, percolation, ribbonSoil } from './soilTests'
import { moved, newThing, spotsOf, withSpots } from './newThing'
import { resolveSite } from './resolve'
import { walkOutline } from './walkOutline'

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const place = fc.record({ x: num(-40, 40), y: num(-40, 40) })
const fixed = (id: string, x: number, y: number): SurveyPoint => ({
  id,
  name: id,
  measure: { kind: 'fixed', x, y },
})

describe('survey by tape', () => {
  it('places an offset along and out, to the right when walking along', () => {
    const p = byOffset({ x: 0, y: 0 }, { x: 10, y: 0 }, 4.2, 1.1)
    expect(p).toEqual({ ok: true, value: { x: 4.2, y: -1.1 } })
  })

  it('meets two tapes where both are as long as measured, on the side chosen', () => {
    fc.assert(
      fc.property(place, place, place, (a, b, p) => {
        fc.pre(distance(a, b) > 0.5 && distance(a, p) > 0.1 && distance(b, p) > 0.1)
        const side = (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x) <= 0 ? 'right' : 'left'
        const met = byTapes(a, distance(a, p), b, distance(b, p), side)
        expect(met.ok && distance(met.value, p)).toBeLessThan(1e-4)
      }),
    )
  })

  it('explains tapes that cannot meet, with how much is missing', () => {
    const short = byTapes({ x: 0, y: 0 }, 2, { x: 10, y: 0 }, 3, 'left')
    expect(!short.ok && short.error).toContain('5.00\u202fm are missing')
    const long = byTapes({ x: 0, y: 0 }, 20, { x: 10, y: 0 }, 3, 'left')
    expect(!long.ok && long.error).toContain('second is 7.00\u202fm too short')
    expect(byTapes({ x: 1, y: 1 }, 2, { x: 1, y: 1 }, 2, 'left').ok).toBe(false)
  })

  it('dragging a point rewrites its measure so that it resolves to where it was dragged', () => {
    const kinds: Measure[] = [
      { kind: 'offset', from: 'a', to: 'b', alongM: 1, outM: 1 },
      { kind: 'tapes', a: 'a', aM: 6, b: 'b', bM: 7, side: 'left' },
      { kind: 'fixed', x: 0, y: 0 },
    ]
    fc.assert(
      fc.property(place, fc.constantFrom(...kinds), (to, measure) => {
        fc.pre(distance(to, { x: 0, y: 0 }) > 0.2 && distance(to, { x: 9, y: 3 }) > 0.2)
        const known = [fixed('a', 0, 0), fixed('b', 9, 3)]
        const { places } = resolvePoints(known)
        const after = resolvePoints([...known, { id: 'p', name: 'p', measure: measureTo(measure, to, places) }])
        expect(after.problems.size).toBe(0)
        // Tapes read to the millimetre cross at a flat angle near their own line.
        expect(distance(after.places.get('p')!, to)).toBeLessThan(measure.kind === 'tapes' ? 0.2 : 0.002)
      }),
    )
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
    const walk = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 10 },
      { x: 0.2, y: 9.9 },
      { x: 0.3, y: 0.4 },
    ]
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
    const site = resolveSite({
      ...EMPTY_SITE,
      points: [fixed('a', 3, 4)],
      things: [
        {
          id: 't',
          name: 'Tap',
          kind: 'feature',
          what: 'tap',
          at: { of: 'a' },
          heightM: 0.6,
          widthM: 0.2,
          keepInView: false,
        },
      ],
    })
    expect(site.things[0]).toMatchObject({ at: { x: 3, y: 4 } })
  })

  it('goes from the bed’s plan to the site’s and back', () => {
    fc.assert(
      fc.property(place, place, num(0, 360), num(0, 360), (at, p, look, north) => {
        const t = bedTransform(at, look, north)
        expect(distance(t.toBed(t.toSite(p)), p)).toBeLessThan(1e-9)
        expect(distance(t.toSite({ x: 0, y: 0 }), at)).toBeLessThan(1e-9)
      }),
    )
    // Looking north on a sheet with north up: along the wall is to the right, toward the viewer is down.
    expect(bedTransform({ x: 0, y: 0 }, 0, 0).toSite({ x: 2, y: 1 })).toEqual({ x: 2, y: -1 })
    expect(windName(222)).toBe('south-west')
    expect(windName(-10)).toBe('north')
  })
})

describe('edits of a site', () => {
  const thing = (id: string) => newThing('tree', id, { x: 1, y: 2 })
  const kinds = fc.constantFrom(
    'building',
    'fence',
    'surface',
    'terrace',
    'tree',
    'feature',
    'service',
    'viewpoint',
    'target' as const,
  )
  const edits = fc.oneof(
    fc
      .tuple(kinds, fc.constantFrom('a', 'b', 'c'))
      .map(([kind, id]): SiteEdit => ({ kind: 'setThing', thing: newThing(kind, id, { x: 3, y: 4 }) })),
    fc.constantFrom('a', 'b', 'zz').map((id): SiteEdit => ({ kind: 'removeThing', id })),
    fc.constantFrom('p', 'q').map((id): SiteEdit => ({ kind: 'setPoint', point: fixed(id, 7, 8) })),
    fc.constantFrom('p', 'zz').map((id): SiteEdit => ({ kind: 'removePoint', id })),
    fc.integer({ min: -90, max: 90 }).map((northDeg): SiteEdit => ({ kind: 'setNorth', northDeg })),
    fc
      .constantFrom(null, { bedId: 'x', at: { x: 0, y: 0 }, lookDeg: 10, baseM: 0 })
      .map((place): SiteEdit => ({ kind: 'setBedPlace', bedId: 'x', place })),
  )
  it('are undone by their inverse, alone and in a row', () => {
    fc.assert(
      fc.property(fc.array(edits, { maxLength: 8 }), (list) => {
        const start: Site = { ...EMPTY_SITE, things: [thing('a'), thing('b')], points: [fixed('p', 0, 0)] }
        const { site, inverse } = applySiteEdit(start, { kind: 'all', edits: list, name: 'all' })
        expect(applySiteEdit(site, inverse).site).toEqual(start)
        for (const edit of list) expect(describeSiteEdit(edit).length).toBeGreaterThan(3)
      }),
    )
  })
  it('moves free corners and leaves surveyed ones where they were measured', () => {
    const fence: Thing = { ...newThing('fence', 'f', { x: 0, y: 0 }), line: [{ of: 'p' }, { x: 1, y: 1 }] } as Thing
    expect(spotsOf(moved(fence, 2, 3))).toEqual([{ of: 'p' }, { x: 3, y: 4 }])
    expect(
      spotsOf(
        withSpots(fence, [
          { x: 0, y: 0 },
          { x: 5, y: 5 },
        ]),
      )[1],
    ).toEqual({ x: 5, y: 5 })
  })
})

describe('what lies round a bed', () => {
  const at = resolveSite({
    ...EMPTY_SITE,
    things: [
      {
        ...newThing('building', 'h', { x: 0, y: 0 }),
        outline: [
          { x: 0, y: 0 },
          { x: 10, y: 0 },
          { x: 10, y: 6 },
          { x: 0, y: 6 },
        ],
        openings: [{ id: 'd', side: 0, alongM: 2, widthM: 1, sillM: 0, headM: 2 }],
      } as Thing,
      newThing('tree', 't', { x: 4, y: -5 }),
      {
        ...newThing('surface', 'street', { x: 0, y: 0 }),
        cover: 'street',
        outline: [
          { x: -20, y: -14 },
          { x: 20, y: -14 },
          { x: 20, y: -10 },
          { x: -20, y: -10 },
        ],
      } as Thing,
      {
        ...newThing('surface', 'drive', { x: 0, y: 0 }),
        cover: 'drive',
        outline: [
          { x: 12, y: -10 },
          { x: 15, y: -10 },
          { x: 15, y: 5 },
          { x: 12, y: 5 },
        ],
      } as Thing,
    ],
    beds: [{ bedId: 'b', at: { x: 0, y: 0 }, lookDeg: 0, baseM: 0 }],
  })
  it('is told in the bed’s own plan', () => {
    const seen = surroundingsOf(at, 'b')!
    expect(seen.facesDeg).toBe(180)
    expect(seen.things.find((t) => t.id === 't')).toMatchObject({ at: { x: 4, y: 5 } })
    expect(surroundingsOf(at, 'no')).toBeNull()
    expect(doorsOf(at.things)).toEqual([{ name: 'Building', at: { x: 2.5, y: 0 }, widthM: 1 }])
    expect(distanceTo(at.things[0]!, { x: 5, y: 3 })).toBe(0)
    expect(distanceTo(at.things[0]!, { x: 5, y: -2 })).toBeCloseTo(2, 9)
  })
  it('a drive on a street has a sight triangle on each side of it, 3 m each way', () => {
    const triangles = sightTriangles(at.things)
    expect(triangles).toHaveLength(2)
    expect(triangles.some((t) => holds(t, { x: 11.5, y: -9.5 }))).toBe(true)
    expect(triangles.some((t) => holds(t, { x: 15.5, y: -9.5 }))).toBe(true)
    expect(triangles.some((t) => holds(t, { x: 20, y: -9 }))).toBe(false)
  })
  it('finds the thing under a place, the small before the large', () => {
    expect(thingAt(at.things, { x: 4, y: -5 }, 0.3)?.id).toBe('t')
    expect(thingAt(at.things, { x: 5, y: 3 }, 0.3)?.id).toBe('h')
    expect(thingAt(at.things, { x: 60, y: 60 }, 0.3)).toBeNull()
    expect(boundsOf([])).toMatchObject({ x0: -8 })
  })
})

describe('tests of the soil', () => {
  it('read the jar, the ribbon and the hole', () => {
    expect(jarTest(90, 6, 4)).toMatchObject({ texture: 'sand', soil: 'sand' })
    expect(jarTest(40, 40, 20)).toMatchObject({ texture: 'loam', soil: 'loam' })
    expect(jarTest(20, 25, 55)).toMatchObject({ texture: 'clay', soil: 'clay' })
    expect(jarTest(0, 0, 0)).toBeNull()
    expect(ribbonSoil(0.2, true).soil).toBe('sand')
    expect(ribbonSoil(6, false).soil).toBe('clay')
    expect(percolation(50, 60)).toMatchObject({ mmPerH: 50, drainage: 'steady' })
    expect(percolation(5, 60)?.drainage).toBe('stands')
    expect(percolation(5, 0)).toBeNull()
  })
  it('every jar has a texture, and its shares add up', () => {
    const mm = fc.double({ min: 0, max: 200, noNaN: true })
    fc.assert(
      fc.property(mm, mm, mm, (a, b, c) => {
        fc.pre(a + b + c > 0.01)
        const jar = jarTest(a, b, c)!
        expect(jar.sand + jar.silt + jar.clay).toBeCloseTo(1, 6)
        expect(jar.texture).not.toBe('')
      }),
    )
  })
})

it('a walk by lengths and right turns comes back where it began', () => {
  const walk = walkOutline({ x: 1, y: 1 }, 90, [
    { lengthM: 4, turnDeg: 90 },
    { lengthM: 3, turnDeg: 90 },
    { lengthM: 4, turnDeg: 90 },
    { lengthM: 3, turnDeg: 90 },
  ])
  expect(closing(walk).errorM).toBeCloseTo(0, 9)
  expect(walk[1]).toEqual({ x: 5, y: expect.closeTo(1, 9) })
})
