import { once } from '../once'
import { SUN_CLASSES, WATER_CLASSES, type Plant, type Soil, type SunClass, type WaterClass } from './plant'

export type Amount = 'none' | 'some' | 'much'

/** What a place offers a plant. */
export interface SiteConditions {
  /** Growing-season mean of direct sun, hours a day. */
  readonly sunHours: number
  /** Hours in the brightest and the darkest month of the growing season, when they are known. */
  readonly brightestH?: number
  readonly darkestH?: number
  /** Direct sun later than two hours after solar noon, in the summer month that has most of it. */
  readonly lateSummerH?: number
  /** True when what sun there is comes before noon. */
  readonly morningOnly?: boolean
  readonly water: WaterClass
  readonly soil: Soil
  readonly ph: number
  readonly drainage?: 'quick' | 'steady' | 'slow' | 'stands'
  readonly wetInWinter?: boolean
  readonly irrigation?: 'none' | 'hose' | 'drip' | 'sprinkler'
  readonly wind?: Amount
  readonly salt?: Amount
  readonly reflectedHeat?: Amount
  readonly deer?: Amount
  readonly rabbits?: Amount
  /** Hardiness zone as a whole number: 6 for 6a and 6b. */
  readonly zone: number
  /** Heat zone, 1 to 12; null or left out when it is not known. */
  readonly heatZone?: number | null
}

export type Want = 'sun' | 'heat' | 'summer' | 'cool' | 'zone' | 'water' | 'wind' | 'salt' | 'soil' | 'ph' | 'harm'
export type Misfit = { readonly want: Want; readonly text: string }

/** Full sun ≥ 6 h, part sun 4-6 h, part shade 2-4 h or morning sun only, shade < 2 h. Source: docs/grounds/calculations, Light. */
export function sunClass(hours: number, morningOnly = false): SunClass {
  if (hours >= 6) return 'full-sun'
  if (hours >= 4 && !morningOnly) return 'part-sun'
  return hours >= 2 ? 'part-shade' : 'shade'
}

/** `6b` → 6; `null` when it is no hardiness zone. */
export function zoneNumber(zone: string): number | null {
  const match = /^(\d{1,2})[ab]?$/i.exec(zone.trim())
  const n = match ? Number(match[1]) : 0
  return n >= 1 && n <= 13 ? n : null
}

export const words = (id: string) => id.replace(/-/g, ' ')

const reasonsAt = once((site: SiteConditions) => once((plant: Plant): readonly Misfit[] => reasons(plant, site)))

/** Each reason why a plant would suffer in a place; empty when it fits. Annuals and tender plants are not asked for a zone. */
export const misfits = (plant: Plant, site: SiteConditions): readonly Misfit[] => reasonsAt(site)(plant)

const reasons = (plant: Plant, site: SiteConditions): Misfit[] => [
  ...inLight(plant, site),
  ...inHeat(plant, site),
  ...inZone(plant, site),
  ...inWater(plant, site),
  ...inExposure(plant, site),
  ...inSoil(plant, site),
]

/** A month may leave the class of the whole season by this much before a plant suffers for it, hours. */
const MONTH_TOLERANCE_H = 1

const rank = (sun: SunClass) => SUN_CLASSES.indexOf(sun)
const round = (h: number) => Math.round(h * 10) / 10

/** Hours of a season are known no truer; a class further off they do not excuse. */
const HOURS_TOLERANCE_H = 0.5

function inLight(plant: Plant, site: SiteConditions): Misfit[] {
  const here = sunClass(site.sunHours, site.morningOnly)
  const less = sunClass(Math.max(0, site.sunHours - HOURS_TOLERANCE_H), site.morningOnly)
  const more = sunClass(site.sunHours + HOURS_TOLERANCE_H, site.morningOnly)
  const { brightest, darkest } = plant.sun
  const say = (text: string): Misfit[] => [{ want: 'sun', text }]
  if (rank(less) < rank(brightest))
    return say(`${site.sunHours} h of sun is ${words(here)}; it burns above ${words(brightest)}`)
  if (rank(more) > rank(darkest))
    return say(`${site.sunHours} h of sun is ${words(here)}; it needs at least ${words(darkest)}`)
  const { brightestH: most, darkestH: least } = site
  if (most !== undefined && rank(sunClass(most - MONTH_TOLERANCE_H)) < rank(brightest))
    return say(`${round(most)} h of sun in the brightest month; it burns above ${words(brightest)}`)
  if (least !== undefined && rank(sunClass(least + MONTH_TOLERANCE_H)) > rank(darkest))
    return say(`${round(least)} h of sun in the darkest month it grows in; it needs at least ${words(darkest)}`)
  return []
}

/** So many hours after two in the afternoon are a hot place. Source: docs/grounds/calculations, Light (heat note). */
const HOT_AFTERNOON_H = 3

/** Afternoon sun is harsher than morning sun, and walls and paving give it back. */
function inHeat(plant: Plant, site: SiteConditions): Misfit[] {
  return [...inSummers(plant, site), ...inHotSpot(plant, site)]
}

