import type { GardenScene } from '../garden'
import { distance, toMm } from '../geometry'
import { outlinesOf } from '../see'

/** A pipe goes round things: so much longer than the straight way. */
const DETOUR = 1.2

/** Metres of main from the nearest tap drawn on the site to the nearest edge of each bed that lies there, by the bed's id. */
export function tapDistances({ site, beds }: GardenScene): Record<string, number> {
  const taps = site.things.flatMap((t) => (t.kind === 'feature' && t.what === 'tap' ? [t.at] : []))
  if (taps.length === 0) return {}
  return Object.fromEntries(
    [...beds.values()].flatMap(({ id, bed, frame, transform }) => {
      if (!transform) return []
      const edge = outlinesOf(bed, frame)
        .flat()
        .map((p) => transform.toSite(p))
      const nearest = Math.min(...taps.flatMap((tap) => edge.map((p) => distance(p, tap))))
      return [[id, toMm(nearest * DETOUR)]]
    }),
  )
}
