import { describe, expect, it } from 'vitest'
import { simplified } from './fitToSite'
import { readGeoJson } from './geoJson'

const lie = { latitude: 44.6, longitude: -63.6, northDeg: 0 }
const feature = (geometry: object, properties: object = {}) => ({ type: 'Feature', properties, geometry })
const read = (...features: object[]) => {
  const found = readGeoJson(JSON.stringify({ type: 'FeatureCollection', features }), lie)
  if (!found.ok) throw new Error(found.error)
  return found.value
}
const ring = (x: number, y: number, w: number) => [
  [x, y],
  [x + w, y],
  [x + w, y + w],
  [x, y + w],
  [x, y],
]

describe('GeoJSON from elsewhere', () => {
  it('holes come as outlines of their own, points as places', () => {
    const polygon = { type: 'Polygon', coordinates: [ring(-63.6, 44.6, 0.0002), ring(-63.5999, 44.6001, 0.00005)] }
    const found = read(
      feature(polygon, { name: 'Lawn' }),
      feature({ type: 'Point', coordinates: [-63.6, 44.6001] }, { name: 'Oak' }),
    )
    expect(found.lines.map((l) => [l.name, l.what, l.points.length])).toEqual([
      ['Lawn', 'polygon', 4],
      ['Lawn, hole', 'hole', 4],
      ['Oak', 'point', 1],
    ])
    // A degree of latitude at 44.6° is 111,124 m: 0.0001° are 11.11 m.
    expect(found.lines[2]!.points[0]!.y).toBeCloseTo(11.11, 2)
  })
  it('a grid in metres, degrees of another town and a plan in metres are told', () => {
    const grid = read(
      feature({
        type: 'LineString',
        coordinates: [
          [453_210, 4_938_100],
          [453_230, 4_938_100],
        ],
      }),
    )
    expect(grid.told[0]).toContain('metres of a grid')
    expect(grid.lines[0]!.points[1]!.x - grid.lines[0]!.points[0]!.x).toBe(20)
    const town = read(
      feature({
        type: 'LineString',
        coordinates: [
          [12, 50],
          [12.0001, 50],
        ],
      }),
    )
    expect(town.told[0]).toMatch(/lies \d+\u202fkm from/)
    // A degree of longitude at 50° is 71,696 m.
    expect(town.lines[0]!.points[1]!.x).toBeCloseTo(7.17, 2)
    const plan = read(
      feature({
        type: 'LineString',
        coordinates: [
          [0, 0],
          [12, 5],
        ],
      }),
    )
    expect(plan.told[0]).toContain('metres, not degrees')
    expect(plan.lines[0]!.points[1]).toEqual({ x: 12, y: 5 })
  })
})

describe('too many corners', () => {
  it('are simplified, not cut: the line stays within what is said', () => {
    const points = Array.from({ length: 3000 }, (_, i) => ({
      x: 10 * Math.cos(i / 477.5),
      y: 10 * Math.sin(i / 477.5),
    }))
    const { points: fewer, offM } = simplified(points, 400)
    expect(fewer.length).toBeLessThanOrEqual(400)
    expect(fewer.length).toBeGreaterThan(100)
    expect(offM).toBeLessThan(0.01)
    expect(fewer[0]).toEqual(points[0])
    expect(fewer[fewer.length - 1]).toEqual(points[points.length - 1])
  })
})
