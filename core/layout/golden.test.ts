import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { ofScenes } from '../../tests/support/goldenBeds'
import { plants } from '../../tests/support/library'
import { bodiesAt } from './bodies'
import { bodyProfile, clearStemM, topM } from './bodyProfile'
import { depthNeededM, firstRowM } from './depthNeeded'
import { freeSpot } from './freeSpot'
import { isLaneOf, laneFor, laneTopM } from './laneRules'
import { outLimits } from './outLimits'
import { allowedDistanceM } from './spacing'

const MOMENTS = [
  { year: 0, month: 3 },
  { year: 0, month: 10 },
  { year: 1, month: 6 },
  { year: 2, month: 7 },
  { year: 5, month: 1 },
  { year: 12, month: 9 },
]

describe('golden places and sizes', () => {
  it('where every plant stands', () =>
    expect(
      ofScenes(({ placement }) => {
        const spots = [...placement.plants, ...placement.standing].map((p) => ({
          x: p.x,
          y: p.y,
          along: p.along,
          out: p.out,
          crowded: p.crowded,
          standing: p.standing !== undefined,
        }))
        return (
          `${placement.plants.length} plants: ${figures(spots)}; spans: ${figures(placement.spans)}; lanes filled ` +
          `${placement.laneFill.map((f) => f.toFixed(3)).join(' ')}`
        )
      }),
    ).toMatchSnapshot())
  it('bodies over the years, and their outlines', () =>
    expect(
      ofScenes((scene) =>
        MOMENTS.map((moment) => {
          const bodies = bodiesAt(scene.own, moment, scene.climate, scene.bed.buying)
          const outlines = bodies.map((b) => [0, 0.1, 0.5, 1, 2].map((z) => bodyProfile(b, z * topM(b))))
          return figures({
            bodies: bodies.map((b) => ({
              leafM: b.foliageM,
              flowerM: b.flowerM,
              spreadM: b.spreadM,
              stemM: clearStemM(b),
            })),
            outlines,
          })
        }),
      ),
    ).toMatchSnapshot())
  it('free places and limits across the bed', () =>
    expect(
      ofScenes((scene) => {
        const { frame, bed } = scene
        const spots = bed.laneShares.map((_, lane) => freeSpot(scene, lane))
        const middle = (frame.runFrom + frame.runTo) / 2
        const limits = scene.placement.plants
          .slice(0, 8)
          .map((p) => outLimits(frame, p.plant, bed.form.kind === 'container')(middle))
        return `${figures(spots)} ${figures(limits)}`
      }),
    ).toMatchSnapshot())
  it('lanes, distances and depths of every plant', () => {
    const kinds = ['foundation', 'two-sided', 'island', 'container'] as const
    const behind = ['wall', 'open', 'rim', 'middle'] as const
    expect({
      lanes: figures(
        plants.map((p) =>
          kinds.flatMap((k) =>
            [1, 2, 3, 4].map((n) =>
              k === 'two-sided' ? [laneFor(p, 5, k), isLaneOf(p, 2, 5, k)] : laneFor(p, n, k),
            ),
          ),
        ),
      ),
      tops: kinds.map((k) => [0, 1, 2].map((lane) => laneTopM(lane, 3, k))),
      distances: figures(plants.map((p, i) => allowedDistanceM(p, plants[(i * 7 + 3) % plants.length]!, 0.8))),
      depths: figures(
        plants.map((p, i) =>
          behind.map((b) => [
            depthNeededM([p, plants[(i + 5) % plants.length]!, plants[(i + 11) % plants.length]!], 0.8, b),
            firstRowM(p, b),
          ]),
        ),
      ),
    }).toMatchSnapshot()
  })
})
