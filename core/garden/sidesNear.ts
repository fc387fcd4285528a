import type { Against, BedPlace } from '../model'
import type { ResolvedSite } from '../site'
import { sideOf } from './sideOf'

/** A side that a bed can lie against, in words. */
interface SideChoice {
  readonly label: string
  readonly against: Against
}

/** Every side of a building and stretch of a fence that a bed could lie against; `alongM` is where it lies now, kept within the side. */
export function sidesNear(
  site: ResolvedSite,
  place: Pick<BedPlace, 'lookDeg'> & { readonly at: { x: number; y: number } },
): SideChoice[] {
  return site.things.flatMap((thing) => {
    if (thing.kind !== 'building' && thing.kind !== 'fence') return []
    const sides = thing.kind === 'building' ? thing.outline.length : thing.line.length - 1
    return Array.from({ length: sides }, (_, side): SideChoice => {
      const found = sideOf(thing, side, place.lookDeg - site.northDeg)!
      const ux = (found.right.x - found.left.x) / Math.max(1e-6, found.lengthM)
      const uy = (found.right.y - found.left.y) / Math.max(1e-6, found.lengthM)
      const along = (place.at.x - found.left.x) * ux + (place.at.y - found.left.y) * uy
      const alongM = Math.round(Math.min(found.lengthM, Math.max(0, along)) * 100) / 100
      return { label: `${thing.name}, side ${side + 1}`, against: { thing: thing.id, side, alongM } }
    })
  })
}
