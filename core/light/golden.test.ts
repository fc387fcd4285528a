import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { CLIMATES, demoSite } from '../../tests/support/goldenBeds'
import { demoBed } from '../../tests/support/library'
import { bedFrame } from '../bed'
import { outlinesOf } from '../see'
import { resolveSite } from '../site'
import { bedLight, bedLightHours } from './bedLight'
import { sunWay, throughCrowns } from './crownShade'
import { finish } from '../finish'
import { changedLight, lightHours, sunAt } from './lightHours'
import { obstaclesOf } from './obstacle'
import { placeLight } from './season'
import { shadowOutlines, slantOf } from './shadow'
import { levelsOf, siteGrid } from './siteGrid'
import { solarNoon, sunPosition, sunSteps } from './sun'

const site = resolveSite(demoSite)
const SEASON = [5, 6, 7, 8, 9]
const crowns = [
  { x: 1, y: 0, z: 1.5, r: 1, rz: 1, pass: 0.3 },
  { x: -1.5, y: -1, z: 2.5, r: 1.5, rz: 1.5, pass: 0.6 },
]

describe('golden light', () => {
  it('the sun’s way at four places', () =>
    expect(
      CLIMATES.map(({ latitude, longitude }) => [
        sunPosition(new Date(Date.UTC(2026, 5, 21, 15)), latitude, longitude).altitudeDeg.toFixed(3),
        solarNoon(2026, 6, 21, latitude, longitude).toISOString(),
        figures([1, 4, 6, 9].map((m) => sunSteps(2026, m, 21, latitude, longitude, 20))),
      ]),
    ).toMatchSnapshot())
  it('hours over the demo’s ground, today and in ten years, with and without levels', () => {
    const grid = siteGrid(site.things, [{ x: 0, y: 0 }], 2)
    const levels = levelsOf(site.things, grid)
    for (const year of [0, 10]) {
      const { latitude, longitude } = CLIMATES[0]
      const input = {
        obstacles: obstaclesOf(site, latitude, year),
        grid,
        latitude,
        longitude,
        northDeg: site.northDeg,
        stepMinutes: 20,
      }
      const hours = finish(lightHours(levels ? { ...input, levels } : input))
      expect([
        figures(grid),
        figures(hours),
        figures([0, 40, 111].map((c) => [sunAt(hours, 6, c), placeLight(hours, c, SEASON)])),
      ]).toMatchSnapshot()
      const moved = obstaclesOf({ things: site.things.slice(1) }, latitude, year)
      expect(
        figures(
          finish(
            changedLight({ ...(levels ? { ...input, levels } : input), obstacles: moved }, input.obstacles, hours),
          ),
        ),
      ).toMatchSnapshot()
    }
  })
  it('light in the beds of the demo', () =>
    expect(
      demoSite.beds.map(({ bedId }, i) => {
        const bed = demoBed(bedId)
        const frame = bedFrame(bed)
        const { latitude, longitude } = CLIMATES[i % CLIMATES.length]!
        const work = bedLightHours({
          outlines: outlinesOf(bed, frame),
          site,
          bedId,
          latitude,
          longitude,
          year: i,
          cellM: 0.6,
        })
        const light = bedLight(finish(work)!, SEASON, frame)
        return `${bedId} ${light.meanH.toFixed(3)} ${figures([0.1, 1, 2.5].map((x) => light.at(x, 1)))}`
      }),
    ).toMatchSnapshot())
  it('shadows and crowns', () => {
    const slant = slantOf({ azimuthDeg: 130, altitudeDeg: 35 }, 45)
    const shadows = shadowOutlines(obstaclesOf(site, 44.6, 3), slant, 6)
    const ways = CLIMATES.map(({ latitude, longitude }) => sunWay(SEASON, latitude, longitude, 45))
    const places = [
      { x: 0, y: 0, z: 0.2 },
      { x: -1, y: 1, z: 1 },
    ]
    expect([
      figures(slant),
      figures(shadows),
      figures(ways),
      ways.map((w) => places.map((p) => throughCrowns(crowns, p, w))),
    ]).toMatchSnapshot()
  })
})
