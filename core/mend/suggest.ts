import type { Drift } from '../model'
import { deltaE, nearestOf } from '../colour'
import { applyEdit, type Edit } from '../edit'
import { finish } from '../finish'
import { critique, fillCount, isMeant, type Critique } from '../judge'
import { marksOf, totalOf } from '../marks'
import { liking, pairContrast, pairScore } from '../match'
import { genusOf, fullHeightM, misfits, type Plant } from '../plant'
import { TRAIT } from '../brief'
import { conditionsAt, driftsSeen, nameOf, type Scene } from '../scene'
import { monthInterest } from '../season'
import { monthName, placeMonth, placeMonths, type LibraryMonth } from '../time'
import { lanePlaces, type LanePlace } from './lanePlaces'
import { sceneWith } from './tryMends'

/** A place that plants are looked for: how far along the front edge, metres, and the lane that it lies in. */
export interface PlaceAsk {
  readonly atM: number
  readonly lane: number
  /** How many kinds together. */
  readonly size: 2 | 3 | 5
  readonly month: LibraryMonth
  /** 0 evergreen only, 1 flower first. */
  readonly bias: number
  /** A kind that they are to go with, by id; null or left out: whatever stands about. */
  readonly beside?: string | null
}

/** Kinds for a place, as they would be set there, and what the bed as a whole gains by them. */
export interface Suggestion {
  readonly plants: readonly Plant[]
  readonly drifts: readonly Drift[]
  readonly edit: Edit
  /** The whole's mark with them, and what it gains. */
  readonly total: number
  readonly gain: number
  readonly reasons: readonly string[]
}

const GROUPS = 9
const MOST = 5
const KEPT = 36
const USED = 30
/** Plants as wide as this may be tucked in anywhere. */
const LEAST_SPREAD_M = 0.4

/** Suggestions for a place, best first; no two share two kinds. */
export const suggestions = (judged: Critique, ask: PlaceAsk): Suggestion[] => finish(suggestionsOf(judged, ask))

/** The same, a group at a time. */
export function* suggestionsOf(judged: Critique, ask: PlaceAsk): Generator<number, Suggestion[]> {
  const { scene } = judged
  const slots = slotsOf(scene, ask)
  if (slots.length < 2) return []
  const candidates = slots.map((slot) => candidatesFor(scene, slot, ask))
  const before = totalOf(marksOf(scene, judged.findings))
  const used = new Map<string, number>()
  const groups: Suggestion[] = []
  for (let i = 0; i < GROUPS; i++) {
    const plants = grouped(slots, candidates, used)
    if (!plants) break
    for (const p of plants) used.set(p.id, (used.get(p.id) ?? 0) + 1)
    if (!groups.some((g) => shared(g.plants, plants) > 1)) groups.push(tried(judged, before, slots, plants))
    yield (i + 1) / GROUPS
  }
  return groups.sort((a, b) => b.total - a.total).slice(0, MOST)
}

const shared = (a: readonly Plant[], b: readonly Plant[]) => a.filter((p) => b.includes(p)).length

interface Slot extends LanePlace {
  /** The middle and the length of its part, metres along the bed. */
  readonly middle: number
  readonly lengthM: number
}

/** The parts of the free lanes, as many as kinds are wanted: the lane that was asked for first, then those about it. */
function slotsOf(scene: Scene, ask: PlaceAsk): Slot[] {
  const places = lanePlaces(scene, ask.atM, ask.lane)
  if (places.length === 0) return []
  const counts = places.map(() => 0)
  for (let i = 0; i < ask.size; i++) counts[i % places.length]!++
  return places.flatMap((place, i) => {
    const many = counts[i]!
    const each = (place.to - place.from) / Math.max(1, many)
    return Array.from({ length: many }, (_, k) => ({
      ...place,
      middle: place.from + (k + 0.5) * each,
      lengthM: each,
    }))
  })
}

interface Candidate {
  readonly plant: Plant
  readonly worth: number
}

/** Kinds that live at a place, that the brief allows and whose size it bears; best first. */
function candidatesFor(scene: Scene, slot: Slot, ask: PlaceAsk): Candidate[] {
  const { frame } = scene
  const site = conditionsAt(scene, frame.at(slot.middle, slot.out))
  const never = scene.requirements.filter((r) => r.weight === 'never')
  const hates = scene.asked?.hates ?? []
  const lacking = new Map(monthInterest(scene).map((m) => [m.month, Math.max(0, 0.3 - m.interest)]))
  const near = driftsSeen(scene).filter(
    (d) => Math.abs(d.middle - slot.middle) < 2.5 && d.plant.spacingHabit === 'stands',
  )
  return [...scene.library.values()]
    .filter(
      (p) =>
        p.kind !== 'climber' &&
        p.id !== ask.beside &&
        p.spacingHabit === 'stands' &&
        p.lifeCycle !== 'annual' &&
        p.lifeCycle !== 'tender' &&
        !p.invasiveNote &&
        p.spreadM <= Math.min(slot.mostM, Math.max(LEAST_SPREAD_M, slot.lengthM * 1.25)) &&
        fullHeightM(p) >= slot.wantM * 0.62 &&
        fullHeightM(p) <= slot.wantM * 1.5 &&
        !never.some((r) => TRAIT[r.trait].has(p)) &&
        !hates.some((h) => isMeant(p, h)) &&
        misfits(p, site).length === 0,
    )
    .map((plant) => ({ plant, worth: worthOf(scene, plant, slot, ask, lacking, near) }))
    .sort((a, b) => b.worth - a.worth || (a.plant.id < b.plant.id ? -1 : 1))
    .slice(0, KEPT)
}

