import type { PlaceMonth } from '../time'
import { type Point, middleOf } from '../geometry'
import { type PlacedThing, type ResolvedSite, levelAt, terracesOf, type PlacedOf } from '../site'
import { type Corner, roofFaces } from './roofFaces'

/** Flat faces of a solid or a fence; `pass` is the share of light that gets through. */
export interface FaceObstacle {
  readonly kind: 'faces'
  readonly id: string
  readonly faces: readonly (readonly Corner[])[]
  readonly pass: number
}
/** A crown: an ellipsoid of revolution that stops more light in leaf than out of it. */
export interface CrownObstacle {
  readonly kind: 'crown'
  readonly id: string
  readonly x: number
  readonly y: number
  readonly z: number
  readonly r: number
  readonly rz: number
  readonly passByMonth: readonly number[]
}
export type Obstacle = FaceObstacle | CrownObstacle

const IN_LEAF = 0.15
const OUT_OF_LEAF = 0.6
const EVERGREEN = 0.08

/** Months a deciduous crown is in leaf, north of the equator; half a year later south of it. */
const inLeaf = (month: PlaceMonth, latitude: number) => {
  const m = latitude < 0 ? ((month + 5) % 12) + 1 : month
  return m >= 5 && m <= 10
}

/** What throws shade on a site after some years: buildings with their roofs, fences, the edges of levels and crowns as they have grown. */
export function obstaclesOf(site: Pick<ResolvedSite, 'things'>, latitude: number, year = 0): Obstacle[] {
  const terraces = terracesOf(site.things)
  return site.things.flatMap((thing) => {
    const aroundM = thing.kind === 'terrace' ? levelAround(thing, terraces) : 0
    return obstacleOf(thing, latitude, year, aroundM) ?? []
  })
}

/** Level of the ground round a terrace: that of the next larger one that holds it. */
function levelAround(terrace: PlacedOf<'terrace'>, terraces: readonly PlacedOf<'terrace'>[]): number {
  const larger = terraces.slice(0, terraces.indexOf(terrace))
  return levelAt(larger, middleOf(terrace.outline))
}

/** The obstacle of one thing, or null when it throws no shade. `aroundM` is the level of the ground that a terrace rises or sinks from. */
function obstacleOf(thing: PlacedThing, latitude: number, year = 0, aroundM = 0): Obstacle | null {
  switch (thing.kind) {
    case 'building':
      return {
        kind: 'faces',
        id: thing.id,
        pass: 0,
        faces: [...walls(thing.outline, 0, thing.eaveM), ...roofFaces(thing.outline, thing.eaveM, thing.roof)],
      }
    case 'fence':
      return {
        kind: 'faces',
        id: thing.id,
        pass: 1 - thing.solid,
        faces: thing.line.slice(1).map((b, i) => quad(thing.line[i]!, b, 0, thing.heightM)),
      }
    case 'terrace':
      return thing.levelM === aroundM
        ? null
        : { kind: 'faces', id: thing.id, pass: 0, faces: edgesOf(thing, aroundM) }
    case 'tree': {
      const heightM = thing.heightM + thing.growthMPerYear * year
      const spreadM = thing.spreadM + thing.growthMPerYear * 0.6 * year
      const rz = Math.max(0.05, (heightM - thing.clearStemM) / 2)
      const passIn = (month: number) => (inLeaf(month, latitude) ? IN_LEAF : OUT_OF_LEAF)
      const passByMonth = Array.from({ length: 12 }, (_, i) =>
        thing.leaf === 'evergreen' ? EVERGREEN : passIn(i + 1),
      )
      return {
        kind: 'crown',
        id: thing.id,
        x: thing.at.x,
        y: thing.at.y,
        z: heightM - rz,
        r: spreadM / 2,
        rz,
        passByMonth,
      }
    }
    default:
      return null
  }
}

const quad = (a: Point, b: Point, low: number, high: number): Corner[] => [
  { ...a, z: low },
  { ...b, z: low },
  { ...b, z: high },
  { ...a, z: high },
]
/** A level shades by its edges alone: whoever stands on it stands on its top. */
const edgesOf = ({ outline, levelM }: PlacedOf<'terrace'>, aroundM: number) =>
  walls(outline, Math.min(levelM, aroundM), Math.max(levelM, aroundM))
const walls = (outline: readonly Point[], low: number, high: number) =>
  outline.map((a, i) => quad(a, outline[(i + 1) % outline.length]!, low, high))
