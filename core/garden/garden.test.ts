import { describe, expect, it } from 'vitest'
import type { Building, Site } from '../model'
import { rectangle } from '../bed'
import { applySiteEdit, EMPTY_SITE, moved, resolveSite } from '../site'
import { drift, library, testBed } from '../../tests/support/library'
import { layGarden } from './layGarden'
import { neighboursOf, placeNeighbours } from './neighbours'
import { sidesNear } from './sidesNear'

const house: Building = {
  id: 'house',
  name: 'House',
  kind: 'building',
  outline: [
    { x: 0, y: 0 },
    { x: 10, y: 0 },
    { x: 10, y: 6 },
    { x: 0, y: 6 },
  ],
  eaveM: 4.2,
  roof: { kind: 'flat' },
  material: 'brick',
  colour: '#8a4b3a',
  openings: [{ id: 'w', side: 0, alongM: 4, widthM: 1.2, sillM: 0.9, headM: 2.2 }],
}
const site: Site = {
  ...EMPTY_SITE,
  northDeg: 30,
  things: [house],
  beds: [
    { bedId: 'b', at: { x: 99, y: 99 }, lookDeg: 0, baseM: 0, against: { thing: 'house', side: 0, alongM: 2 } },
  ],
}
const bed = testBed({ outline: rectangle(6, 2), wall: null })
const lay = (s: Site, beds = [{ id: 'b', bed }]) => layGarden(resolveSite(s), beds)

describe('a bed against a side of a building', () => {
  it('lies at its foot, faces out of it, and has its height, colour and windows', () => {
    const laid = lay(site).beds.get('b')!
    expect(laid.transform!.toSite({ x: 0, y: 0 })).toEqual({ x: 2, y: expect.closeTo(0, 9) as number })
    const inFront = laid.transform!.toSite({ x: 0, y: 1 })
    expect([inFront.x, inFront.y]).toEqual([expect.closeTo(2, 9), expect.closeTo(-1, 9)])
    expect(laid.bed.wall).toEqual({
      heightM: 4.2,
      material: 'brick',
      colour: '#8a4b3a',
      openings: [{ id: 'w', x: 2, widthM: 1.2, sillM: 0.9, headM: 2.2 }],
    })
  })

  it('is the same whichever way round the outline was drawn', () => {
    const outline = [...house.outline].reverse()
    // Reversed, the south side is the one from (10, 0) to (0, 0), and its window is measured from the other end.
    const side = outline.findIndex(
      (p, i) => (p as { y: number }).y === 0 && (outline[(i + 1) % 4] as { y: number }).y === 0,
    )
    const turned: Building = {
      ...house,
      outline,
      openings: [{ ...house.openings[0]!, side, alongM: 10 - 4 - 1.2 }],
    }
    const beds = [{ ...site.beds[0]!, against: { thing: 'house', side, alongM: 2 } }]
    const laid = lay({ ...site, things: [turned], beds }).beds.get('b')!
    expect(laid.transform!.toSite({ x: 0, y: 1 }).x).toBeCloseTo(2, 9)
    expect(laid.transform!.toSite({ x: 0, y: 1 }).y).toBeCloseTo(-1, 9)
    expect(laid.bed.wall!.openings[0]!.x).toBeCloseTo(2, 9)
  })

  it('moves with the building, and its windows with the building’s', () => {
    const after = applySiteEdit(site, { kind: 'setThing', thing: moved(house, 3, -1) }).site
    const laid = lay(after).beds.get('b')!
    expect(laid.transform!.toSite({ x: 0, y: 0 })).toEqual({ x: 5, y: expect.closeTo(-1, 9) as number })
    expect(laid.bed.wall!.openings[0]!.x).toBe(2)
  })

  it('keeps its own wall and place when what it lay against is gone', () => {
    const own = testBed({ outline: rectangle(6, 2) })
    const laid = lay({ ...site, things: [] }, [{ id: 'b', bed: own }]).beds.get('b')!
    expect(laid.bed.wall).toEqual(own.wall)
    expect(laid.transform!.toSite({ x: 0, y: 0 })).toEqual({ x: 99, y: 99 })
  })

  it('is offered every side, with where it lies along it now', () => {
    const resolved = resolveSite(site)
    const choices = sidesNear(resolved, { at: { x: 3, y: -2 }, lookDeg: 30 })
    expect(choices).toHaveLength(4)
    expect(choices[0]!.against).toEqual({ thing: 'house', side: 0, alongM: 3 })
  })
})

describe('level, viewpoint and neighbours', () => {
  const two: Site = {
    ...EMPTY_SITE,
    things: [
      {
        id: 't',
        name: 'Step',
        kind: 'terrace',
        levelM: 0.45,
        outline: [
          { x: -1, y: 4 },
          { x: 9, y: 4 },
          { x: 9, y: 8 },
          { x: -1, y: 8 },
        ],
      },
      { id: 'v', name: 'Seat', kind: 'viewpoint', viewer: 'seat', at: { x: 3, y: -6 }, eyeM: 1.15 },
    ],
    beds: [
      { bedId: 'low', at: { x: 0, y: 2 }, lookDeg: 0, baseM: 0, viewFrom: 'v' },
      { bedId: 'high', at: { x: 0, y: 7 }, lookDeg: 0, baseM: 0 },
    ],
  }
  const planted = testBed({
    outline: rectangle(6, 2),
    wall: null,
    drifts: [drift('n', 'nepeta-x-faassenii', 1, 3)],
  })
  const garden = lay(two, [
    { id: 'low', bed: planted },
    { id: 'high', bed: planted },
  ])

  it('a bed on a level lies on it, and is judged from the site’s viewpoint', () => {
    expect(garden.beds.get('high')!.baseM).toBe(0.45)
    expect(garden.beds.get('low')!.baseM).toBe(0)
    // From y −6 to the front edge at y 0.
    expect(garden.beds.get('low')!.bed.viewpoint).toEqual({
      name: 'Seat',
      eyeHeightM: 1.15,
      distanceM: 6,
      turnDeg: 0,
    })
  })

  it('plants of one bed stand in the plan of the other, behind it and higher', () => {
    const [plant] = neighboursOf(garden, 'low', library)
    const own = neighboursOf(garden, 'high', library)[0]!
    expect(plant).toMatchObject({ neighbour: 'high', groundM: 0.45 })
    expect(plant!.y).toBeLessThan(-3)
    expect(own.groundM).toBe(-0.45)
    expect(own.y - plant!.y).toBeCloseTo(10, 6)
    expect(neighboursOf(garden, 'none', library)).toEqual([])
    // One pause for each other bed that lies on the site, and the same plants after it.
    expect([...placeNeighbours(garden, 'low', library)]).toHaveLength(1)
    expect(neighboursOf(garden, 'low', library)[0]).toEqual(plant)
  })
})
