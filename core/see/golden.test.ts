import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { ofScenes } from '../../tests/support/goldenBeds'
import { bodiesAt } from '../layout'
import { aspectOf, judgedTurns, middleOfBed, outlinesOf, repeated } from './aspect'
import { blockedShare } from './screening'
import { visibleShares } from './seen'
import { windowCover } from './windowCover'

describe('golden sight', () => {
  it('of every bed', () =>
    expect(
      ofScenes((scene, seed) => {
        const { bed, frame } = scene
        const aspect = aspectOf(bed, frame, bed.viewpoint)
        const bodies = bodiesAt(scene.everywhere, { month: (seed % 12) + 1, year: 6 }, scene.climate, bed.buying)
        const seen = visibleShares(bodies, { viewpoint: bed.viewpoint, frontY: (x) => aspect.front.yAt(x) })
        const windows = [{ id: 'w', x: 1, widthM: 1.4, sillM: 0.5, headM: 2 }, ...(bed.wall?.openings ?? [])]
        const eye = { x: 3, y: 9, z: 1.6 }
        const aims = [0.4, 1.2].map((toM) => ({ x: 3, y: -6, widthM: 3, fromM: 0, toM }))
        const turns = [0, 35, 180].map((turnDeg) => {
          const a = aspectOf(bed, frame, { ...bed.viewpoint, turnDeg })
          return [
            a.firstX,
            a.lastX,
            a.groundFall,
            a.turn({ x: 1, y: 2 }),
            a.unturn({ x: 1, y: 2 }),
            a.front.yAt(2),
            a.outlines,
          ]
        })
        return [
          figures(seen.shares),
          figures(windows.map((w) => windowCover(w, bodies))),
          aims.map((aim) => blockedShare(bodies, eye, aim).toFixed(3)).join(' '),
          figures([
            turns,
            judgedTurns(bed),
            middleOfBed(bed, frame),
            outlinesOf(bed, frame),
            repeated(scene.placement.plants, bed.form, scene.library).map((p) => [p.id, p.x, p.y, p.seed]),
          ]),
        ].join(' ')
      }),
    ).toMatchSnapshot())
})
