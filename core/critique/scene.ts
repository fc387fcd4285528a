import { bedFrame, schoolOf, type Bed, type BedFrame, type School, type SchoolChanges } from '../bed'
import type { Moment, Climate } from '../time'
import type { Requirement } from '../brief'
import type { Theme } from '../colour'
import { circleIndex, type CircleIndex } from '../geometry'
import { bodiesAt, place, type Body, type PlacedPlant, type Placement } from '../layout'
import type { BedLight } from '../light'
import { zoneNumber, type Plant, type SiteConditions } from '../plant'
import type { Surroundings } from '../site'
import type { Range } from './finding'

/** Everything a rule may look at: one bed, placed, in its garden's climate. */
export interface Scene {
  readonly bed: Bed
  readonly frame: BedFrame
  readonly library: ReadonlyMap<string, Plant>
  readonly placement: Placement
  readonly school: School
  readonly climate: Climate
  /** What the bed offers as a whole. */
  readonly site: SiteConditions
  /** Computed light, place by place; null when it is measured by hand or not known. */
  readonly light: BedLight | null
  readonly surroundings: Surroundings | null
  readonly theme: Theme | null
  readonly requirements: readonly Requirement[]
  readonly index: CircleIndex
  readonly byId: ReadonlyMap<string, PlacedPlant>
  readonly byPlant: ReadonlyMap<Plant, readonly PlacedPlant[]>
}

/** A year in which everything but a slow tree has grown up; "mature" in the findings. */
export const MATURE_YEAR = 10

export interface SceneInput {
  readonly bed: Bed
  readonly library: ReadonlyMap<string, Plant>
  readonly climate: Climate
  readonly hardinessZone: string
  readonly light?: BedLight | null
  readonly surroundings?: Surroundings | null
  readonly theme?: Theme | null
  /** Those that hold for this bed. */ readonly requirements?: readonly Requirement[]
  readonly schools?: SchoolChanges
}

export function makeScene(
  {
    bed,
    library,
    climate,
    hardinessZone,
    light = null,
    surroundings = null,
    theme = null,
    requirements = [],
    schools,
  }: SceneInput,
  placement?: Placement,
  frame: BedFrame = bedFrame(bed),
): Scene {
  const placed = placement ?? place(bed, library, frame, schools)
  return {
    bed,
    frame,
    library,
    climate,
    placement: placed,
    light,
    surroundings,
    theme,
    requirements,
    school: schoolOf(bed, schools),
    site: siteOf(bed, hardinessZone, light),
    index: circleIndex(placed.plants.map((p) => ({ x: p.x, y: p.y, r: p.plant.spreadM / 2 }))),
    byId: new Map(placed.plants.map((p) => [p.id, p])),
    byPlant: groupByPlant(placed.plants),
  }
}

function groupByPlant(plants: readonly PlacedPlant[]): Map<Plant, PlacedPlant[]> {
  const groups = new Map<Plant, PlacedPlant[]>()
  for (const p of plants) {
    const there = groups.get(p.plant)
    if (there) there.push(p)
    else groups.set(p.plant, [p])
  }
  return groups
}

/** What a bed offers as a whole: its ground, and the mean of its computed light when there is one. */
export const siteOf = (bed: Bed, hardinessZone: string, light: BedLight | null = null): SiteConditions => ({
  ...bed.ground,
  sunHours: light ? Math.round(light.meanH * 10) / 10 : bed.ground.sunHours,
  zone: zoneNumber(hardinessZone) ?? 6,
})

/** What a place of the bed offers: that of a plant, or an empty one. */
export function conditionsAt(scene: Scene, p: Pick<PlacedPlant, 'x' | 'y'>): SiteConditions {
  if (!scene.light) return scene.site
  const here = scene.light.at(p.x, p.y)
  return {
    ...scene.site,
    sunHours: Math.round(here.mean * 10) / 10,
    brightestH: here.brightest,
    darkestH: here.darkest,
    morningOnly: here.morningShare > MORNING_ONLY,
  }
}
const MORNING_ONLY = 0.85

/** Bodies of the plants whose x lies in the range widened by 3 m, at a moment. */
export function bodiesNear(scene: Scene, moment: Moment, range?: Range): Body[] {
  const { plants, standing } = scene.placement
  const all = standing.length > 0 ? [...plants, ...standing] : plants
  const some = range ? all.filter((p) => p.x > range.from - 3 && p.x < range.to + 3) : all
  return bodiesAt(some, moment, scene.climate, scene.bed.buying)
}

export interface Pair {
  readonly a: PlacedPlant
  readonly b: PlacedPlant
  readonly distance: number
  readonly touch: number
}

/** Pairs that touch or nearly do when mature (within 1.15 of half of both spreads); `a` is in the range. Each pair once. */
export function touchingPairs(scene: Scene, range: Range): Pair[] {
  const { plants } = scene.placement
  const pairs: Pair[] = []
  plants.forEach((a, i) => {
    if (a.x < range.from || a.x > range.to) return
    const reach = (a.plant.spreadM / 2) * 1.15 + 0.15
    for (const j of scene.index.search(a.x - reach, a.y - reach, a.x + reach, a.y + reach)) {
      const b = plants[j]!
      const twice = b.x >= range.from && b.x <= range.to && j <= i
      if (j === i || twice) continue
      const distance = Math.hypot(a.x - b.x, a.y - b.y)
      const touch = (a.plant.spreadM + b.plant.spreadM) / 2
      if (distance <= touch * 1.15) pairs.push({ a, b, distance, touch })
    }
  })
  return pairs
}

export const whole: Range = { from: -Infinity, to: Infinity }
/** The name used in sentences: the common one. */
export const nameOf = (plant: Plant) => plant.commonName
export const metres = (n: number) => `${n.toFixed(2)} m`
/** `at 4.2 m` or `from 4.2 to 6.0 m` along the bed. */
export const along = (from: number, to: number) =>
  to - from < 0.3 ? `at ${((from + to) / 2).toFixed(1)} m` : `from ${from.toFixed(1)} to ${to.toFixed(1)} m`
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
/** `the shrub` → a stable short key for a pair of ids, whichever comes first. */
export const pairKey = (a: string, b: string) => (a < b ? `${a}+${b}` : `${b}+${a}`)

/** From-to stretch of some plants in the running coordinate, their spread included; metres. */
export function stretchOf(plants: readonly PlacedPlant[]): Range {
  return {
    from: Math.min(...plants.map((p) => p.along - p.plant.spreadM / 2)),
    to: Math.max(...plants.map((p) => p.along + p.plant.spreadM / 2)),
  }
}
