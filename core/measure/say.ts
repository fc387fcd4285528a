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

const DAY = /\b\d{4}-\d{2}-\d{2}\b/g

/** A text of the core as a garden says it: figures in its units, and days, which the core writes `2026-05-08`, in words. */
export const say = (text: string, { units, region }: Manner): string =>
  inUnits(text, units, region).replace(DAY, (day) => sayDay(day, region))
