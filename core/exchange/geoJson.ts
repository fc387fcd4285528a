import { z } from 'zod'
import type { Point } from '../geometry'
import { fail, ok, type Result } from '../result'
import { cornersOf, THING_NAMES, type ResolvedSite } from '../site'
import { metresADegree } from './metresADegree'
import { factsOfThing } from './factsOfThing'
import { finishDrawing, LeftBehind, type FoundDrawing, type FoundLine, type Piece } from './found'
import type { NamedOutline, PlantOnSite } from './PlantOnSite'
import { withinLimits } from './drawingLimits'
import { reachOf } from './sizeUnit'

const DEGREE = Math.PI / 180
/** Kinds that our own files name. */
const OWN_KINDS = new Set([...Object.keys(THING_NAMES), 'bed', 'plant'])
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

type FeatureRead = Pick<z.infer<typeof feature>, 'geometry' | 'properties'>

function featuresOf(data: z.infer<typeof file>): readonly FeatureRead[] {
  if (data.type === 'FeatureCollection') return (data as { features: z.infer<typeof feature>[] }).features
  if (data.type === 'Feature') return [data as z.infer<typeof feature>]
  return [{ geometry: data as Geometry, properties: null }]
}

const NAMES = ['name', 'Name', 'NAME', 'title', 'label', 'id']

/** What a feature is called in its properties; empty when it says nothing. */
function nameOf(properties: Readonly<Record<string, unknown>> | null | undefined): string {
  const key = NAMES.find((k) => typeof properties?.[k] === 'string' || typeof properties?.[k] === 'number')
  return key ? String(properties![key]) : ''
}

interface Raw {
  readonly piece: Omit<FoundLine, 'points'>
  readonly coordinates: readonly number[][]
}

/** Degrees from the garden beyond which something lies elsewhere. */
const NEAR_DEG = 1

/**
 * The points, lines and outlines of a GeoJSON text in metres of a site, with their names, kinds and figures. Degrees about the garden's
 * place are laid on its plan and what lies far from there is left out; degrees elsewhere are laid about their own middle, figures that
 * can be no degrees are taken for metres of a grid: both are told. Holes come as outlines of their own.
 */
export function readGeoJson(text: string, lie: Lie): Result<FoundDrawing> {
  const within = withinLimits(text, 'geojson')
  if (!within.ok) return within
  const read = readFile(text)
  if (!read.ok) return read
  const behind = new LeftBehind()
  const raw = read.value.flatMap(({ geometry: shape, properties }) => rawOf(shape, properties ?? null, behind))
  const all = raw.flatMap((r) => r.coordinates)
  const isDegree = ([x = 0, y = 0]: readonly number[]) => Math.abs(x) <= 180 && Math.abs(y) <= 90
  const isNear = ([x = 0, y = 0]: readonly number[]) =>
    Math.abs(x - lie.longitude) < NEAR_DEG && Math.abs(y - lie.latitude) < NEAR_DEG
  const near = raw.filter((r) => r.coordinates.every(isNear))
  for (const r of near.length > 0 ? raw : [])
    if (!near.includes(r)) behind.add(r.piece.what, r.piece.layer, 'it lies far from the garden')
  const told: string[] = []
  const toSite =
    near.length > 0
      ? (c: readonly number[]) => fromEarth(c[0]!, c[1]!, lie)
      : elsewhere(all, all.every(isDegree), lie, told)
  const pieces = (near.length > 0 ? near : raw).map(({ piece, coordinates }): Piece => {
    const points = coordinates.map(toSite)
    return { ...piece, draw: () => points }
  })
  return finishDrawing(pieces, [], { metres: 1, said: 'metres', doubt: null }, behind, told)
}

