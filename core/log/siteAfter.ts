import type { Cause } from '../model'
import { WATER_CLASSES, type SiteConditions } from '../plant'

/** What sun a place that was too shady, or too sunny, has against what was reckoned. */
const SHADIER = 0.6
const SUNNIER = 1.5

const nextWater = (site: SiteConditions, by: 1 | -1) =>
  WATER_CLASSES[Math.max(0, Math.min(WATER_CLASSES.length - 1, WATER_CLASSES.indexOf(site.water) + by))]!

const AFTER: Readonly<Partial<Record<Cause, (site: SiteConditions) => SiteConditions>>> = {
  wet: (s) => ({ ...s, water: nextWater(s, 1), drainage: 'slow', wetInWinter: true }),
  dry: (s) => ({ ...s, water: nextWater(s, -1), irrigation: 'none' }),
  shade: (s) => ({ ...s, sunHours: s.sunHours * SHADIER }),
  sun: (s) => ({ ...s, sunHours: Math.min(14, s.sunHours * SUNNIER), reflectedHeat: 'much' }),
  wind: (s) => ({ ...s, wind: 'much' }),
  frost: (s) => ({ ...s, zone: s.zone - 1 }),
  eaten: (s) => ({ ...s, rabbits: 'much', deer: 'much' }),
}

/** A place as its losses show it to be: wetter, drier, darker, windier or colder than was reckoned. */
export const siteAfter = (site: SiteConditions, causes: readonly Cause[]): SiteConditions =>
  causes.reduce((s, cause) => AFTER[cause]?.(s) ?? s, site)
