import type { LibraryMonth } from '../time'
import { deltaE } from '../colour'
import {
  fullHeightM,
  genusOf,
  misfits,
  SUN_CLASSES,
  WATER_CLASSES,
  type Plant,
  type SiteConditions,
} from '../plant'
import { pairContrast } from './contrast'

/** Plants that go together, best first, with why. */
export interface Partnership {
  readonly plants: readonly Plant[]
  /** 0-100. */ readonly score: number
  readonly reasons: readonly string[]
}

export interface PartnerAsk {
  /** The plant that is there already; null for an empty place. */
  readonly seed: Plant | null
  /** How many plants together, the seed counted. */
  readonly size: 2 | 3 | 5
  readonly site: SiteConditions
  /** The month that matters, in the library’s year. */
  readonly month: LibraryMonth
  /** 0 evergreen only, 1 flower first. */
  readonly bias: number
  /** Highest that fits the place, metres. */
  readonly maxHeightM?: number
  readonly most?: number
}

const SHORTLIST = 48
const STARTS = 24

/**
 * Pairs, trios and fives ranked by contrast of texture, form, colour and height step, months in flower, and shared
 * needs. Source: docs/grounds/practice, Contrast; docs/grounds/calculations, Colour and contrast.
 */
export function partners(library: Iterable<Plant>, ask: PartnerAsk): Partnership[] {
  const { seed, size, site, month, bias, maxHeightM = Infinity, most = 6 } = ask
  const fits = [...library].filter(
    (p) =>
      p.id !== seed?.id &&
      p.kind !== 'climber' &&
      fullHeightM(p) <= maxHeightM &&
      !p.invasiveNote &&
      misfits(p, site).length === 0,
  )
  const ranked = fits
    .map((p) => ({ p, s: (seed ? pairScore(seed, p, month) : 50) + liking(p, month, bias) }))
    .sort((a, b) => b.s - a.s || (a.p.id < b.p.id ? -1 : 1))
    .slice(0, SHORTLIST)
    .map((r) => r.p)
  const groups: Partnership[] = []
  const used = new Set<Plant>()
  for (const start of ranked.slice(0, STARTS)) {
    if (used.has(start)) continue
    const group = seed ? [seed, start] : [start]
    // No two groups share a plant beside the seed, so that each is another idea.
    const free = ranked.filter((p) => !used.has(p))
    while (group.length < size) {
      const next = bestNext(group, free, month, bias)
      if (!next) break
      group.push(next)
    }
    if (group.length < size) continue
    for (const p of group) if (p !== seed) used.add(p)
    groups.push({
      plants: group,
      score: Math.round(groupScore(group, month, bias)),
      reasons: reasonsFor(group, month),
    })
  }
  return groups
    .sort((a, b) => b.score - a.score || (a.plants[1]?.id ?? '').localeCompare(b.plants[1]?.id ?? ''))
    .slice(0, most)
}

function bestNext(
  group: readonly Plant[],
  from: readonly Plant[],
  month: LibraryMonth,
  bias: number,
): Plant | null {
  let best: Plant | null = null
  let high = -Infinity
  for (const p of from) {
    if (group.some((g) => g.id === p.id || genusOf(g) === genusOf(p))) continue
    const s = group.reduce((n, g) => n + pairScore(g, p, month), 0) / group.length + liking(p, month, bias)
    if (s > high) {
      high = s
      best = p
    }
  }
  return best
}

/** How well two plants go together, about 0-100: contrast three parts, shared needs two, months in flower one. */
export function pairScore(a: Plant, b: Plant, month: LibraryMonth): number {
  const contrast = pairContrast(a, b)
  return 0.55 * contrast + 30 * sharedNeeds(a, b) + flowersTogether(a, b, month)
}

