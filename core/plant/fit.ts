import { SUN_CLASSES, WATER_CLASSES, type Plant, type Soil, type SunClass, type WaterClass } from './plant'

/** What a place offers a plant. */
export interface SiteConditions {
  /** Growing-season mean of direct sun, hours a day. */
  readonly sunHours: number
  /** Hours in the brightest and the darkest month of the growing season, when they are known. */
  readonly brightestH?: number
  readonly darkestH?: number
  /** True when what sun there is comes before noon. */
  readonly morningOnly?: boolean
  readonly water: WaterClass
  readonly soil: Soil
  readonly ph: number
  readonly drainage?: 'quick' | 'steady' | 'slow' | 'stands'
  readonly wetInWinter?: boolean
  readonly deer?: 'none' | 'some' | 'much'
  readonly rabbits?: 'none' | 'some' | 'much'
  /** Hardiness zone as a whole number: 6 for 6a and 6b. */
  readonly zone: number
}

export type Misfit = { readonly want: 'sun' | 'zone' | 'water' | 'soil' | 'ph' | 'harm'; readonly text: string }

/** Full sun ≥ 6 h, part sun 4-6 h, part shade 2-4 h or morning sun only, shade < 2 h. Source: design/calculations, Light. */
export const sunClass = (hours: number, morningOnly = false): SunClass =>
  hours >= 6 ? 'full-sun' : hours >= 4 && !morningOnly ? 'part-sun' : hours >= 2 ? 'part-shade' : 'shade'

/** A month may leave the class of the whole season by this much before a plant suffers for it, hours. */
const MONTH_TOLERANCE_H = 1

/** `6b` → 6; `null` when it is no hardiness zone. */
export function zoneNumber(zone: string): number | null {
  const match = /^(\d{1,2})[ab]?$/i.exec(zone.trim())
  const n = match ? Number(match[1]) : 0
  return n >= 1 && n <= 13 ? n : null
}

/** Each reason why a plant would suffer in a place; empty when it fits. Annuals and tender plants are not asked for a zone. */
export function misfits(plant: Plant, site: SiteConditions): Misfit[] {
  const found: Misfit[] = []
  const here = sunClass(site.sunHours, site.morningOnly)
  const light = SUN_CLASSES.indexOf(here)
  const brightest = SUN_CLASSES.indexOf(plant.sun.brightest)
  const darkest = SUN_CLASSES.indexOf(plant.sun.darkest)
  const hours = (h: number) => Math.round(h * 10) / 10
  if (light < brightest)
    found.push({
      want: 'sun',
      text: `${site.sunHours} h of sun is ${words(here)}; it burns above ${words(plant.sun.brightest)}`,
    })
  else if (light > darkest)
    found.push({
      want: 'sun',
      text: `${site.sunHours} h of sun is ${words(here)}; it needs at least ${words(plant.sun.darkest)}`,
    })
  else if (
    site.brightestH !== undefined &&
    SUN_CLASSES.indexOf(sunClass(site.brightestH - MONTH_TOLERANCE_H)) < brightest
  )
    found.push({
      want: 'sun',
      text: `${hours(site.brightestH)} h of sun in the brightest month; it burns above ${words(plant.sun.brightest)}`,
    })
  else if (
    site.darkestH !== undefined &&
    SUN_CLASSES.indexOf(sunClass(site.darkestH + MONTH_TOLERANCE_H)) > darkest
  )
    found.push({
      want: 'sun',
      text: `${hours(site.darkestH)} h of sun in the darkest month it grows in; it needs at least ${words(plant.sun.darkest)}`,
    })
  const seasonal = plant.lifeCycle === 'annual' || plant.lifeCycle === 'tender'
  if (!seasonal && site.zone < plant.zones.coldest)
    found.push({ want: 'zone', text: `zone ${site.zone} winters; it is hardy to zone ${plant.zones.coldest}` })
  if (!seasonal && site.zone > plant.zones.warmest)
    found.push({ want: 'zone', text: `zone ${site.zone}; it fades above zone ${plant.zones.warmest}` })
  const wet = WATER_CLASSES.indexOf(site.water)
  if (wet < WATER_CLASSES.indexOf(plant.water.driest))
    found.push({ want: 'water', text: `${site.water} ground; it wants ${plant.water.driest}` })
  if (wet > WATER_CLASSES.indexOf(plant.water.wettest))
    found.push({ want: 'water', text: `${site.water} ground; it wants ${plant.water.wettest} at most` })
  const standsWet = site.wetInWinter || site.drainage === 'stands'
  if (standsWet && !seasonal && plant.water.wettest === 'dry')
    found.push({ want: 'water', text: 'it stands wet in winter; it rots unless it is dry' })
  for (const eater of ['deer', 'rabbits'] as const)
    if (site[eater] === 'much' && plant[eater] === 'browsed')
      found.push({ want: 'harm', text: `many ${eater}; they eat it` })
  if (!plant.soils.includes(site.soil))
    found.push({ want: 'soil', text: `${site.soil}; it wants ${plant.soils.join(' or ')}` })
  if (site.ph < plant.ph.low || site.ph > plant.ph.high)
    found.push({ want: 'ph', text: `pH ${site.ph}; it wants ${plant.ph.low} to ${plant.ph.high}` })
  return found
}

export const words = (id: string) => id.replace(/-/g, ' ')
