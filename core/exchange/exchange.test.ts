import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { distance } from '../geometry'
import { EMPTY_SITE, newThing, resolveSite, type Thing } from '../site'
import { metresADegree } from './metresADegree'
import { fromEarth, readGeoJson, toEarth, writeGeoJson } from './geoJson'
import { readDxf } from './readDxf'
import { readSvg } from './readSvg'
import { writeDxf } from './writeDxf'
import { writeSvg } from './writeSvg'

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

describe('what is written reads again', () => {
  it('as DXF: outlines, lines and circles in metres', () => {
    const read = readDxf(writeDxf(site, beds))
    expect(read.ok).toBe(true)
    if (!read.ok) return
    expect(
      read.value.some(
        (l) =>
          l.name === 'building' &&
          l.closed &&
          l.points.length === 4 &&
          l.points.some((p) => near(p, { x: 1, y: 1 })),
      ),
    ).toBe(true)
    expect(read.value.some((l) => l.name === 'bed' && l.closed && near(l.points[1]!, { x: 3, y: 0 }))).toBe(true)
    const crown = read.value.find((l) => l.name === 'tree')!
    expect(crown.points.every((p) => Math.abs(distance(p, { x: 2, y: -6 }) - 2) < 0.01)).toBe(true)
  })
  it('as GeoJSON: back to the same metres within a millimetre or two', () => {
    const read = readGeoJson(writeGeoJson(site, lie, beds), lie)
    expect(
      read.ok &&
        read.value
          .find((l) => l.name === 'Front')!
          .points.every((p) => beds[0]!.outline.some((q) => near(p, q, 0.003))),
    ).toBe(true)
    expect(JSON.parse(writeGeoJson(site, lie, beds)).features[0].properties).toMatchObject({
      kind: 'building',
      eaveM: 3,
    })
  })
  it('as SVG: at true scale, with names escaped', () => {
    const text = writeSvg(site, beds)
    expect(text).not.toContain('<b>')
    const read = readSvg(text, 1)
    expect(
      read.ok &&
        read.value.some((l) => l.closed && l.points.length === 4 && l.points.some((p) => near(p, { x: 1, y: 1 }))),
    ).toBe(true)
  })
  it('as GeoJSON: every outline counterclockwise, plants as points with their names', () => {
    const plant = {
      bed: 'Front',
      letters: 'A',
      botanicalName: 'Alchemilla mollis',
      commonName: 'mantle',
      heightM: 0.4,
      spreadM: 0.6,
    }
    for (const northDeg of [0, 77, 180, 301]) {
      const { features } = JSON.parse(
        writeGeoJson(site, { ...lie, northDeg }, beds, [{ x: 2, y: 3, ...plant }]),
      ) as { features: { geometry: { type: string; coordinates: [number, number][][] }; properties: object }[] }
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
    expect(read.ok && read.value.map((l) => l.name)).not.toContain('stray')
    expect(read.ok && read.value.find((l) => l.name === 'Front')!.points.every((p) => Math.abs(p.x) < 500)).toBe(
      true,
    )
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
  it('follows transforms, groups, curves and units of SVG', () => {
    const read = readSvg(
      '<svg xmlns="http://www.w3.org/2000/svg"><g transform="translate(10 0) scale(2)"><rect id="bed" ' +
        'x="0" y="0" width="5" height="2"/></g><path id="lawn" d="M0 0C10 0 10 10 0 10Z"/><defs><circle ' +
        'r="3"/></defs></svg>',
      0.1,
    )
    expect(read.ok).toBe(true)
    if (!read.ok) return
    expect(read.value).toHaveLength(2)
    expect(read.value[0]!.points[2]).toEqual({ x: 2, y: -0.4 })
    expect(read.value[1]!.closed).toBe(true)
    expect(read.value[1]!.points.length).toBeGreaterThan(20)
  })
  it('follows bulges and units of DXF', () => {
    const dxf = [
      '0',
      'SECTION',
      '2',
      'HEADER',
      '9',
      '$INSUNITS',
      '70',
      '4',
      '0',
      'ENDSEC',
      '0',
      'SECTION',
      '2',
      'ENTITIES',
      '0',
      'LWPOLYLINE',
      '8',
      'edge',
      '90',
      '2',
      '70',
      '0',
      '10',
      '0',
      '20',
      '0',
      '42',
      '1',
      '10',
      '2000',
      '20',
      '0',
      '0',
      'ENDSEC',
      '0',
      'EOF',
    ].join('\n')
    const read = readDxf(dxf)
    expect(read.ok).toBe(true)
    if (!read.ok) return
    // A bulge of 1 is a half circle, to the right of the way for a positive one seen with y up: below the chord.
    const lowest = Math.min(...read.value[0]!.points.map((p) => p.y))
    expect(lowest).toBeCloseTo(-1, 1)
    expect(read.value[0]!.points[read.value[0]!.points.length - 1]).toEqual({ x: 2, y: 0 })
  })
  it('says what is wrong with what does not read, and never throws', () => {
    for (const read of [readDxf, (t: string) => readSvg(t, 1), (t: string) => readGeoJson(t, lie)]) {
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
    expect(readSvg('<svg><g></svg>', 1).ok).toBe(false)
  })
})
