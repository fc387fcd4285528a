import type { Bed } from '../../core/model'
import { bedFrame } from '../../core/bed'
import { bedLight, bedLightHours, type BedLight } from '../../core/light'
import type { ResolvedSite } from '../../core/site'
import { growingMonths } from '../../core/time'

/** The computed light over a bed of a site in the demo's garden; null when the bed has no place on the site. */
export function lightOver(bed: Bed, site: ResolvedSite, bedId: string): BedLight | null {
  const frame = bedFrame(bed)
  const work = bedLightHours({
    outlines: [frame.outline],
    site,
    bedId,
    latitude: 44.6,
    longitude: -63.6,
    year: 0,
    cellM: 0.5,
  })
  let step = work.next()
  while (!step.done) step = work.next()
  return step.value && bedLight(step.value, growingMonths('05-08', '10-14'), frame)
}
