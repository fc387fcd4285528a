import fc from 'fast-check'
import { Body, Equator, Horizon, Observer } from 'astronomy-engine'
import { describe, expect, it } from 'vitest'
import type { Building, Fence, Tree } from '../model'
import { growingMonths } from '../time'
import { resolveSite, EMPTY_SITE } from '../site'
import { finish } from '../finish'
import { changedLight, lightHours, sunAt, type LightInput } from './lightHours'
import { obstaclesOf } from './obstacle'
import { placeLight } from './season'
import { shadowOutlines, slantOf } from './shadow'
import { solarNoon, sunPosition, sunSteps } from './sun'
import { castRays } from '../../tests/support/rayCaster'

const AT = { latitude: 44.6, longitude: -63.6 }
const square = (x: number, y: number, w: number, d = w) => [
  { x, y },
  { x: x + w, y },
  { x: x + w, y: y + d },
  { x, y: y + d },
]
const house = (
  id: string,
  x: number,
  y: number,
  w: number,
  d: number,
  roof: Building['roof'] = { kind: 'flat' },
): Building => ({
  id,
  name: id,
  kind: 'building',
  outline: square(x, y, w, d),
  eaveM: 3,
  roof,
  material: 'brick',
  colour: '#a4573f',
  openings: [],
})
const tree = (id: string, x: number, y: number, change: Partial<Tree> = {}): Tree => ({
  id,
  name: id,
  kind: 'tree',
  at: { x, y },
  heightM: 6,
  spreadM: 4,
  clearStemM: 2,
  leaf: 'deciduous',
  growthMPerYear: 0.3,
  ...change,
})
const fence = (id: string, line: { x: number; y: number }[], solid = 1): Fence => ({
  id,
  name: id,
  kind: 'fence',
  line,
  heightM: 1.8,
  solid,
})
const obstacles = (...things: (Building | Tree | Fence)[]) =>
  obstaclesOf(resolveSite({ ...EMPTY_SITE, things }), AT.latitude)
const input = (list: LightInput['obstacles'], change: Partial<LightInput> = {}): LightInput => ({
  obstacles: list,
  grid: { x0: -10, y0: -10, cellM: 0.5, cols: 40, rows: 40 },
  ...AT,
  northDeg: 0,
  ...change,
})
const sunOf = (i: LightInput) => finish(lightHours(i))
const total = (list: ArrayLike<number>) => Array.from(list).reduce((a, b) => a + b, 0)

describe('the sun', () => {
  it('stands within 0.1° of where a second library puts it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -65, max: 65, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.integer({ min: Date.UTC(2020, 0), max: Date.UTC(2040, 0) }),
        (latitude, longitude, ms) => {
          const at = new Date(ms)
          const ours = sunPosition(at, latitude, longitude)
          const observer = new Observer(latitude, longitude, 0)
          const { ra, dec } = Equator(Body.Sun, at, observer, true, true)
          const theirs = Horizon(at, observer, ra, dec, 'normal')
          if (theirs.altitude < -1) return
          // Straight overhead the azimuth means nothing: what counts is the angle between the two directions.
          expect(angleBetween(ours, { azimuthDeg: theirs.azimuth, altitudeDeg: theirs.altitude })).toBeLessThan(0.1)
        },
      ),
      { seed: 20261124, numRuns: 200 },
    )
  })

  it('culminates at 90° − |latitude − declination|', () => {
    for (const [month, day, declination] of [
      [3, 20, 0],
      [6, 21, 23.44],
      [9, 22.7, 0],
      [12, 21, -23.44],
    ] as const) {
      for (const latitude of [-50, -33, 0, 12, 44.6, 60]) {
        const noon = solarNoon(2026, month, Math.round(day), latitude, 10)
        expect(
          Math.abs(sunPosition(noon, latitude, 10).altitudeDeg - (90 - Math.abs(latitude - declination))),
        ).toBeLessThan(0.45)
      }
    }
  })

  it('stands in the south at noon north of the tropics, in the north south of them, on the place’s own day', () => {
    for (const longitude of [-179, -63.6, 0, 100, 179]) {
      const noon = solarNoon(2026, 6, 21, 44.6, longitude)
      expect(sunPosition(noon, 44.6, longitude).azimuthDeg).toBeCloseTo(180, 0)
      const south = sunPosition(solarNoon(2026, 6, 21, -35, longitude), -35, longitude).azimuthDeg
      expect(Math.min(south, 360 - south)).toBeLessThan(0.5)
      expect(Math.abs(noon.getTime() - Date.UTC(2026, 5, 21, 12) + longitude * 240_000)).toBeLessThan(20 * 60_000)
    }
  })

  it('adds its steps up to the day’s length, as long before noon as after', () => {
    const june = sunSteps(6, AT.latitude, AT.longitude)
    expect(total(june.map((s) => s.hours))).toBeCloseTo(15.5, 0)
    expect(total(june.filter((s) => s.afterNoonH < 0).map((s) => s.hours))).toBeCloseTo(
      total(june.map((s) => s.hours)) / 2,
      1,
    )
    expect(total(sunSteps(12, AT.latitude, AT.longitude).map((s) => s.hours))).toBeCloseTo(8.8, 0)
  })
})

