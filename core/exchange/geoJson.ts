import { z } from 'zod'
import type { Point } from '../geometry'
import { fail, ok, type Result } from '../result'
import { cornersOf, type ResolvedSite } from '../site'
import { tidy, type FoundLine } from './outline'

const EARTH_M = 6_371_008.8
const DEGREE = Math.PI / 180
const position = z.array(z.number()).min(2)
const geometry: z.ZodType<Geometry> = z.lazy(() =>
  z.discriminatedUnion('type', [
    z.object({ type: z.literal('Point'), coordinates: position }),
    z.object({ type: z.literal('MultiPoint'), coordinates: z.array(position) }),
    z.object({ type: z.literal('LineString'), coordinates: z.array(position) }),
    z.object({ type: z.literal('MultiLineString'), coordinates: z.array(z.array(position)) }),
    z.object({ type: z.literal('Polygon'), coordinates: z.array(z.array(position)) }),
    z.object({ type: z.literal('MultiPolygon'), coordinates: z.array(z.array(z.array(position))) }),
    z.object({ type: z.literal('GeometryCollection'), geometries: z.array(geometry) }),
  ]),
) as z.ZodType<Geometry>
type Geometry = { type: string; coordinates?: unknown; geometries?: Geometry[] }
const feature = z.object({
  type: z.literal('Feature'),
  geometry: geometry.nullable(),
  properties: z.record(z.string(), z.unknown()).nullish(),
})
const file = z.union([
  z.object({
    type: z.literal('FeatureCollection'),
    features: z.array(feature).max(5000, 'More than 5000 features: save only those of the site.'),
  }),
  feature,
  geometry,
])

/** How a site lies on the earth: its origin, and the azimuth its sheet's y axis points to. */
export interface Lie {
  readonly latitude: number
  readonly longitude: number
  readonly northDeg: number
}

function featuresOf(data: z.infer<typeof file>) {
  if (data.type === 'FeatureCollection') return (data as { features: z.infer<typeof feature>[] }).features
  if (data.type === 'Feature') return [data as z.infer<typeof feature>]
  return [{ geometry: data as Geometry, properties: null }]
}

/** The lines and outlines of a GeoJSON text in metres of a site; figures beyond a degree of the origin are taken for metres already. */
export function readGeoJson(text: string, lie: Lie): Result<readonly FoundLine[]> {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    return fail(
      'That does not read as GeoJSON: nothing was changed. It must be one JSON object of type FeatureCollection.',
    )
  }
  const parsed = file.safeParse(json)
  if (!parsed.success)
    return fail(
      `That is not GeoJSON as expected (${parsed.error.issues[0]?.path.join('.') || 'type'}): nothing was ` +
        'changed. A FeatureCollection of lines and polygons is read.',
    )
  const features = featuresOf(parsed.data)
  const found = features.flatMap((f) =>
    linesOf(f.geometry).map(({ coordinates, closed }) => ({
      name: String((f.properties as Record<string, unknown> | null | undefined)?.name ?? 'outline').slice(0, 120),
      closed,
      coordinates,
    })),
  )
  const degrees = found.every((l) =>
    l.coordinates.every(([x = 0, y = 0]) => Math.abs(x - lie.longitude) < 1 && Math.abs(y - lie.latitude) < 1),
  )
  const lines = tidy(
    found.map(({ name, closed, coordinates }) => ({
      name,
      closed,
      points: coordinates.map(([x = 0, y = 0]) => (degrees ? fromEarth(x, y, lie) : { x, y })),
    })),
  )
  return lines.length > 0 ? ok(lines) : fail('The file holds no lines or polygons: nothing was changed.')
}

function linesOf(g: Geometry | null): { coordinates: number[][]; closed: boolean }[] {
  if (!g) return []
  const c = g.coordinates
  switch (g.type) {
    case 'LineString':
      return [{ coordinates: c as number[][], closed: false }]
    case 'MultiLineString':
      return (c as number[][][]).map((coordinates) => ({ coordinates, closed: false }))
    case 'Polygon':
      return (c as number[][][]).slice(0, 1).map((coordinates) => ({ coordinates, closed: true }))
    case 'MultiPolygon':
      return (c as number[][][][])
        .flatMap((p) => p.slice(0, 1))
        .map((coordinates) => ({ coordinates, closed: true }))
    case 'GeometryCollection':
      return (g.geometries ?? []).flatMap(linesOf)
    default:
      return []
  }
}

/** Site metres of a longitude and latitude, on the plane that touches the earth at the origin. */
export function fromEarth(longitude: number, latitude: number, lie: Lie): Point {
  const east = (longitude - lie.longitude) * DEGREE * EARTH_M * Math.cos(lie.latitude * DEGREE)
  const north = (latitude - lie.latitude) * DEGREE * EARTH_M
  const a = lie.northDeg * DEGREE
  return { x: east * Math.cos(a) - north * Math.sin(a), y: east * Math.sin(a) + north * Math.cos(a) }
}

/** Longitude and latitude of a place of a site. */
export function toEarth({ x, y }: Point, lie: Lie): [number, number] {
  const a = lie.northDeg * DEGREE
  const east = x * Math.cos(a) + y * Math.sin(a)
  const north = -x * Math.sin(a) + y * Math.cos(a)
  const round = (n: number) => Math.round(n * 1e9) / 1e9
  return [
    round(lie.longitude + east / (DEGREE * EARTH_M * Math.cos(lie.latitude * DEGREE))),
    round(lie.latitude + north / (DEGREE * EARTH_M)),
  ]
}

/** A site as a GeoJSON FeatureCollection in degrees; each thing keeps its name, kind and figures as properties. */
export function writeGeoJson(
  site: ResolvedSite,
  lie: Lie,
  beds: readonly { readonly name: string; readonly outline: readonly Point[] }[],
): string {
  const ring = (points: readonly Point[]) => [[...points, points[0]!].map((p) => toEarth(p, lie))]
  const shapeOf = (t: ResolvedSite['things'][number], corners: readonly Point[]) => {
    if ('outline' in t) return { type: 'Polygon', coordinates: ring(corners) }
    if ('line' in t) return { type: 'LineString', coordinates: corners.map((p) => toEarth(p, lie)) }
    return { type: 'Point', coordinates: toEarth(corners[0]!, lie) }
  }
  const features = site.things.map((t) => {
    const { ...properties } = t as unknown as Record<string, unknown>
    for (const key of ['outline', 'line', 'at']) Reflect.deleteProperty(properties, key)
    const corners = cornersOf(t)
    const shape = shapeOf(t, corners)
    return { type: 'Feature', properties, geometry: shape }
  })
  const bedFeatures = beds.map((b) => ({
    type: 'Feature',
    properties: { name: b.name, kind: 'bed' },
    geometry: { type: 'Polygon', coordinates: ring(b.outline) },
  }))
  return `${JSON.stringify({ type: 'FeatureCollection', features: [...features, ...bedFeatures] }, null, 1)}\n`
}
