import type { Garden } from '../../core/model'
import type { BedFacts } from '../../core/bed'
import { formatBoth, mannerOf, sayMonthDay } from '../../core/measure'

/** Length and depth of a bed in the manner of its garden. */
export function bedSizeWords({ lengthM, depthM }: BedFacts, garden: Garden): string {
  const { units, region } = mannerOf(garden)
  return `${formatBoth(lengthM, units, region)} by ${formatBoth(depthM, units, region)}`
}

/** When frost ends and begins: `last frost 8 May, first 14 Oct`. */
export function frostWords(garden: Garden): string {
  const { region } = mannerOf(garden)
  const { lastFrost, firstFrost } = garden.place
  return `last frost ${sayMonthDay(lastFrost, region)}, first ${sayMonthDay(firstFrost, region)}`
}