const angleBetween = (a: { azimuthDeg: number; altitudeDeg: number }, b: typeof a) => {
  const v = ({ azimuthDeg, altitudeDeg }: typeof a) => {
    const z = (azimuthDeg * Math.PI) / 180
    const h = (altitudeDeg * Math.PI) / 180
    return [Math.cos(h) * Math.sin(z), Math.cos(h) * Math.cos(z), Math.sin(h)] as const
  }
  const p = v(a)
  const q = v(b)
  return (Math.acos(Math.min(1, p[0] * q[0] + p[1] * q[1] + p[2] * q[2])) * 180) / Math.PI
}

describe('shadows on paper', () => {
  it('a post of 2 m throws 2 m at 45°, away from the sun', () => {
    const [shade] = shadowOutlines(
      obstacles(
        fence('f', [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
        ]),
      ),
      slantOf({ azimuthDeg: 180, altitudeDeg: 45 }, 0),
      6,
    )
    expect(Math.max(...shade!.outlines[0]!.map((p) => p.y))).toBeCloseTo(1.8, 6)
    expect(Math.min(...shade!.outlines[0]!.map((p) => p.y))).toBeCloseTo(0, 6)
    const [east] = shadowOutlines(
      obstacles(
        fence('f', [
          { x: 0, y: 0 },
          { x: 0, y: 1 },
        ]),
      ),
      slantOf({ azimuthDeg: 90, altitudeDeg: 30 }, 0),
      6,
    )
    expect(Math.min(...east!.outlines[0]!.map((p) => p.x))).toBeCloseTo(-1.8 * Math.sqrt(3), 6)
  })

  it('a sheet turned against north turns the shadow with it', () => {
    const [shade] = shadowOutlines(
      obstacles(
        fence('f', [
          { x: 0, y: 0 },
          { x: 0, y: 1 },
        ]),
      ),
      slantOf({ azimuthDeg: 180, altitudeDeg: 45 }, 90),
      6,
    )
    // The sheet's top looks east, so south lies to its right and the shadow falls to its left.
    expect(Math.min(...shade!.outlines[0]!.map((p) => p.x))).toBeCloseTo(-1.8, 6)
  })

  it('a ridge throws further than the eaves, a crown is as wide as itself and longer along the light', () => {
    const slant = slantOf({ azimuthDeg: 180, altitudeDeg: 30 }, 0)
    const far = (list: ReturnType<typeof obstacles>) =>
      Math.max(
        ...shadowOutlines(list, slant, 6)[0]!
          .outlines.flat()
          .map((p) => p.y),
      )
    expect(far(obstacles(house('a', 0, 0, 8, 4)))).toBeCloseTo(4 + 3 * Math.sqrt(3), 6)
    expect(far(obstacles(house('a', 0, 0, 8, 4, { kind: 'gable', ridgeM: 6 })))).toBeCloseTo(
      2 + 6 * Math.sqrt(3),
      6,
    )
    const crown = shadowOutlines(obstacles(tree('t', 0, 0)), slant, 6)[0]!.outlines[0]!
    expect(Math.max(...crown.map((p) => p.x))).toBeCloseTo(2, 1)
    expect(Math.max(...crown.map((p) => p.y)) - Math.min(...crown.map((p) => p.y))).toBeCloseTo(
      2 * Math.hypot(2, 2 * Math.sqrt(3)),
      1,
    )
  })
})