/** How places that are not about the garden are laid on its plan. */
function elsewhere(
  all: readonly number[][],
  areDegrees: boolean,
  lie: Lie,
  told: string[],
): (c: readonly number[]) => Point {
  if (!areDegrees) {
    told.push('Its figures are no degrees: they are taken for metres of a grid.')
    return ([x = 0, y = 0]) => ({ x, y })
  }
  // Small figures with nothing of a map about them are metres of a plan.
  const reach = Math.max(...all.map(([x = 0, y = 0]) => Math.max(Math.abs(x), Math.abs(y))), 0)
  const spread = reachOf(all.map(([x = 0, y = 0]) => ({ x, y })))
  if (spread >= 1 || reach < 1) {
    told.push('Its figures are taken for metres, not degrees: as degrees it would be kilometres across.')
    return ([x = 0, y = 0]) => ({ x, y })
  }
  const [longitude = 0, latitude = 0] = all[0] ?? []
  const km = Math.round(Math.hypot(...kilometres(longitude - lie.longitude, latitude - lie.latitude, latitude)))
  told.push(`It lies ${km}\u202fkm from the garden’s place: it is laid about its own first point.`)
  return ([x = 0, y = 0]) => fromEarth(x, y, { longitude, latitude, northDeg: lie.northDeg })
}

const kilometres = (east: number, north: number, latitude: number): [number, number] => {
  const m = metresADegree(latitude)
  return [(east * m.east) / 1000, (north * m.north) / 1000]
}

function readFile(text: string): Result<ReturnType<typeof featuresOf>> {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    return fail(
      'That does not read as GeoJSON: nothing was changed. It must be one JSON object of type FeatureCollection.',
    )
  }
  const parsed = file.safeParse(json)
  return parsed.success
    ? ok(featuresOf(parsed.data))
    : fail(
        `That is not GeoJSON as expected (${parsed.error.issues[0]?.path.join('.') || 'type'}): nothing was ` +
          'changed. A FeatureCollection of points, lines and polygons is read.',
      )
}

function rawOf(
  g: Geometry | null,
  properties: Readonly<Record<string, unknown>> | null,
  behind: LeftBehind,
): Raw[] {
  if (!g) return []
  const facts = typeof properties?.kind === 'string' && OWN_KINDS.has(properties.kind) ? properties : null
  const layer = String(properties?.layer ?? properties?.kind ?? '').slice(0, 120)
  const one = (what: string, closed: boolean, coordinates: readonly number[][], hole = false): Raw => {
    const name = nameOf(properties)
    return {
      piece: { name: hole ? `${name || 'outline'}, hole` : name, layer, what, closed, facts: hole ? null : facts },
      coordinates,
    }
  }
  const rings = (polygon: number[][][]) =>
    polygon.map((ring, i) => one(i === 0 ? 'polygon' : 'hole', true, ring, i > 0))
  const c = g.coordinates
  switch (g.type) {
    case 'Point':
      return [one('point', false, [c as number[]])]
    case 'MultiPoint':
      return (c as number[][]).map((p) => one('point', false, [p]))
    case 'LineString':
      return [one('line', false, c as number[][])]
    case 'MultiLineString':
      return (c as number[][][]).map((l) => one('line', false, l))
    case 'Polygon':
      return rings(c as number[][][])
    case 'MultiPolygon':
      return (c as number[][][][]).flatMap(rings)
    case 'GeometryCollection':
      return (g.geometries ?? []).flatMap((inner) => rawOf(inner, properties, behind))
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

/**
 * A site as a GeoJSON FeatureCollection in degrees (WGS84, RFC 7946: outlines counterclockwise); each thing keeps its name, kind and
 * figures as properties, each plant is a point.
 */
export function writeGeoJson(
  site: ResolvedSite,
  lie: Lie,
  beds: readonly NamedOutline[],
  plants: readonly PlantOnSite[] = [],
): string {
  const ring = (points: readonly Point[]) => [counterclockwise([...points, points[0]!].map((p) => toEarth(p, lie)))]
  const shapeOf = (t: ResolvedSite['things'][number], corners: readonly Point[]) => {
    if ('outline' in t) return { type: 'Polygon', coordinates: ring(corners) }
    if ('line' in t) return { type: 'LineString', coordinates: corners.map((p) => toEarth(p, lie)) }
    return { type: 'Point', coordinates: toEarth(corners[0]!, lie) }
  }
  const features = site.things.map((t) => {
    const properties = factsOfThing(t)
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
