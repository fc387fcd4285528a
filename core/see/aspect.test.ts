import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bedFrame, placingsOf } from '../bed'
import { schedule } from '../count'
import { distance } from '../geometry'
import { bodiesAt, place } from '../layout'
import { aspectOf, judgedTurns, repeated } from './aspect'
import { blockedShare } from './screening'
import { elevation, plan } from '../draw'
import { climate, demo, demoBed, library, plant } from '../../tests/support/library'

const all = demo.beds.map((b) => b.id)

describe('a bed from any side', () => {
  it('turns and turns back, and stands the viewer below', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.integer({ min: -180, max: 180 }),
        fc.double({ min: -9, max: 9, noNaN: true }),
        fc.double({ min: -9, max: 9, noNaN: true }),
        (id, turnDeg, x, y) => {
          const bed = demoBed(id)
          const aspect = aspectOf(bed, bedFrame(bed), { ...bed.viewpoint, turnDeg })
          expect(distance(aspect.unturn(aspect.turn({ x, y })), { x, y })).toBeLessThan(1e-9)
          expect(aspect.lastX).toBeGreaterThan(aspect.firstX)
        },
      ),
    )
    const island = demoBed('bell-island')
    // Having walked round by a quarter, the viewer stands to the left.
    const aspect = aspectOf(island, bedFrame(island), { ...island.viewpoint, turnDeg: 90 })
    expect(aspect.unturn({ x: 0, y: 5 }).x).toBeLessThan(-4.5)
  })

  it('draws every plant of every bed in every month, the far before the near', () => {
    for (const id of all) {
      const bed = demoBed(id)
      const frame = bedFrame(bed)
      const plants = repeated(place(bed, library, frame).plants, bed.form, library)
      expect(plants.length).toBe(bed.drifts.reduce((n, d) => n + d.count, 0) * placingsOf(bed.form).length)
      for (const turnDeg of [0, 90, 200]) {
        const aspect = aspectOf(bed, frame, { ...bed.viewpoint, turnDeg })
        const bodies = bodiesAt(plants, { month: 7, year: 5 }, climate)
        const list = elevation(bodies, frame, bed, aspect)
        expect(list.figures.length).toBe(bodies.filter((b) => b.look.state !== 'gone' && b.spreadM > 0).length)
        expect(list.figures.every((f) => Number.isFinite(f.baseM) && Number.isFinite(f.x))).toBe(true)
        expect(plan(bodies, frame, new Map(), bed, aspect).circles).toHaveLength(plants.length)
      }
    }
  })

  it('judges two fronts and all round where there are those', () => {
    expect(judgedTurns(demoBed('bell-island'))).toHaveLength(4)
    expect(judgedTurns({ ...demoBed('reading-room-front'), form: { kind: 'two-sided' } })).toEqual([0, 180])
    expect(judgedTurns(demoBed('story-court'))).toEqual([0, 90, 180, 270])
    expect(judgedTurns(demoBed('reading-room-front'))).toEqual([0])
  })
})

it('the schedule counts every quarter of a court', () => {
  const bed = demoBed('story-court')
  const line = schedule(bed, library).lines.find((l) => l.plant.id === 'lavandula-angustifolia-hidcote')!
  expect(line.need).toBe(80)
})

describe('what planting blocks', () => {
  const one = (id: string, x: number, y: number) =>
    bodiesAt(
      [
        {
          id: 'a',
          seed: 1,
          driftId: 'a',
          index: 0,
          plant: plant(id),
          lane: 0,
          x,
          y,
          along: x,
          out: y,
          pinned: false,
          crowded: false,
        },
      ],
      { month: 7, year: 12 },
      climate,
    )
  const eye = { x: 0, y: 10, z: 1.6 }
  const aim = { x: 0, y: -10, widthM: 0.5, fromM: 0.4, toM: 1.6 }
  it('is much behind a dense shrub, nothing beside or behind the eye or beyond the target', () => {
    expect(blockedShare(one('ilex-glabra-compacta', 0, -8), eye, aim)).toBeGreaterThan(0.5)
    expect(blockedShare(one('ilex-glabra-compacta', 3, 0), eye, aim)).toBe(0)
    expect(blockedShare(one('ilex-glabra-compacta', 0, 12), eye, aim)).toBe(0)
    expect(blockedShare(one('ilex-glabra-compacta', 0, -12), eye, aim)).toBe(0)
    expect(blockedShare([], eye, aim)).toBe(0)
  })
  it('grows with each plant more', () => {
    const [a] = one('ilex-glabra-compacta', 0, -8)
    const [b] = one('thuja-occidentalis-smaragd', 0, 0)
    expect(blockedShare([a!, b!], eye, aim)).toBeGreaterThanOrEqual(blockedShare([a!], eye, aim))
  })
})
