import { once } from '../once'
import type { Climate, PlaceMonth } from '../time'
import { saturation } from '../colour'
import { bodiesAt, type Body, type PlacedPlant } from '../layout'
import type { Plant } from '../plant'
import { keptByCounts, type Scene } from '../scene'

export interface MonthInterest {
  readonly month: PlaceMonth
  /** Share of the visible canopy in flower, 0-1. */
  readonly bloom: number
  /** Share of the bed's canopy that holds evergreen, coloured or standing leaf, 0-1. */
  readonly leaf: number
  /** What there is to look at, 0-1: flowers count four times. */
  readonly interest: number
}

const YEAR = 3
const MONTHS = Array.from({ length: 12 }, (_, i) => i)
/** Berries and hips beside flowers. */
const FRUIT_COUNTS = 0.6
const COLOURED = 0.11

/** What each month of the third year has to show. Source: docs/grounds/calculations, Through the year. */
export const monthInterest = (scene: Scene): readonly MonthInterest[] =>
  keptByCounts('months', scene, [scene.climate, scene.bed.buying, scene.stays], () => interestOfMonths(scene))

function interestOfMonths(scene: Scene): MonthInterest[] {
  const kinds = [...scene.byPlant].flatMap(([, list]) => {
    const still = scene.stays ? list.filter((p) => !scene.stays!.has(p.driftId)) : list
    return still.length > 0 ? [{ year: yearOf(scene, still[0]!), count: still.length }] : []
  })
  kinds.push(...changing(scene))
  // Leaf is measured against the fullest month of the same year.
  const full = Math.max(
    ...MONTHS.map((i) => kinds.reduce((sum, { count, year }) => sum + count * year[i]!.canopy, 0)),
  )
  return Array.from({ length: 12 }, (_, i) => {
    let canopy = 0
    let bloom = 0
    let leaf = 0
    for (const { year, count } of kinds) {
      canopy += count * year[i]!.canopy
      bloom += count * year[i]!.bloom
      leaf += count * year[i]!.leaf
    }
    const share = { bloom: canopy > 0 ? bloom / canopy : 0, leaf: full > 0 ? leaf / full : 0 }
    return { month: i + 1, ...share, interest: Math.min(1, 4 * share.bloom + share.leaf * 0.6) }
  })
}

/** Drifts whose places change hands, each with a year of its own. */
function changing(scene: Scene): { year: Year; count: number }[] {
  if (!scene.stays) return []
  const byDrift = new Map<string, { one: PlacedPlant; count: number }>()
  for (const p of scene.placement.plants) {
    if (!scene.stays.has(p.driftId)) continue
    const key = `${p.driftId}|${p.plant.id}`
    byDrift.set(key, { one: p, count: (byDrift.get(key)?.count ?? 0) + 1 })
  }
  return [...byDrift.values()].map(({ one, count }) => ({ year: yearFrom(scene, one), count }))
}

/** What one plant of a kind shows in each month, square metres of spread squared. */
type Year = readonly { readonly canopy: number; readonly bloom: number; readonly leaf: number }[]
const yearsOf = once<Climate, (plant: Plant) => Map<string, Year>>(() => once(() => new Map()))

/** Known of each kind by climate and size bought. */
function yearOf(scene: Scene, one: PlacedPlant): Year {
  const { climate, bed } = scene
  const ofPlant = yearsOf(climate)(one.plant)
  const size = bed.buying.find((b) => b.plantId === one.plant.id)?.size ?? ''
  const kept = ofPlant.get(size)
  if (kept) return kept
  const year = yearFrom(scene, one)
  ofPlant.set(size, year)
  return year
}

const yearFrom = ({ climate, bed, stays }: Scene, one: PlacedPlant): Year =>
  Array.from({ length: 12 }, (_, i) => {
    const body = bodiesAt([one], { month: i + 1, year: YEAR }, climate, bed.buying, stays)[0]!
    const weight = body.spreadM ** 2
    return {
      canopy: body.look.state === 'gone' ? 0 : weight,
      bloom: weight * Math.max(body.look.flower, FRUIT_COUNTS * body.look.fruit),
      leaf: weight * interestOf(body),
    }
  })

/** Evergreen in winter, dry stems that stand, or leaves of a colour beyond green; what keeps part of its leaves counts in part. */
function interestOf({ at, look }: Body): number {
  const { retention, bark } = at.plant
  if (look.state === 'bare') return bark?.colour === look.colour ? 1 : 0
  if (look.state === 'dry') return 1
  if (look.state !== 'leaf') return 0
  if (retention === 'evergreen' || (look.leaf > 0.5 && saturation(look.colour) > COLOURED)) return 1
  return retention === 'semi-evergreen' ? look.leaf : 0
}
