import type { Bed, Opening, Wall, Against, BedPlace, Site } from '../model'
import { bedFrame } from '../bed'
import { distance } from '../geometry'
import { bedTransform, resolveSite } from '../site'
import { sidesNear } from './sidesNear'
import { sideOf, wallOf } from './sideOf'

/** A bed lies along a side when both its ends lie this near to it, metres. */
const NEAR_M = 0.25
/** Walls agree within so much, metres. */
const SAME_M = 0.3

/**
 * A site whose beds lie against the sides they lie along already: only where nobody has decided yet, and the side has all that the bed says
 * of its own wall, so that no picture loses anything. The same site when there is nothing to link.
 */
export function linkBeds(site: Site, beds: ReadonlyMap<string, Bed>): Site {
  const linked = site.beds.map((place) => {
    const bed = beds.get(place.bedId)
    const against = bed && place.against === undefined ? sideAlong(site, place, bed) : null
    return against ? { ...place, against } : place
  })
  return linked.some((p, i) => p !== site.beds[i]) ? { ...site, beds: linked } : site
}

/** The side that a bed lies along and that agrees with its own wall; null when there is none. */
function sideAlong(site: Site, place: BedPlace, bed: Bed): Against | null {
  const resolved = resolveSite(site)
  const laid = resolved.beds.find((b) => b.bedId === place.bedId)!
  const frame = bedFrame(bed)
  if (frame.closed || !bed.wall) return null
  const { toSite } = bedTransform(laid.at, laid.lookDeg, site.northDeg)
  const ends = [toSite({ x: 0, y: 0 }), toSite({ x: frame.lastX, y: 0 })] as const
  for (const { against } of sidesNear(resolved, laid)) {
    const thing = resolved.things.find((t) => t.id === against.thing)!
    const side = sideOf(thing, against.side, laid.lookDeg - site.northDeg)!
    const at = (m: number) => ({
      x: side.left.x + ((side.right.x - side.left.x) * m) / side.lengthM,
      y: side.left.y + ((side.right.y - side.left.y) * m) / side.lengthM,
    })
    const isAlong =
      distance(at(against.alongM), ends[0]) < NEAR_M && distance(at(against.alongM + frame.lastX), ends[1]) < NEAR_M
    const wall = isAlong ? wallOf(thing, against) : null
    if (wall && agrees(wall, bed.wall)) return against
  }
  return null
}

const isNear = (a: number, b: number) => Math.abs(a - b) <= SAME_M

/** Whether a wall of the site has the height and every opening that a bed says its wall has. */
const agrees = (there: Wall, own: Wall) =>
  isNear(there.heightM, own.heightM) && own.openings.every((o) => there.openings.some((q) => sameOpening(o, q)))

const sameOpening = (a: Opening, b: Opening) =>
  isNear(a.x, b.x) && isNear(a.widthM, b.widthM) && isNear(a.sillM, b.sillM) && isNear(a.headM, b.headM)
