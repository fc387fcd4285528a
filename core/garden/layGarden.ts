import type { Bed, Viewpoint } from '../model'
import { bedFrame, type BedFrame } from '../bed'
import { middleOf, type Point } from '../geometry'
import { aspectOf, middleOfBed, outlinesOf } from '../see'
import {
  bedTransform,
  levelAt,
  resolveSite,
  surroundingsOf,
  terracesOf,
  windDeg,
  type BedTransform,
  type PlacedOf,
  type ResolvedSite,
  type Surroundings,
} from '../site'
import { ownSite } from './ownSite'
import { sideOf, wallOf } from './sideOf'

/** A bed in its garden: its wall, level and viewpoint as the site has them, and where it lies. */
export interface LaidBed {
  readonly id: string
  readonly bed: Bed
  readonly frame: BedFrame
  /** Between the bed's plan and the site's; null for a bed that has no place on the site. */
  readonly transform: BedTransform | null
  readonly baseM: number
  /** What stands round it, in its own plan: of the garden's site, or of the one made for a bed that has no place there. */
  readonly surroundings: Surroundings
}

/** One garden under all its beds: what stands on its site, and each bed in its place. Metres on the site plan. */
export interface GardenScene {
  readonly site: ResolvedSite
  readonly beds: ReadonlyMap<string, LaidBed>
}

/** Lays beds into their garden: one that lies against something of the site follows it and takes its wall from there. */
export function layGarden(
  site: ResolvedSite,
  beds: readonly { readonly id: string; readonly bed: Bed }[],
): GardenScene {
  const placed = followSite(site)
  return { site: placed, beds: new Map(beds.map(({ id, bed }) => [id, layBed(placed, id, bed)])) }
}

/** A site whose beds lie where what they stand against has them. */
export const followSite = (site: ResolvedSite): ResolvedSite => ({
  ...site,
  beds: site.beds.map((place) => placeOfBed(site, place)),
})

type BedSpot = ResolvedSite['beds'][number]

/** Where a bed lies: at the foot of what it stands against, or where it was put. */
function placeOfBed(site: ResolvedSite, place: BedSpot): BedSpot {
  const thing = place.against && site.things.find((t) => t.id === place.against!.thing)
  const side = thing ? sideOf(thing, place.against!.side, place.lookDeg - site.northDeg) : null
  if (!side || side.lengthM < 1e-6) return place
  const u = place.against!.alongM / side.lengthM
  const at = {
    x: side.left.x + (side.right.x - side.left.x) * u,
    y: side.left.y + (side.right.y - side.left.y) * u,
  }
  return { ...place, at, lookDeg: (side.intoDeg + site.northDeg + 360) % 360 }
}

function layBed(site: ResolvedSite, id: string, own: Bed): LaidBed {
  const place = site.beds.find((b) => b.bedId === id)
  const frame = bedFrame(own)
  if (!place) {
    const surroundings = surroundingsOf(resolveSite(ownSite(id, own, frame)), id)!
    const facesDeg = windDeg(own.ground.facing)
    return { id, bed: own, frame, transform: null, baseM: 0, surroundings: { ...surroundings, facesDeg } }
  }
  const transform = bedTransform(place.at, place.lookDeg, site.northDeg)
  const middle = transform.toSite(middleOf(outlinesOf(own, frame).flat()))
  const baseM = place.baseM || levelAt(terracesOf(site.things), middle)
  const surroundings = surroundingsOf(site, id)!
  return { id, bed: asTheSiteHasIt(site, place, own, frame, transform), frame, transform, baseM, surroundings }
}

function asTheSiteHasIt(
  site: ResolvedSite,
  place: BedSpot,
  own: Bed,
  frame: BedFrame,
  transform: BedTransform,
): Bed {
  const thing = place.against && site.things.find((t) => t.id === place.against!.thing)
  const wall = thing && !frame.closed ? wallOf(thing, place.against!) : null
  const viewer = place.viewFrom && site.things.find((t) => t.id === place.viewFrom && t.kind === 'viewpoint')
  if (!wall && !viewer) return own
  return {
    ...own,
    ...(wall ? { wall } : {}),
    ...(viewer ? { viewpoint: seenFrom(viewer as PlacedOf<'viewpoint'>, own, frame, transform.toBed) } : {}),
  }
}

/** A viewer within this angle of the front sees the picture that lines up with the score. */
const IN_FRONT_DEG = 40
const LEAST_DISTANCE_M = 0.2

/**
 * A viewpoint of the site as it looks at a bed: how far off, and how far round from its front. `toBed` turns
 * places of the site into the bed's plan.
 */
export function seenFrom(
  viewer: PlacedOf<'viewpoint'>,
  bed: Bed,
  frame: BedFrame,
  toBed: (p: Point) => Point = (p) => p,
): Viewpoint {
  const middle = middleOfBed(bed, frame)
  const eye = toBed(viewer.at)
  const dx = eye.x - middle.x
  const dy = eye.y - middle.y
  const exact = (Math.atan2(-dx, dy) * 180) / Math.PI
  const turnDeg = frame.closed ? exact : ([0, 180, -180].find((d) => Math.abs(exact - d) < IN_FRONT_DEG) ?? exact)
  const aspect = aspectOf(bed, frame, { ...bed.viewpoint, turnDeg })
  const near = aspect.turn(middle)
  const distanceM = Math.max(LEAST_DISTANCE_M, Math.hypot(dx, dy) - (aspect.front.yAt(near.x) - near.y))
  return {
    name: viewer.name,
    eyeHeightM: viewer.eyeM,
    distanceM: Math.round(distanceM * 10) / 10,
    turnDeg: Math.round(turnDeg),
  }
}
