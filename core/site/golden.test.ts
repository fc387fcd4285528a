import { describe, expect, it } from 'vitest'
import type { ThingKind } from '../model'
import { figures } from '../../tests/support/figures'
import { demoSite } from '../../tests/support/goldenBeds'
import { bedTransform, windDeg, windName } from './bedPlace'
import { levelAt, terracesOf } from './levelAt'
import { moved, newThing, spotsOf, THING_NAMES, withSpots } from './newThing'
import { cornersOf, resolveSite } from './resolve'
import { applySiteEdit, describeSiteEdit, type SiteEdit } from './siteEdit'
import { jarTest, percolation, ribbonSoil } from './soilTests'
import { distanceTo, doorsOf, sightTriangles, surroundingsOf } from './surroundings'
import { byOffset, byTapes, closing, measureTo } from './survey'
import { boundsOf, thingAt } from './thingAt'
import { walkOutline } from './walkOutline'

const site = resolveSite(demoSite)
const grid = Array.from({ length: 18 * 16 }, (_, i) => ({ x: -14 + (i % 18) * 3, y: -10 + Math.floor(i / 18) * 3 }))
const kinds = Object.keys(THING_NAMES) as ThingKind[]

describe('golden figures of the site', () => {
  it('what lies under every place', () => {
    expect(figures(grid.map((p) => thingAt(site.things, p, 0.4)?.id ?? null))).toMatchSnapshot()
    expect(figures(grid.map((p) => site.things.map((t) => distanceTo(t, p))))).toMatchSnapshot()
    expect(boundsOf(site.things, [{ x: 99, y: 0 }])).toMatchSnapshot()
    expect(boundsOf([], [])).toEqual({ x0: -8, y0: -6, x1: 8, y1: 6 })
    expect(figures(grid.map((p) => levelAt(terracesOf(site.things), p)))).toMatchSnapshot()
  })
  it('each bed’s surroundings, doors and sight triangles', () =>
    expect(
      demoSite.beds.map(({ bedId }) => {
        const s = surroundingsOf(site, bedId)!
        return `${bedId} ${s.facesDeg} ${figures(s.things)} ${figures(doorsOf(s.things))} ${figures(sightTriangles(s.things))}`
      }),
    ).toMatchSnapshot())
  it('soil tests over their triangle', () => {
    const table: string[] = []
    for (let sand = 0; sand <= 100; sand += 5)
      for (let clay = 0; clay <= 100 - sand; clay += 5) {
        const found = jarTest(sand, 100 - sand - clay, clay)!
        table.push(`${sand}/${clay} ${found.texture} ${found.soil}`)
      }
    expect(
      table.filter((line, i) => line.split(' ').slice(1).join() !== table[i - 1]?.split(' ').slice(1).join()),
    ).toMatchSnapshot()
    expect(jarTest(0, 0, 0)).toBeNull()
    expect(
      [0.5, 1.5, 2, 2.4, 2.6, 4, 5.1, 7].flatMap((cm) => [ribbonSoil(cm, true), ribbonSoil(cm, false)]),
    ).toMatchSnapshot()
    expect([0, 4, 12, 26, 60, 200].map((mm) => percolation(mm, 60))).toMatchSnapshot()
    expect(percolation(10, 0)).toBeNull()
  })
  it('measuring', () => {
    const [a, b] = [
      { x: 1, y: 2 },
      { x: 7, y: -1 },
    ]
    const places = new Map([
      ['a', a],
      ['b', b],
    ])
    const to = { x: 3, y: 4 }
    expect([
      byOffset(a, b, 2, -1.5),
      byOffset(a, a, 1, 1),
      byTapes(a, 5, b, 4, 'left'),
      byTapes(a, 5, b, 4, 'right'),
      byTapes(a, 1, b, 1, 'left'),
      byTapes(a, 20, b, 1, 'left'),
    ]).toMatchSnapshot()
    expect([
      measureTo({ kind: 'fixed', x: 0, y: 0 }, to, places),
      measureTo({ kind: 'offset', from: 'a', to: 'b', alongM: 0, outM: 0 }, to, places),
      measureTo({ kind: 'tapes', a: 'a', aM: 1, b: 'b', bM: 1, side: 'left' }, to, places),
      measureTo({ kind: 'running', from: 'a', to: 'b', alongM: 0 }, to, places),
    ]).toMatchSnapshot()
    const walk = walkOutline(
      { x: 0, y: 0 },
      90,
      [4, 3, 4.1, 3].map((lengthM) => ({ lengthM, turnDeg: 90 })),
    )
    expect([figures(walk), closing(walk)]).toMatchSnapshot()
  })
  it('things made, moved and told', () => {
    const things = kinds.map((kind) => newThing(kind, kind, { x: 1.234, y: 5.678 }))
    expect(figures(things)).toMatchSnapshot()
    expect(
      figures(
        things.map((t) => [
          moved(t, 1.5, -2),
          spotsOf(t),
          withSpots(
            t,
            spotsOf(t).map(() => ({ x: 9, y: 9 })),
          ),
        ]),
      ),
    ).toMatchSnapshot()
    expect(figures(resolveSite({ ...demoSite, things }).things.map(cornersOf))).toMatchSnapshot()
  })
  it('edits, their words and what takes them back', () => {
    const edits: SiteEdit[] = [
      ...kinds.map((kind): SiteEdit => ({
        kind: 'setThing',
        thing: newThing(kind, kind, { x: 1, y: 5 }),
        position: 1,
      })),
      { kind: 'setThing', thing: { ...demoSite.things[2]!, name: 'Renamed' } },
      { kind: 'removeThing', id: demoSite.things[1]!.id },
      { kind: 'removeThing', id: 'nobody' },
      { kind: 'setPoint', point: { ...demoSite.points[0]!, name: 'Q' }, position: 0 },
      { kind: 'removePoint', id: demoSite.points[0]!.id },
      { kind: 'setBedPlace', bedId: 'bell-island', place: null },
      { kind: 'setNorth', northDeg: 12 },
      { kind: 'setBase', base: null },
      {
        kind: 'all',
        name: 'both',
        edits: [
          { kind: 'setNorth', northDeg: 1 },
          { kind: 'setBase', base: null },
        ],
      },
    ]
    expect(
      edits.map((edit) => {
        const { site: after, inverse } = applySiteEdit(demoSite, edit)
        return `${describeSiteEdit(edit)}: ${figures(after)} ${figures(inverse)}`
      }),
    ).toMatchSnapshot()
  })
  it('winds and turns', () => {
    expect([0, 22, 23, 180, 337, 338, -45].map(windName)).toMatchSnapshot()
    expect(['north', 'south-west', 'up'].map(windDeg)).toEqual([0, 225, null])
    const { toSite, facesDeg, lookDeg } = bedTransform({ x: 3, y: 4 }, 50, 20)
    expect([toSite({ x: 2, y: 1 }), facesDeg, lookDeg]).toMatchSnapshot()
  })
})
