import type { BedPlace } from '../model'
import { distance, type Point } from '../geometry'
import type { ResolvedSite } from '../site'
import { sideOf } from './sideOf'

/** A hand that leaves the wall by more than this takes the bed away from it, metres. */
const LETS_GO_M = 1

/**
 * Where a bed comes to lie that the hand moves to a place (metres on the site): one that lies against a wall slides along it and keeps its
 * side, until it is drawn away from it; any other simply goes there.
 */
export function slideAlong(site: ResolvedSite, place: BedPlace, to: Point): BedPlace {
  const free = { ...place, against: null, at: to }
  const thing = place.against && site.things.find((t) => t.id === place.against!.thing)
  const side = thing ? sideOf(thing, place.against!.side, place.lookDeg - site.northDeg) : null
  if (!side || side.lengthM === 0) return free
  const { left, right, lengthM } = side
  const dot = (to.x - left.x) * (right.x - left.x) + (to.y - left.y) * (right.y - left.y)
  const along = Math.min(lengthM, Math.max(0, dot / lengthM))
  const foot = {
    x: left.x + ((right.x - left.x) * along) / lengthM,
    y: left.y + ((right.y - left.y) * along) / lengthM,
  }
  if (distance(foot, to) > LETS_GO_M) return free
  return { ...place, against: { ...place.against!, alongM: Math.round(along * 1000) / 1000 } }
}
