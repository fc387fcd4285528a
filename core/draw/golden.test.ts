import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { demoSite, goldenScene, ofScenes } from '../../tests/support/goldenBeds'
import { climate, plants } from '../../tests/support/library'
import { bodiesAt } from '../layout'
import { aspectOf } from '../see'
import { resolveSite, surroundingsOf } from '../site'
import { elevation, describeViewpoint } from './elevation'
import { elevationBackPaints, elevationMarkPaints, rulerPaints, sillPaints, targetPaints } from './elevationPaints'
import { figurePaints, plantingPaints } from './figurePaints'
import { fixtureAbovePaints, fixturePaints } from './fixturePaints'
import { PRINT_PALETTE } from './palette'
import { isWords, type Paint } from './path'
import { boundsOfPath, ellipsePath, movedPath, roundedPath } from './paths'
import { circleAt, plan } from './plan'
import { circlePaints, planGroundPaints, planMarkPaints } from './planPaints'
import { portrait } from './portrait/portrait'
import { handlePaints, northPaints, pointPaints, scaleBarPaints, sketchPaints, tapePaints } from './siteMarkPaints'
import { bedsOnSitePaints } from './bedsOnSitePaints'
import { bedOnSitePaints, shadowPaints, siteGroundPaints, siteThingPaints } from './sitePaints'
import { targetMarks } from './targetMarks'

const window = { fromX: -1, toX: 20, bottomM: -2, topM: 6, frontM: 0.2 }
const letters = new Map(plants.map((p, i) => [p.id, String(i)]))
const view = (seed: number) => {
  const scene = goldenScene(seed)
  const aspect = aspectOf(scene.bed, scene.frame, scene.bed.viewpoint)
  const all = [...scene.everywhere, ...scene.neighbours]
  const bodies = bodiesAt(all, { month: ((seed * 5) % 12) + 1, year: seed % 7 }, scene.climate, scene.bed.buying)
  return { scene, aspect, bodies }
}

