import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Opening, Site } from '../model'
import { bedFrame, rectangle } from '../bed'
import { resolveSite } from '../site'
import { demoBed, testBed } from '../../tests/support/library'
import { layGarden } from './layGarden'
import { linkBeds } from './linkBeds'
import { ownSite, wallAsBuilding } from './ownSite'
import { slideAlong } from './slideAlong'

const window = (x: number): Opening => ({ id: `w${x}`, x, widthM: 1.2, sillM: 0.9, headM: 2.2 })
const wall = { heightM: 3.4, material: 'brick', colour: '#8a4b3a', openings: [window(1), window(4)] } as const
const bed = testBed({ outline: rectangle(8, 2), wall, ground: { ...testBed().ground, facing: 'west' } })
const frame = bedFrame(bed)

describe('the site of a bed that has none', () => {
  it('has the wall, the windows and the viewpoint that the bed says it has', () => {
    const site = ownSite('b', bed, frame)
    const laid = layGarden(resolveSite(site), [{ id: 'b', bed }]).beds.get('b')!
    expect(laid.bed.wall).toEqual(wall)
    expect(laid.surroundings.facesDeg).toBe(270)
    const eye = laid.surroundings.things.find((t) => t.kind === 'viewpoint')!
    expect(eye).toMatchObject({ eyeM: 1.6, at: { x: expect.closeTo(4, 2), y: expect.closeTo(5, 2) } })
  })
  it('is made for a bed that has no place, and says nothing of where it faces when nobody knows', () => {
    const lone = testBed({ outline: rectangle(8, 2), wall, ground: { ...bed.ground, facing: '' } })
    const laid = layGarden(resolveSite({ ...ownSite('other', bed, frame) }), [{ id: 'b', bed: lone }]).beds.get(
      'b',
    )!
    expect(laid.transform).toBeNull()
    expect(laid.surroundings.facesDeg).toBeNull()
    expect(laid.surroundings.things.map((t) => t.kind)).toEqual(['building', 'viewpoint'])
  })
  it('has no wall for a bed without one, nor for a round one', () => {
    expect(wallAsBuilding('w', { ...bed, wall: null }, frame)).toBeNull()
    const island = demoBed('bell-island')
    expect(ownSite('i', island, bedFrame(island)).things.map((t) => t.kind)).toEqual(['viewpoint'])
  })
})

describe('linking the beds of an older garden', () => {
  const site = ownSite('b', bed, frame)
  const unlinked = (change = {}): Site => ({
    ...site,
    beds: site.beds.map((place) => ({ ...place, against: undefined, ...change })),
  })
  const link = (s: Site, b = bed) => linkBeds(s, new Map([['b', b]])).beds[0]!.against
  it('lays a bed against the wall it lies along', () =>
    expect(link(unlinked())).toEqual({ thing: 'b-wall', side: 0, alongM: 0 }))
  it('leaves one that was taken away from it, that lies elsewhere, or that turns its back', () => {
    expect(link(unlinked({ against: null }))).toBeNull()
    expect(link(unlinked({ at: { x: 0, y: -0.4 } }))).toBeUndefined()
    expect(link(unlinked({ lookDeg: 0 }))).toBeUndefined()
  })
  it('leaves one whose own wall has what the site’s has not', () => {
    expect(link(unlinked(), { ...bed, wall: { ...wall, heightM: 4.2 } })).toBeUndefined()
    expect(
      link(unlinked(), { ...bed, wall: { ...wall, openings: [...wall.openings, window(6.5)] } }),
    ).toBeUndefined()
  })
})

describe('a hand that moves a bed along its wall', () => {
  const site = resolveSite(ownSite('b', bed, frame))
  const place = site.beds[0]!
  it('slides it while it stays near, and takes it away beyond a metre', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 11, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (x, y) => {
          const after = slideAlong(site, place, { x, y })
          const out = Math.hypot(Math.max(0, -x, x - 8), y)
          if (out > 1.0001) expect(after).toMatchObject({ against: null, at: { x, y } })
          if (out < 0.9999)
            expect(after.against).toEqual({
              ...place.against,
              alongM: expect.closeTo(Math.min(8, Math.max(0, x)), 3),
            })
        },
      ),
    )
  })
})