function worthOf(
  scene: Scene,
  p: Plant,
  { wantM }: Slot,
  { month, bias, beside }: PlaceAsk,
  lacking: ReadonlyMap<number, number>,
  near: readonly { readonly plant: Plant }[],
): number {
  const months = placeMonths(p.flowerMonths, scene.climate).reduce((n, m) => n + (lacking.get(m) ?? 0), 0)
  const contrast = near.length > 0 ? near.reduce((n, d) => n + pairContrast(p, d.plant), 0) / near.length : 50
  const isHere = scene.byPlant.has(p)
  const seed = beside ? scene.library.get(beside) : undefined
  return (
    liking(p, month, bias) +
    40 * Math.min(1, months) +
    0.35 * contrast +
    (seed ? 0.5 * pairScore(seed, p, month) : 0) +
    (isHere ? 10 : 0) -
    26 * Math.abs(Math.log(fullHeightM(p) / wantM)) -
    strays(scene, p) -
    2 * p.hazards.length -
    30 * Math.max(0, p.runMPerYear - 0.05) -
    (p.confidence === 'low' ? 3 : 0)
  )
}

function strays({ theme, school, climate }: Scene, { flowerColour, flowerMonths }: Plant): number {
  if (!theme || !flowerColour) return 0
  const near = nearestOf(theme, flowerColour, placeMonth(flowerMonths[0] ?? 6, climate))
  return Math.max(0, (near?.distance ?? 40) - school.paletteTolerance) * 0.8
}

/** One kind for every slot: the best that goes with those chosen already and has not been in many groups. */
function grouped(
  slots: readonly Slot[],
  candidates: readonly (readonly Candidate[])[],
  used: ReadonlyMap<string, number>,
): Plant[] | null {
  const group: Plant[] = []
  for (const [i] of slots.entries()) {
    let best: Plant | null = null
    let high = -Infinity
    for (const { plant, worth } of candidates[i]!) {
      if (group.some((g) => genusOf(g) === genusOf(plant))) continue
      const with_ = group.reduce((n, g) => n + pairContrast(g, plant), 0) / Math.max(1, group.length)
      const blend = group.some(
        (g) => g.leafOutline === plant.leafOutline && deltaE(g.foliage.summer, plant.foliage.summer) < 8,
      )
      const score = worth + 0.4 * with_ - USED * (used.get(plant.id) ?? 0) - (blend ? 12 : 0)
      if (score > high) [best, high] = [plant, score]
    }
    if (!best) return null
    group.push(best)
  }
  return group
}

function tried(judged: Critique, before: number, slots: readonly Slot[], plants: readonly Plant[]): Suggestion {
  const { scene } = judged
  const drifts = plants.map((plant, i): Drift => {
    const slot = slots[i]!
    const at = scene.frame.sAt(slot.middle)
    return {
      id: `set-${slot.lane}-${Math.round(at * 100)}-${plant.id}`.slice(0, 60),
      plantId: plant.id,
      lane: slot.lane,
      at,
      count: groupCount(scene, slot, plant),
      pattern: 'mass',
      everyM: 1,
    }
  })
  const edit: Edit = {
    kind: 'all',
    name: 'set partners',
    edits: drifts.map((drift) => ({ kind: 'addDrift', drift })),
  }
  const after = critique(sceneWith(scene, applyEdit(scene.bed, edit).bed), judged)
  const total = totalOf(marksOf(after.scene, after.findings))
  return { plants, drifts, edit, total, gain: total - before, reasons: reasonsFor(scene, slots, plants) }
}

/** A group of its own in the place, not the whole of it flooded: some spreads wide, odd where it is small. */
function groupCount(scene: Scene, { lane, lengthM }: Slot, plant: Plant): number {
  const most = Math.min(
    MOST_IN_GROUP,
    fillCount(scene, lane, plant, Math.min(lengthM * 0.92, Math.max(1.4, 4 * plant.spreadM))),
  )
  return most > 2 && most % 2 === 0 ? most - 1 : most
}
const MOST_IN_GROUP = 11

function reasonsFor(scene: Scene, slots: readonly Slot[], plants: readonly Plant[]): string[] {
  const lanes = plants.map(
    (p, i) => `${nameOf(p)} ${fullHeightM(p).toFixed(1)}\u202fm in the ${slots[i]!.name} lane`,
  )
  const bare = monthInterest(scene)
    .filter((m) => m.interest < 0.25)
    .map((m) => m.month)
  const filled = bare.filter((m) => plants.some((p) => placeMonths(p.flowerMonths, scene.climate).includes(m)))
  const sizes = new Set(plants.map((p) => p.leafSize))
  return [
    lanes.join(', '),
    ...(filled.length > 0 ? [`flowers in ${filled.slice(0, 4).map(monthName).join(', ')}, which lack`] : []),
    ...(sizes.has('bold') && sizes.has('fine') ? ['bold leaf beside fine'] : []),
    ...(plants.some((p) => scene.byPlant.has(p)) ? ['takes up a kind that is there'] : []),
  ]
}