/** Summers too hot or not hot enough, whatever the winters. */
function inSummers({ heat }: Plant, { heatZone }: SiteConditions): Misfit[] {
  if (!heatZone) return []
  if (heatZone > heat.most)
    return [{ want: 'summer', text: `summers of heat zone ${heatZone}; it flags above ${heat.most}` }]
  if (heatZone < heat.least)
    return [{ want: 'cool', text: `summers of heat zone ${heatZone}; it wants at least ${heat.least} to flower` }]
  return []
}

function inHotSpot(plant: Plant, { lateSummerH = 0, reflectedHeat }: SiteConditions): Misfit[] {
  const isOfShade = rank(plant.sun.brightest) >= rank('part-shade')
  if (isOfShade && lateSummerH >= HOT_AFTERNOON_H)
    return [{ want: 'heat', text: `${round(lateSummerH)} h of sun on summer afternoons; it wants shade by then` }]
  const isThirsty = plant.water.driest === 'moist' || plant.water.driest === 'wet'
  if (reflectedHeat === 'much' && (isOfShade || isThirsty))
    return [
      {
        want: 'heat',
        text: `heat comes back from walls and paving; it wants it ${isOfShade ? 'shady' : 'moist'} and cool`,
      },
    ]
  return []
}

function inZone(plant: Plant, { zone }: SiteConditions): Misfit[] {
  if (isSeasonal(plant)) return []
  const { coldest } = plant.zones
  if (zone < coldest) return [{ want: 'zone', text: `zone ${zone} winters; it is hardy to zone ${coldest}` }]
  return []
}

const isSeasonal = (plant: Plant) => plant.lifeCycle === 'annual' || plant.lifeCycle === 'tender'
const wet = (water: WaterClass) => WATER_CLASSES.indexOf(water)

/** Laid watering brings a bed one class nearer to what a thirsty plant wants; a sprinkler wets all of it, the dry-loving too. */
function inWater(plant: Plant, site: SiteConditions): Misfit[] {
  const isLaid = site.irrigation === 'drip' || site.irrigation === 'sprinkler'
  const lifted = wet(site.water) + (isLaid ? 1 : 0)
  if (lifted < wet(plant.water.driest))
    return [{ want: 'water', text: `${site.water} ground; it wants ${plant.water.driest}` }]
  if (wet(site.water) > wet(plant.water.wettest))
    return [{ want: 'water', text: `${site.water} ground; it wants ${plant.water.wettest} at most` }]
  if (plant.water.wettest !== 'dry') return []
  const standsWet = site.wetInWinter || site.drainage === 'stands'
  if (standsWet && !isSeasonal(plant))
    return [{ want: 'water', text: 'it stands wet in winter; it rots unless it is dry' }]
  return site.irrigation === 'sprinkler'
    ? [{ want: 'water', text: 'a sprinkler wets it; it wants to stay dry' }]
    : []
}

/** Soft stems this high lean in the wind. */
const LEANS_FROM_M = 1.2

function inExposure(plant: Plant, site: SiteConditions): Misfit[] {
  const found: Misfit[] = []
  if (site.wind === 'much') found.push(...blownBy(plant))
  if (site.salt === 'much' && plant.salt === 'shy')
    found.push({ want: 'salt', text: 'salt in wind or water; its leaves scorch' })
  for (const eater of ['deer', 'rabbits'] as const) found.push(...eatenBy(plant, eater, site[eater] ?? 'none'))
  return found
}

function blownBy(plant: Plant): Misfit[] {
  const isSoft = plant.lifeCycle !== 'woody' && plant.kind !== 'grass' && plant.kind !== 'climber'
  const isTall = isSoft && plant.flowerHeightM >= LEANS_FROM_M && plant.wind !== 'tolerant'
  if (plant.staking !== 'none' || isTall)
    return [
      {
        want: 'wind',
        text: `much wind; ${plant.flowerHeightM}\u202fm of soft stem wants a stake or a sheltered place`,
      },
    ]
  return plant.wind === 'shy' ? [{ want: 'wind', text: 'much wind; it wants a sheltered place' }] : []
}

/** What is browsed is eaten where some come; where many come they take what they else leave, and even then not what they shun. */
function eatenBy(plant: Plant, eater: 'deer' | 'rabbits', amount: Amount): Misfit[] {
  if (amount === 'none' || plant[eater] !== 'browsed') return []
  return [
    {
      want: 'harm',
      text: `${amount === 'much' ? 'many' : 'some'} ${eater}; ${amount === 'much' ? 'they eat it' : 'they eat it first'}`,
    },
  ]
}

/** A soil test and a plant's range are both read to about so much. */
const PH_TOLERANCE = 0.3

function inSoil(plant: Plant, site: SiteConditions): Misfit[] {
  const found: Misfit[] = []
  if (!plant.soils.includes(site.soil))
    found.push({ want: 'soil', text: `${site.soil}; it wants ${plant.soils.join(' or ')}` })
  if (site.ph < plant.ph.low - PH_TOLERANCE || site.ph > plant.ph.high + PH_TOLERANCE)
    found.push({ want: 'ph', text: `pH ${site.ph}; it wants ${plant.ph.low} to ${plant.ph.high}` })
  return found
}
