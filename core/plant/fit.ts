import { SUN_CLASSES, WATER_CLASSES, type Plant, type Soil, type SunClass, type WaterClass } from './plant'

/** What a place offers a plant. */
export interface SiteConditions {
  /** Growing-season mean of direct sun, hours a day. */
  readonly sunHours: number
  readonly water: WaterClass
  readonly soil: Soil
  readonly ph: number
  /** Hardiness zone as a whole number: 6 for 6a and 6b. */
  readonly zone: number
}

export type Misfit = { readonly want: 'sun' | 'zone' | 'water' | 'soil' | 'ph'; readonly text: string }

/** Full sun ≥ 6 h, part sun 4-6 h, part shade 2-4 h, shade < 2 h. Source: design/calculations, Light. */
export const sunClass = (hours: number): SunClass =>
  hours >= 6 ? 'full-sun' : hours >= 4 ? 'part-sun' : hours >= 2 ? 'part-shade' : 'shade'

/** `6b` → 6; `null` when it is no hardiness zone. */
export function zoneNumber(zone: string): number | null {
  const match = /^(\d{1,2})[ab]?$/i.exec(zone.trim())
  const n = match ? Number(match[1]) : 0
  return n >= 1 && n <= 13 ? n : null
}

/** Each reason why a plant would suffer in a place; empty when it fits. Annuals and tender plants are not asked for a zone. */
export function misfits(plant: Plant, site: SiteConditions): Misfit[] {
  const found: Misfit[] = []
  const light = SUN_CLASSES.indexOf(sunClass(site.sunHours))
  if (light < SUN_CLASSES.indexOf(plant.sun.brightest)) found.push({ want: 'sun', text: `${site.sunHours} h of sun is ${words(sunClass(site.sunHours))}; it burns above ${words(plant.sun.brightest)}` })
  if (light > SUN_CLASSES.indexOf(plant.sun.darkest)) found.push({ want: 'sun', text: `${site.sunHours} h of sun is ${words(sunClass(site.sunHours))}; it needs at least ${words(plant.sun.darkest)}` })
  const seasonal = plant.lifeCycle === 'annual' || plant.lifeCycle === 'tender'
  if (!seasonal && site.zone < plant.zones.coldest) found.push({ want: 'zone', text: `zone ${site.zone} winters; it is hardy to zone ${plant.zones.coldest}` })
  if (!seasonal && site.zone > plant.zones.warmest) found.push({ want: 'zone', text: `zone ${site.zone}; it fades above zone ${plant.zones.warmest}` })
  const wet = WATER_CLASSES.indexOf(site.water)
  if (wet < WATER_CLASSES.indexOf(plant.water.driest)) found.push({ want: 'water', text: `${site.water} ground; it wants ${plant.water.driest}` })
  if (wet > WATER_CLASSES.indexOf(plant.water.wettest)) found.push({ want: 'water', text: `${site.water} ground; it wants ${plant.water.wettest} at most` })
  if (!plant.soils.includes(site.soil)) found.push({ want: 'soil', text: `${site.soil}; it wants ${plant.soils.join(' or ')}` })
  if (site.ph < plant.ph.low || site.ph > plant.ph.high) found.push({ want: 'ph', text: `pH ${site.ph}; it wants ${plant.ph.low} to ${plant.ph.high}` })
  return found
}

export const words = (id: string) => id.replace(/-/g, ' ')