/** Drawings as they were when they were looked at; one that changes must be looked at again, then renewed by `vitest -u`. */
describe('golden drawings', () => {
  it('portraits, by habit and flower', () => {
    const groups = new Map<string, unknown[]>()
    for (const p of plants) {
      const key = `${p.habit} ${p.flowerForm} ${p.lifeCycle}`
      const [one] = bodiesAt([{ ...sitting, plant: p }], { month: 3 + (p.id.length % 9), year: 4 }, climate)
      const { look, foliageM, flowerM, spreadM } = one!
      const drawn = [0, 1].map((variant) =>
        portrait({ plant: p, look, foliageM, flowerM, spreadM }, variant, 40 + 60 * variant),
      )
      groups.set(key, [...(groups.get(key) ?? []), drawn])
    }
    expect(Object.fromEntries([...groups].sort().map(([key, drawn]) => [key, figures(drawn)]))).toMatchSnapshot()
  })
  it('elevations', () =>
    expect(
      ofScenes((_, seed) => {
        const { scene, aspect, bodies } = view(seed)
        const list = elevation(bodies, scene.frame, scene.bed, aspect)
        const ids = new Set(list.figures.slice(0, 3).map((f) => f.body.at.id))
        const places = list.figures.map((f) => [
          f.body.at.id,
          f.x,
          f.baseM,
          f.variant,
          f.mirrored,
          f.scale,
          f.quiet,
        ])
        const frame = { ...list, figures: list.figures.length }
        return [
          figures(places),
          figures(frame),
          figures(elevationBackPaints(list, window, PRINT_PALETTE, 60)),
          figures([
            rulerPaints(list, 4, PRINT_PALETTE, 60),
            sillPaints(list, 60),
            elevationMarkPaints(list, ids, '#000000', 2, 60),
          ]),
          figures(list.fixtures.map(fixturePaints)),
          describeViewpoint(scene.bed.viewpoint),
        ].join(' ')
      }),
    ).toMatchSnapshot())
  it('planting as it is printed', () => {
    for (const seed of [3, 6, 10, 14]) {
      const { scene, aspect, bodies } = view(seed)
      const list = elevation(bodies, scene.frame, scene.bed, aspect)
      expect(
        figures([[...plantingPaints(list, 30)], list.figures.slice(0, 2).map((f) => figurePaints(f, 30))]),
      ).toMatchSnapshot()
    }
  })
  it('plans', () =>
    expect(
      ofScenes((_, seed) => {
        const { scene, aspect, bodies } = view(seed)
        const list = plan(bodies, scene.frame, letters, scene.bed, aspect)
        const ids = new Set(list.circles.slice(0, 3).map((c) => c.body.at.id))
        return [
          figures(list.circles.map((c) => circlePaints(c, 40))),
          figures(planGroundPaints(list, PRINT_PALETTE, scene.bed.wall, seed % 2 === 0, 40)),
          figures([planMarkPaints(list, ids, '#000000', 2, 40), list.fixtures.map(fixtureAbovePaints)]),
          figures([0.5, 2, 5].map((x) => circleAt(list, x, 1)?.body.at.id)),
        ].join(' ')
      }),
    ).toMatchSnapshot())
  it('the site, its marks, and what lies beyond a bed', () => {
    const site = resolveSite(demoSite)
    const beds = demoSite.beds.map((b) => b.bedId)
    const { scene } = view(6)
    const aspect = aspectOf(scene.bed, scene.frame, { ...scene.bed.viewpoint, turnDeg: 0 })
    const marks = beds.flatMap((id) => targetMarks(surroundingsOf(site, id)!.things, aspect, { x: 3, y: 1 }))
    expect({
      ground: figures(siteGroundPaints(site.things)),
      things: siteThingPaints(site.things).length,
      drawn: figures(siteThingPaints(site.things)),
      bed: figures(
        [true, false].map((current) =>
          bedOnSitePaints(
            {
              name: 'A bed',
              outlines: [
                [
                  { x: 0, y: 0 },
                  { x: 4, y: 0 },
                  { x: 4, y: 1 },
                ],
              ],
              current,
            },
            PRINT_PALETTE,
            current,
            9,
          ),
        ),
      ),
      shadow: figures(
        shadowPaints(
          [
            [
              { x: 0, y: 0 },
              { x: 4, y: 0 },
              { x: 4, y: 1 },
            ],
          ],
          0.3,
        ),
      ),
      marks: figures([marks, marks.map(targetPaints)]),
      pointer: figures([
        pointPaints('A', { x: 1, y: 2 }, true, PRINT_PALETTE),
        pointPaints('B', { x: 1, y: 2 }, false, PRINT_PALETTE),
        handlePaints({ x: 1, y: 1 }, PRINT_PALETTE),
        sketchPaints(
          [
            { x: 0, y: 0 },
            { x: 1, y: 1 },
          ],
          PRINT_PALETTE,
        ),
        tapePaints(
          [
            { x: 0, y: 0 },
            { x: 3, y: 4 },
          ],
          PRINT_PALETTE,
        ),
        [5, 20, 90, 300].map((perM) => scaleBarPaints({ x: 0, y: 0 }, PRINT_PALETTE, perM)),
        [0, 30, 200].map((deg) => northPaints({ x: 0, y: 0 }, deg, PRINT_PALETTE)),
      ]),
    }).toMatchSnapshot()
  })
  it('names of beds keep clear of one another and of other words, or wait for a closer look', () => {
    const bed = (name: string, x = 0) => ({
      name,
      outlines: [
        [
          { x, y: 0 },
          { x: x + 1, y: 0 },
          { x: x + 1, y: 1 },
        ],
      ],
      current: false,
    })
    const names = (beds: ReturnType<typeof bed>[], others: readonly Paint[] = [], perM = 9) =>
      bedsOnSitePaints(beds, others, PRINT_PALETTE, true, perM)
        .filter(isWords)
        .map((w) => [w.words, w.dy])
    expect(names([bed('Upper'), bed('Lower'), bed('Beside')])).toEqual([
      ['Upper', -9],
      ['Lower', -23],
    ])
    expect(names([bed('Upper'), bed('Far', 90)]).map(([, dy]) => dy)).toEqual([-9, -9])
    const eye = pointPaints('Somewhere', { x: 0.5, y: -1.5 }, false, PRINT_PALETTE)
    expect(names([bed('Upper')], eye)[0]![1]).toBeLessThan(-9)
    // Closer, all of them have room.
    expect(names([bed('Upper'), bed('Lower', 1)], [], 200)).toHaveLength(2)
  })
  it('paths are moved, bounded and rounded exactly', () => {
    const round = roundedPath(1, 2, 3, 4, 0.5)
    expect(boundsOfPath(round)).toEqual({ x0: 1, y0: 2, x1: 4, y1: 6 })
    expect(boundsOfPath(movedPath(round, { x: 10, y: 20 }, -2, 3))).toEqual({ x0: 2, y0: 26, x1: 8, y1: 38 })
    expect(boundsOfPath([4, 1, 2, 0.5])).toEqual({ x0: 0.5, y0: 1.5, x1: 1.5, y1: 2.5 })
    expect(movedPath([4, 1, 2, 0.5], { x: 1, y: 1 }, -2, 3)).toEqual([4, -1, 7, 1.5])
    expect(boundsOfPath([])).toBeNull()
    expect(figures(ellipsePath(1, 2, 3, 0.5, 0.3))).toMatchSnapshot()
  })
})

const sitting = {
  id: 'one',
  seed: 1,
  driftId: 'one',
  index: 0,
  lane: 0,
  x: 0,
  y: 0,
  along: 0,
  out: 0,
  pinned: false,
  crowded: false,
}
