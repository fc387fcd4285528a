import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BED_KINDS, type Outline } from '../model'
import { checkOutline, laneCounts, rectangle } from '../bed'
import { drift, testBed } from '../../tests/support/library'
import { applyEdit } from './edit'
import {
  deepened,
  stretched,
  toKind,
  toLanes,
  withoutStation,
  withRoundStationAt,
  withStationAdded,
  withStationAt,
} from './shapeEdits'

const outline: Outline = {
  back: rectangle(8, 2).back,
  front: { kind: 'straight', stations: [0, 3, 8].map((x) => ({ x, y: 2 + x / 10 })) },
}
const front = (o: Outline) => o.front.stations.map((p) => [p.x, p.y])

describe('the shape of a bed', () => {
  it('moves a station, an end only in depth', () => {
    expect(front(withStationAt(outline, 'front', 1, { x: 4.12345, y: 1.5 }))[1]).toEqual([4.123, 1.5])
    expect(front(withStationAt(outline, 'front', 0, { x: 4, y: 1.5 }))[0]).toEqual([0, 1.5])
    expect(front(withStationAt(outline, 'front', 2, { x: 4, y: 1.5 }))[2]).toEqual([8, 1.5])
  })
  it('adds one in the middle of the widest gap, and takes one out', () => {
    expect(front(withStationAdded(outline, 'front'))).toEqual([
      [0, 2],
      [3, 2.3],
      [5.5, 2.55],
      [8, 2.8],
    ])
    expect(front(withoutStation(outline, 'front', 1))).toEqual([
      [0, 2],
      [8, 2.8],
    ])
  })
  it('is as long and as deep as said, whatever it was', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: -1, max: 5, noNaN: true }),
        (length, by) => {
          const after = stretched(outline, length)
          expect(after.front.stations[2]!.x).toBeCloseTo(length, 3)
          expect(after.front.stations[1]!.x).toBeCloseTo((length * 3) / 8, 3)
          expect(after.back.stations.at(-1)!.x).toBeCloseTo(length, 3)
          expect(deepened(outline, by).front.stations[1]!.y).toBeCloseTo(2.3 + by, 3)
          expect(checkOutline(after).ok).toBe(true)
        },
      ),
    )
  })
  it('moves a station of a closed edge, and none of an open one', () => {
    const island = toKind(testBed(), 'island')
    const { form } = applyEdit(testBed(), island).bed
    const moved = withRoundStationAt(form, 1, { x: 9.12345, y: 1 })
    expect('edge' in moved! && moved.edge.stations[1]).toEqual({ x: 9.123, y: 1 })
    expect(withRoundStationAt({ kind: 'foundation' }, 0, { x: 0, y: 0 })).toBeNull()
  })
})

describe('lanes and kinds', () => {
  const bed = testBed({
    drifts: [drift('a', 'x', 0, 2), drift('b', 'y', 2, 4)],
    pins: [{ driftId: 'a', index: 0, x: 1, y: 1 }],
  })
  it('fewer lanes keep every drift', () => {
    const after = applyEdit(bed, toLanes(bed, 2)).bed
    expect([after.laneShares.length, ...after.drifts.map((d) => d.lane)]).toEqual([2, 0, 1])
  })
  it('every kind gets lanes it can have, drifts within them, no pins, and can be taken back', () => {
    for (const kind of BED_KINDS) {
      const { bed: after, inverse } = applyEdit(bed, toKind(bed, kind))
      expect(laneCounts(kind)).toContain(after.laneShares.length)
      expect(after.drifts.every((d) => d.lane < after.laneShares.length)).toBe(true)
      expect([after.form.kind, after.pins]).toEqual([kind, []])
      expect(applyEdit(after, inverse).bed).toEqual(bed)
    }
    const court = applyEdit(bed, toKind(bed, 'court')).bed.form
    expect(court.kind === 'court' && [court.widthM, court.depthM]).toEqual([10, 10])
  })
})