describe('hours of sun', () => {
  it('an open cell has the day’s length', () => {
    const light = sunOf(input([]))
    for (let month = 1; month <= 12; month++)
      expect(sunAt(light, month, 820)).toBeCloseTo(light.dayHours[month - 1]!, 3)
  })

  it('a symmetric site has symmetric hours', () => {
    const light = sunOf(
      input(
        obstacles(house('a', -3, -1, 6, 2, { kind: 'gable', ridgeM: 5 }), tree('t', 0, 5, { leaf: 'evergreen' })),
      ),
    )
    for (const month of [0, 5, 9]) {
      const { morning, afternoon } = light.months[month]!
      const apart: number[] = []
      for (let r = 0; r < 40; r++)
        for (let c = 0; c < 40; c++) apart.push(Math.abs(morning[r * 40 + c]! - afternoon[r * 40 + 39 - c]!))
      // The sun's declination moves between morning and evening: a cell on a shadow's rim may differ by two steps of ten minutes.
      expect(Math.max(...apart)).toBeLessThan(2 / 6 + 0.01)
      expect(apart.filter((h) => h > 1 / 6 + 0.01).length).toBeLessThan(16)
    }
  })

  it('agrees with a plain ray caster in all but 0.5 % of cells, within one step', () => {
    const list = obstacles(
      house('a', -6, 2, 7, 4, { kind: 'hip', ridgeM: 5 }),
      house('b', 4, -6, 3, 5, { kind: 'gable', ridgeM: 4.5 }),
      fence(
        'f',
        [
          { x: -8, y: -4 },
          { x: 0, y: -5 },
        ],
        0.6,
      ),
      tree('t', 3, 3),
      tree('e', -5, -6, { leaf: 'evergreen', clearStemM: 0.5 }),
    )
    const quick = sunOf(input(list, { northDeg: 25 }))
    const months = [1, 4, 6, 10]
    const plain = castRays(input(list, { northDeg: 25 }), months)
    let off = 0
    months.forEach((month, k) =>
      plain[k]!.forEach((hours, cell) => {
        if (Math.abs(hours - sunAt(quick, month, cell)) > 1 / 6 + 1e-6) off++
      }),
    )
    expect(off / (1600 * months.length)).toBeLessThan(0.005)
  })

  it('moving one obstacle asks only the cells it can shade, with the same result as afresh', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -6, max: 6, noNaN: true }),
        fc.double({ min: -6, max: 6, noNaN: true }),
        fc.boolean(),
        (x, y, isTree) => {
          const still = house('a', -8, 6, 5, 3)
          const make = (px: number, py: number) =>
            isTree
              ? tree('m', px, py, { heightM: 2, clearStemM: 0.2, spreadM: 1.5 })
              : fence(
                  'm',
                  [
                    { x: px, y: py },
                    { x: px + 2, y: py + 1 },
                  ],
                  0.7,
                )
          const was = obstacles(still, make(0, 0))
          const now = obstacles(still, make(x, y))
          const { hours: changed, worked } = finish(changedLight(input(now), was, sunOf(input(was))))
          expect(worked).toBeLessThan(0.75)
          const afresh = sunOf(input(now))
          for (const month of [1, 6, 12])
            for (let cell = 0; cell < 1600; cell += 7)
              expect(sunAt(changed, month, cell)).toBeCloseTo(sunAt(afresh, month, cell), 3)
        },
      ),
      { numRuns: 8 },
    )
  })

  it('a deciduous crown lets winter sun through and shades the more as it grows; a terrace lifts its cells out of shade', () => {
    const under = (month: number, year: number) =>
      sunAt(
        sunOf(input(obstaclesOf(resolveSite({ ...EMPTY_SITE, things: [tree('t', 0, -3)] }), AT.latitude, year))),
        month,
        20 * 40 + 20,
      )
    const share = (month: number) => under(month, 0) / sunOf(input([])).dayHours[month - 1]!
    expect(share(6)).toBeLessThan(share(3) + 0.2)
    expect(under(6, 10)).toBeLessThan(under(6, 0))
    const low = obstacles(
      fence('f', [
        { x: -10, y: -3 },
        { x: 10, y: -3 },
      ]),
    )
    const levels = new Float32Array(1600).fill(1.5)
    expect(total(sunOf(input(low, { levels })).months[5]!.morning)).toBeGreaterThan(
      total(sunOf(input(low)).months[5]!.morning),
    )
  })

  it('counts dappled hours apart, and late hours apart', () => {
    const light = sunOf(input(obstacles(tree('t', 0, 0))))
    const june = light.months[5]!
    expect(total(june.dappled)).toBeGreaterThan(0)
    june.dappled.forEach((h, i) => expect(june.through[i]!).toBeLessThanOrEqual(h * 0.16 + 1e-6))
    june.late.forEach((h, i) => expect(h).toBeLessThanOrEqual(june.afternoon[i]! + 1e-5))
  })
})

describe('a place’s light', () => {
  it('is the mean of its growing months', () => {
    expect(growingMonths('05-08', '10-14')).toEqual([5, 6, 7, 8, 9])
    expect(growingMonths('10-10', '04-20')).toEqual([1, 2, 3, 4, 10, 11, 12])
    const light = sunOf(input([]))
    const place = placeLight(light, 5, [5, 6, 7, 8, 9])
    expect(place.brightest).toBeGreaterThan(place.mean)
    expect(place.darkest).toBeLessThan(place.mean)
    expect(place.morningShare).toBeCloseTo(0.5, 2)
  })
})
