import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bedFrame } from './bedFrame'
import { rectangle } from './checkOutline'
import { bandsOf } from './lanes'
import { laneSharesAt, withLaneLine, withoutLaneStation } from './laneStations'
import { drift, library, testBed } from '../../tests/support/library'
import { place } from '../layout'

const bed = testBed({ outline: rectangle(12, 3), laneShares: [0.5, 0.3, 0.2] })
const frame = bedFrame(bed)

describe('lanes that vary along a bed', () => {
  it('share the whole depth everywhere, in order', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(fc.array(fc.tuple(share, fc.integer({ min: 1, max: 2 }), share), { maxLength: 5 }), (moves) => {
        const laneStations = moves.reduce(
          (stations, [u, line, t]) => withLaneLine({ ...bed, laneStations: stations }, frame, u * 12, line, t),
          bed.laneStations as ReturnType<typeof withLaneLine>,
        )
        const bands = bandsOf({ ...bed, laneStations }, frame)
        for (let a = 0; a <= 12; a += 0.37) {
          expect(bands[0]!.fromAt(a)).toBe(0)
          expect(bands[2]!.toAt(a)).toBeCloseTo(1, 2)
          bands.forEach((b, i) => {
            expect(b.toAt(a)).toBeGreaterThanOrEqual(b.fromAt(a) - 1e-9)
            if (i > 0) expect(b.fromAt(a)).toBeCloseTo(bands[i - 1]!.toAt(a), 9)
          })
        }
      }),
    )
  })

  it('lie where a line was drawn to, straight to the ends, and are plain again without the station', () => {
    const stations = withLaneLine(bed, frame, 6, 1, 0.8)
    const now = { ...bed, laneStations: stations }
    expect(laneSharesAt(now, frame, 6)).toEqual([0.8, 0, 0.2])
    expect(laneSharesAt(now, frame, 3)).toEqual([0.65, 0.15, 0.2])
    expect(laneSharesAt(now, frame, 0)).toEqual([0.5, 0.3, 0.2])
    expect(withoutLaneStation(stations, 6)).toEqual([])
  })

  it('carry their plants: each stands in its lane where it is', () => {
    const laneStations = withLaneLine(bed, frame, 6, 1, 0.7)
    const wide = { ...bed, laneStations, drifts: [drift('a', 'nepeta-x-faassenii', 0, 6, 9, { pattern: 'mass' })] }
    const bands = bandsOf(wide, frame)
    for (const p of place(wide, library).plants)
      expect(p.out / frame.depthAlong(p.along)).toBeLessThanOrEqual(bands[0]!.toAt(p.along) + 1e-6)
  })
})