/** Share (0-1) of light, water, soil and zone ranges that two plants have in common. */
export function sharedNeeds(a: Plant, b: Plant): number {
  const sun = overlap(
    SUN_CLASSES.indexOf(a.sun.brightest),
    SUN_CLASSES.indexOf(a.sun.darkest),
    SUN_CLASSES.indexOf(b.sun.brightest),
    SUN_CLASSES.indexOf(b.sun.darkest),
  )
  const water = overlap(
    WATER_CLASSES.indexOf(a.water.driest),
    WATER_CLASSES.indexOf(a.water.wettest),
    WATER_CLASSES.indexOf(b.water.driest),
    WATER_CLASSES.indexOf(b.water.wettest),
  )
  const soil = a.soils.some((s) => b.soils.includes(s)) ? 1 : 0
  return (sun + water + soil) / 3
}

/** Length in common over the shorter range, classes counted. */
function overlap(a0: number, a1: number, b0: number, b1: number): number {
  const common = Math.min(a1, b1) - Math.max(a0, b0) + 1
  return Math.max(0, common) / (Math.min(a1 - a0, b1 - b0) + 1)
}

function flowersTogether(a: Plant, b: Plant, month: LibraryMonth): number {
  const shared = a.flowerMonths.filter((m) => b.flowerMonths.includes(m)).length
  return Math.min(9, shared * 3) + (a.flowerMonths.includes(month) || b.flowerMonths.includes(month) ? 6 : 0)
}

/** How well a plant answers what is looked for: leaf in winter, or flower in a month. */
export const liking = (p: Plant, month: LibraryMonth, bias: number) =>
  (p.retention === 'evergreen' ? 26 * (1 - bias) : 0) +
  (p.flowerMonths.includes(month) ? 22 * bias : 0) +
  p.flowerMonths.length * bias

/** What the best of groups comes to, over 100. */
const FULL = 1.25

/** How well plants that somebody put together go with one another in a month, and why. */
export const together = (group: readonly Plant[], month: LibraryMonth): Omit<Partnership, 'plants'> => ({
  score: Math.round(groupScore(group, month, FLOWER_AND_LEAF)),
  reasons: reasonsFor(group, month),
})
/** Flowers of the month and leaf in winter weigh alike. */
const FLOWER_AND_LEAF = 0.5

function groupScore(group: readonly Plant[], month: LibraryMonth, bias: number): number {
  const pairs = group.flatMap((a, i) => group.slice(i + 1).map((b) => pairScore(a, b, month)))
  const mean = pairs.reduce((n, s) => n + s, 0) / Math.max(1, pairs.length)
  return Math.min(100, (mean + group.reduce((n, p) => n + liking(p, month, bias), 0) / group.length / 2) / FULL)
}

function reasonsFor(group: readonly Plant[], month: LibraryMonth): string[] {
  const reasons: string[] = []
  const sizes = new Set(group.map((p) => p.leafSize))
  if (sizes.has('bold') && sizes.has('fine')) reasons.push('bold leaf beside fine')
  const heights = group.map(fullHeightM).sort((a, b) => a - b)
  if (heights[heights.length - 1]! > heights[0]! * 1.6)
    reasons.push(
      `heights step from ${heights[0]!.toFixed(1)}\u202fm to ${heights[heights.length - 1]!.toFixed(1)}\u202fm`,
    )
  const far = Math.max(
    ...group.flatMap((a, i) => group.slice(i + 1).map((b) => deltaE(a.foliage.summer, b.foliage.summer))),
  )
  if (far > 18) reasons.push('leaf colours set each other off')
  const shapes = new Set(group.map((p) => p.habit))
  if (shapes.size === group.length) reasons.push(`${[...shapes].join(', ')} shapes`)
  const now = group.filter((p) => p.flowerMonths.includes(month)).length
  if (now > 1) reasons.push(`${now} in flower together`)
  if (group.every((a) => group.every((b) => sharedNeeds(a, b) > 0.6)))
    reasons.push('the same light, water and soil')
  return reasons
}
