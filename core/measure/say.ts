import { inUnits } from './inUnits'
import type { Units } from './parseLength'
import { regionOf, sayDay, type Region } from './region'

/** How figures and days are written: the units of a garden and the country whose habits it follows. */
export interface Manner {
  readonly units: Units
  readonly region: Region
}
/** The manner of a garden. */
export const mannerOf = (garden: { readonly units: Units; readonly region?: Region }): Manner => ({
  units: garden.units,
  region: regionOf(garden),
})
export const PLAIN_MANNER: Manner = { units: 'metric', region: 'GB' }

/** What stands before a day in a text of the core: a joiner without width. A name or a note that somebody typed never has it. */
const DAY_MARK = '\u2060'
const DAY = new RegExp(`${DAY_MARK}(\\d{4}-\\d{2}-\\d{2})`, 'g')

/** A day, `2026-05-08`, as a text of the core holds it: only such a day is put into words, never one that stands in a name. */
export const dayTold = (day: string): string => DAY_MARK + day

/** A text of the core as a garden says it: figures in its units, and days, see {@link dayTold}, in words. */
export const say = (text: string, { units, region }: Manner): string =>
  inUnits(text, units, region).replace(DAY, (_, day: string) => sayDay(day, region))
