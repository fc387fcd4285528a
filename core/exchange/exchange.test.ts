import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Thing } from '../model'
import { distance } from '../geometry'
import { cornersOf, EMPTY_SITE, newThing, resolveSite } from '../site'
import { metresADegree } from './metresADegree'
import { fromEarth, readGeoJson, toEarth, writeGeoJson } from './geoJson'
import { readDxf } from './dxf/readDxf'
import { writeDxf } from './dxf/writeDxf'
import { readSvg } from './svg/readSvg'
import { writeSvg } from './svg/writeSvg'

const things: Thing[] = [
  { ...newThing('building', 'b', { x: 5, y: 4 }), name: 'Library <b>& "Reading"' } as Thing,
  newThing('fence', 'f', { x: -3, y: 0 }),
  newThing('tree', 't', { x: 2, y: -6 }),
  newThing('surface', 's', { x: 0, y: -2 }),
  newThing('service', 'p', { x: 1, y: 1 }),
]
const site = resolveSite({ ...EMPTY_SITE, northDeg: 30, things })
const beds = [
  {
    name: 'Front',
    outline: [
      { x: 0, y: 0 },
      { x: 3, y: 0 },
      { x: 3, y: -1 },
      { x: 0, y: -1 },
    ],
  },
]
const lie = { latitude: 44.6, longitude: -63.6, northDeg: 30 }
const near = (a: { x: number; y: number }, b: { x: number; y: number }, by = 0.01) => distance(a, b) < by

const plants = [
  {
    x: 2,
    y: 3,
    bed: 'Front',
    lane: 'back',
    letters: 'A',
    botanicalName: 'Alchemilla mollis',
    commonName: 'lady’s mantle',
    heightM: 0.4,
    spreadM: 0.6,
  },
]

describe('what is written reads again', () => {
  const files = {
    DXF: () => readDxf(writeDxf(site, beds, plants)),
    SVG: () => readSvg(writeSvg(site, beds, plants)),
    'SVG at 1 : 100': () => readSvg(writeSvg(site, beds, plants, 100)),
    GeoJSON: () => readGeoJson(writeGeoJson(site, lie, beds, plants), lie),
  }
  it.each(Object.entries(files))('%s: all places within 3 mm, all names, all kinds and figures', (_, write) => {
    const read = write()
    expect(read.ok).toBe(true)
    if (!read.ok) return
    const mine = read.value.lines.filter((l) => l.facts)
    expect(mine).toHaveLength(things.length + beds.length + plants.length)
    for (const thing of site.things) {
      const line = mine.find((l) => l.name === thing.name)!
      expect(line.facts).toMatchObject({ kind: thing.kind, id: thing.id })
      const corners = cornersOf(thing)
      expect(line.points).toHaveLength(corners.length)
      expect(line.closed).toBe('outline' in thing)
      for (const [i, p] of corners.entries()) expect(distance(line.points[i]!, p)).toBeLessThan(0.003)
    }
    expect(mine.find((l) => l.facts!.kind === 'plant')).toMatchObject({
      name: 'lady’s mantle',
      facts: { letters: 'A', botanicalName: 'Alchemilla mollis', spreadM: 0.6 },
    })
    expect(mine.find((l) => l.facts!.kind === 'building')!.facts).toMatchObject({ eaveM: 3 })
    expect(read.value.unit.doubt).toBeNull()
  })
  it('SVG has a page in millimetres, texts as texts, an id a thing, and no markup of a name', () => {
    const text = writeSvg(site, beds, plants)
    expect(text).not.toContain('<b>')
    expect(text).toMatch(/^<svg [^>]*width="[\d.]+mm" height="[\d.]+mm"[^>]* data-scale="50"/)
    expect(text).toContain('<text')
    const ids = [...text.matchAll(/ id="([^"]*)"/g)].map((m) => m[1])
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids.length).toBeGreaterThan(things.length)
  })
  it('as GeoJSON: every outline counterclockwise, plants as points with their names', () => {
    for (const northDeg of [0, 77, 180, 301]) {
      const { features } = JSON.parse(writeGeoJson(site, { ...lie, northDeg }, beds, plants)) as {
        features: { geometry: { type: string; coordinates: [number, number][][] }; properties: object }[]
      }
      for (const { geometry } of features) {
        if (geometry.type !== 'Polygon') continue
        const ring = geometry.coordinates[0]!
        const twice = ring.slice(1).reduce((n, p, i) => n + (ring[i]![0] * p[1] - p[0] * ring[i]![1]), 0)
        expect(twice).toBeGreaterThan(0)
        expect(ring[0]).toEqual(ring[ring.length - 1])
      }
      expect(features.at(-1)!.properties).toMatchObject({ kind: 'plant', botanicalName: 'Alchemilla mollis' })
    }
  })
  it('a stray feature far away does not spoil the rest', () => {
    const text = JSON.parse(writeGeoJson(site, lie, beds)) as { features: object[] }
    const stray = {
      type: 'LineString',
      coordinates: [
        [1, 1],
        [2, 2],
      ],
    }
    text.features.push({ type: 'Feature', properties: { name: 'stray' }, geometry: stray })
    const read = readGeoJson(JSON.stringify(text), lie)
    expect(read.ok && read.value.lines.map((l) => l.name)).not.toContain('stray')
    expect(read.ok && read.value.left).toEqual([
      { what: 'line', layer: '', count: 1, why: 'it lies far from the garden' },
    ])
    expect(
      read.ok && read.value.lines.find((l) => l.name === 'Front')!.points.every((p) => Math.abs(p.x) < 500),
    ).toBe(true)
  })
  it('a degree at 44.6° by the published series: 79,394 m east, 111,124 m north', () => {
    const { east, north } = metresADegree(44.6)
    expect(Math.abs(east - 79_394)).toBeLessThan(2)
    expect(Math.abs(north - 111_124)).toBeLessThan(2)
  })
  it('degrees and metres turn into each other anywhere', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -300, max: 300, noNaN: true }),
        fc.double({ min: -300, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 360, noNaN: true }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        (x, y, northDeg, latitude) => {
          const there = { latitude, longitude: 12, northDeg }
          const [longitude, lat] = toEarth({ x, y }, there)
          expect(near(fromEarth(longitude, lat, there), { x, y }, 0.005)).toBe(true)
        },
      ),
    )
  })
})

describe('drawings from elsewhere', () => {
  it('says what is wrong with what does not read, and never throws', () => {
    for (const read of [readDxf, (t: string) => readSvg(t), (t: string) => readGeoJson(t, lie)]) {
      fc.assert(
        fc.property(fc.string({ maxLength: 60 }), (text) => {
          const got = read(text)
          if (!got.ok) expect(got.error).toMatch(/nothing was changed|is the most/)
        }),
        { numRuns: 60 },
      )
    }
    const wrong = readGeoJson(
      '{"type":"FeatureCollection","features":[{"type":"Feature","geometry":{"type":"Polygon","coordinates":[["x"]]}}]}',
      lie,
    )
    expect(!wrong.ok && wrong.error).toContain('nothing was changed')
    expect(readSvg('<svg><g></svg>').ok).toBe(false)
  })
})
