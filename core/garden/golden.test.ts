import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { demoSite, goldenBed } from '../../tests/support/goldenBeds'
import { demoBed, library } from '../../tests/support/library'
import { bedFrame } from '../bed'
import { resolveSite, type PlacedOf } from '../site'
import { layGarden, seenFrom } from './layGarden'
import { neighboursOf } from './neighbours'
import { ownSite } from './ownSite'
import { sideOf, wallOf } from './sideOf'
import { sidesNear } from './sidesNear'

const site = resolveSite(demoSite)
const beds = demoSite.beds.map(({ bedId: id }) => ({ id, bed: demoBed(id) }))

describe('golden garden', () => {
  it('every demo bed in its place, with what it sees of the others', () => {
    const garden = layGarden(site, beds)
    expect(
      beds.map(({ id }) => {
        const laid = garden.beds.get(id)!
        const near = neighboursOf(garden, id, library)
        return (
          `${id} ${laid.baseM} ` +
          `${figures([laid.bed.wall, laid.bed.viewpoint, laid.transform?.toSite({ x: 1, y: 2 })])} ` +
          `${near.length} ${figures(near.map((p) => [p.id, p.x, p.y, p.along, p.out, p.groundM]))}`
        )
      }),
    ).toMatchSnapshot()
  })
  it('sides, walls and viewers', () => {
    const sides = site.things.flatMap((thing) =>
      [0, 1, 2, 3].flatMap((side) => [0, 100, 250].map((look) => sideOf(thing, side, look))),
    )
    const walls = site.things.flatMap((thing) =>
      [0, 1, 2].map((side) => wallOf(thing, { thing: thing.id, side, alongM: 1.5 })),
    )
    expect([figures(sides), figures(walls), figures(site.beds.map((b) => sidesNear(site, b)))]).toMatchSnapshot()
    const viewers = site.things.filter((t): t is PlacedOf<'viewpoint'> => t.kind === 'viewpoint')
    expect(
      viewers.map((v) =>
        beds.slice(0, 4).map(({ bed }) => Object.values(seenFrom(v, bed, bedFrame(bed))).join(' ')),
      ),
    ).toMatchSnapshot()
  })
  it('sites of beds that have none', () =>
    expect(
      [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => figures(ownSite('o', goldenBed(seed), bedFrame(goldenBed(seed))))),
    ).toMatchSnapshot())
})
