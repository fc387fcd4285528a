import { z } from 'zod'
import type { Point } from '../geometry'
import { fail, ok, type Result } from '../result'
import { cornersOf, type ResolvedSite } from '../site'
import { metresADegree } from './metresADegree'
import { tidy, type FoundLine } from './outline'

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
  // What lies about the origin is in degrees; then what lies far off belongs elsewhere and is left out. Without any it is metres.
  const isNear = ([x = 0, y = 0]: number[]) => Math.abs(x - lie.longitude) < 1 && Math.abs(y - lie.latitude) < 1
  const near = found.filter((l) => l.coordinates.every(isNear))
  const degrees = near.length > 0
  const lines = tidy(
    (degrees ? near : found).map(({ name, closed, coordinates }) => ({
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
  const m = metresADegree(lie.latitude)
  const east = (longitude - lie.longitude) * m.east
  const north = (latitude - lie.latitude) * m.north
  const a = lie.northDeg * DEGREE
  return { x: east * Math.cos(a) - north * Math.sin(a), y: east * Math.sin(a) + north * Math.cos(a) }
}

/** Longitude and latitude of a place of a site. */
export function toEarth({ x, y }: Point, lie: Lie): [number, number] {
  const a = lie.northDeg * DEGREE
  const east = x * Math.cos(a) + y * Math.sin(a)
  const north = -x * Math.sin(a) + y * Math.cos(a)
  const round = (n: number) => Math.round(n * 1e9) / 1e9
  const m = metresADegree(lie.latitude)
  return [round(lie.longitude + east / m.east), round(lie.latitude + north / m.north)]
}

/** A plant on the site: its place in site metres, and what it is. */
export interface PlantOnSite extends Point {
  readonly bed: string
  readonly letters: string
  readonly botanicalName: string
  readonly commonName: string
  readonly heightM: number
  readonly spreadM: number
}

/**
 * A site as a GeoJSON FeatureCollection in degrees (WGS84, RFC 7946: outlines counterclockwise); each thing keeps its name, kind and
 * figures as properties, each plant is a point.
 */
export function writeGeoJson(
  site: ResolvedSite,
  lie: Lie,
  beds: readonly { readonly name: string; readonly outline: readonly Point[] }[],
  plants: readonly PlantOnSite[] = [],
): string {
  const ring = (points: readonly Point[]) => [counterclockwise([...points, points[0]!].map((p) => toEarth(p, lie)))]
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
  const plantFeatures = plants.map(({ x, y, ...plant }) => ({
    type: 'Feature',
    properties: { name: plant.commonName, kind: 'plant', ...plant },
    geometry: { type: 'Point', coordinates: toEarth({ x, y }, lie) },
  }))
  const all = [...features, ...bedFeatures, ...plantFeatures]
  return `${JSON.stringify({ type: 'FeatureCollection', features: all }, null, 1)}\n`
}

/** A ring the right way round: its area is on the left of the walk. */
function counterclockwise(ring: [number, number][]): [number, number][] {
  let twice = 0
  for (let i = 0; i + 1 < ring.length; i++) twice += ring[i]![0] * ring[i + 1]![1] - ring[i + 1]![0] * ring[i]![1]
  return twice < 0 ? [...ring].reverse() : ring
}
