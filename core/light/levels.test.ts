import { describe, expect, it } from 'vitest'
import type { Site, Terrace } from '../model'
import { rectangle, stripFrame } from '../bed'
import { EMPTY_SITE, resolveSite } from '../site'
import { bedLight, bedLightHours } from './bedLight'
import { finish } from '../finish'
import { lightHours, sunAt } from './lightHours'
import { obstaclesOf } from './obstacle'
import { levelsOf, siteGrid } from './siteGrid'

const AT = { latitude: 44.6, longitude: -63.6 }
const level = (id: string, levelM: number, x: number, y: number, w: number, d = w): Terrace => ({
  id,
  name: id,
  kind: 'terrace',
  levelM,
  outline: [
    { x, y },
    { x: x + w, y },
    { x: x + w, y: y + d },
    { x, y: y + d },
  ],
})
const JUNE = 6

/** Hours of sun in June at places of a site of levels, and the length of that day. */
function hoursAt(things: readonly Terrace[], places: readonly { x: number; y: number }[]) {
  const site = resolveSite({ ...EMPTY_SITE, things })
  const grid = siteGrid(site.things, [])
  const levels = levelsOf(site.things, grid)!
  const light = finish(lightHours({ obstacles: obstaclesOf(site, AT.latitude), grid, ...AT, northDeg: 0, levels }))
  const cell = ({ x, y }: { x: number; y: number }) =>
    Math.floor((y - grid.y0) / grid.cellM) * grid.cols + Math.floor((x - grid.x0) / grid.cellM)
  return { day: light.dayHours[JUNE - 1]!, hours: places.map((p) => sunAt(light, JUNE, cell(p))) }
}

describe('levels', () => {
  it.each([0.3, 0.45, 0.5, 0.6, 0.75, 0.9, 1, 1.2])('a level of %f m does not shade itself', (m) => {
    const { day, hours } = hoursAt(
      [level('a', m, 0, 0, 6)],
      [
        { x: 3, y: 3 },
        { x: 0.4, y: 5.6 },
      ],
    )
    for (const h of hours) expect(h).toBeCloseTo(day, 3)
    expect(day).toBeGreaterThan(15)
  })

  it('steps shade what lies below them and never what lies above', () => {
    const steps = [level('low', 0.45, 0, 0, 6, 2), level('high', 0.9, 0, 2, 6, 2)]
    const { day, hours } = hoursAt(steps, [
      { x: 3, y: 3.9 },
      { x: 3, y: 4.2 },
      { x: 3, y: 1 },
    ])
    expect(hours[0]).toBeCloseTo(day, 3)
    expect(hours[1]).toBeLessThan(day - 2)
    expect(hours[2]).toBeGreaterThan(day - 4)
  })

  it('a smaller level upon a larger one stands on its top, and a sunken one lies in its edge’s shade', () => {
    const { day, hours } = hoursAt(
      [level('upper', 0.9, 2, 2, 2), level('lower', 0.45, 0, 0, 6)],
      [
        { x: 3, y: 3 },
        { x: 0.4, y: 0.4 },
        { x: 3, y: 4.2 },
      ],
    )
    expect(hours[0]).toBeCloseTo(day, 3)
    expect(hours[1]).toBeGreaterThan(day - 1)
    expect(hours[2]).toBeLessThan(day - 2)
    const pit = hoursAt(
      [level('pit', -1, 0, 0, 3)],
      [
        { x: 1.5, y: 0.3 },
        { x: 1.5, y: -0.6 },
      ],
    )
    expect(pit.hours[0]).toBeLessThan(pit.day - 4)
    expect(pit.hours[1]).toBeCloseTo(pit.day, 3)
  })

  it.each([0.6, 0.45, 0])('a bed on a level of 0.6 m has the whole day, said to lie at %f m', (baseM) => {
    const site: Site = {
      ...EMPTY_SITE,
      things: [level('a', 0.6, -1, -3, 8, 5)],
      beds: [{ bedId: 'b', at: { x: 0, y: 0 }, lookDeg: 0, baseM }],
    }
    const frame = stripFrame(rectangle(5, 2))
    const hours = finish(
      bedLightHours({ outlines: [frame.outline], site: resolveSite(site), bedId: 'b', ...AT, year: 0 }),
    )!
    const light = bedLight(hours, [JUNE], frame)
    expect(light.meanH).toBeGreaterThan(hours.dayHours[JUNE - 1]! - 0.6)
  })
})
