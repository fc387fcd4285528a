import type { Requirement } from '../model'
import { TRAIT } from '../brief'
import { isGreen, nearestOf, type Theme } from '../colour'
import { hashText } from '../geometry'
import { misfits, type Plant, type SiteConditions } from '../plant'
import { placeMonth, placeMonths, type Climate, type LibraryMonth, type PlaceMonth } from '../time'

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
/** A plant all of whose colours are the theme's comes before those that merely do not disturb. */
const OF_THE_THEME = -3
const MIDSUMMER: LibraryMonth = 7
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

/** How far a plant's flowers and a leaf that is not green lie outside the theme; less than nothing when they are its colours. */
function strays(
  { flowerColour, moreFlowerColours, flowerMonths, foliage }: Plant,
  { theme, climate }: RankAsk,
): number {
  if (!theme) return 0
  const far = (colour: string, month: LibraryMonth) =>
    nearestOf(theme, colour, placeMonth(month, climate))?.distance ?? NO_COLOUR_THEN
  const flowers = flowerColour ? [flowerColour, ...moreFlowerColours] : []
  const distances = [
    ...(isGreen(foliage.summer) ? [] : [far(foliage.summer, MIDSUMMER)]),
    ...flowers.map((c) => far(c, flowerMonths[0] ?? MIDSUMMER)),
  ]
  if (distances.length === 0) return 0
  const worst = Math.max(...distances)
  return worst <= FREE_STRAY ? OF_THE_THEME : (worst - FREE_STRAY) * STRAY
}
