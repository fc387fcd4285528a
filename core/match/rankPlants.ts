import type { Requirement } from '../model'
import { TRAIT } from '../brief'
import { nearestOf, type Theme } from '../colour'
import { hashText } from '../geometry'
import { misfits, type Plant, type SiteConditions } from '../plant'
import { placeMonth, placeMonths, type Climate, type PlaceMonth } from '../time'

/** What a plant is wanted for. */
interface RankAsk {
  readonly climate: Climate
  /** What the bed offers; null when it is not known. */
  readonly site: SiteConditions | null
  /** Greatest depth of the bed, metres. */
  readonly depthM: number
  /** Those that hold for the bed. */
  readonly requirements: readonly Requirement[]
  readonly theme: Theme | null
  /** Months that matter. */
  readonly months: readonly PlaceMonth[]
}

/** Points against a plant: each misfit, each metre too wide, and so on. */
const MISFIT = 10
const TOO_WIDE_A_METRE = 4
const DEPTH_SHARE = 0.6
const INVASIVE = 3
const NEVER = 8
const WISHED = -2
const A_MONTH = -0.5
const FREE_STRAY = 12
const STRAY = 0.25
const NO_COLOUR_THEN = 20
/** What fits equally well is mixed, so that the first ones are not all of one kind. */
const MIXED = 0.02

/**
 * Plants by how well they suit a bed and the brief, best first: site, depth, never and wished-for traits, months that matter,
 * the theme's colours.
 */
export function rankPlants(plants: readonly Plant[], ask: RankAsk): Plant[] {
  const never = ask.requirements.filter((r) => r.weight === 'never')
  const wished = ask.requirements.filter((r) => r.weight !== 'never')
  const having = (list: readonly Requirement[], p: Plant) => list.filter((r) => TRAIT[r.trait].has(p)).length
  const against = (p: Plant) =>
    (ask.site ? misfits(p, ask.site).length * MISFIT : 0) +
    Math.max(0, p.spreadM - ask.depthM * DEPTH_SHARE) * TOO_WIDE_A_METRE +
    (p.invasiveNote ? INVASIVE : 0) +
    having(never, p) * NEVER +
    having(wished, p) * WISHED +
    placeMonths(p.flowerMonths, ask.climate).filter((m) => ask.months.includes(m)).length * A_MONTH +
    strays(p, ask) +
    (hashText(p.id) % 100) * MIXED
  return plants
    .map((p) => ({ p, s: against(p) }))
    .sort((a, b) => a.s - b.s)
    .map(({ p }) => p)
}

/** How far a plant's flowers lie outside the theme. */
function strays({ flowerColour, flowerMonths }: Plant, { theme, climate }: RankAsk): number {
  if (!theme || !flowerColour) return 0
  const near = nearestOf(theme, flowerColour, placeMonth(flowerMonths[0] ?? 6, climate))
  return Math.max(0, (near?.distance ?? NO_COLOUR_THEN) - FREE_STRAY) * STRAY
}
