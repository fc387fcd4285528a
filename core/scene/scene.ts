import type { Bed, SchoolChanges, Requirement } from '../model'
import { bedFrame, hasTimes, schoolOf, type BedFrame, type School } from '../bed'
import type { Asked } from '../brief'
import type { Theme } from '../colour'
import { place, staysOf, thingPlants, type PlacedPlant, type Placement, type Stays } from '../layout'
import { bedLight, type BedLight, type LightHours } from '../light'
import { repeated } from '../see'
import { zoneNumber, type Plant, type SiteConditions } from '../plant'
import type { Surroundings } from '../site'
import type { Climate, PlaceMonth } from '../time'
import { PlantsById } from './plantsById'

/**
 * What a scene is made from: plain values that can be cloned, so that one is made anywhere, in the page, in a
 * worker, on the server and in a
 * test alike. Lengths in metres in the bed's own plan.
 */
export interface SceneInput {
  readonly bed: Bed
  readonly library: ReadonlyMap<string, Plant>
  readonly climate: Climate
  readonly hardinessZone: string
  /** Heat zone that the garden says, 1 to 12; without it no summer is held against a plant. */
  readonly heatZone?: number | null
  /** Hours of sun over the bed, and the months of its growing season; null when measured by hand or not known. */
  readonly light?: { readonly hours: LightHours; readonly season: readonly PlaceMonth[] } | null
  readonly surroundings?: Surroundings | null
  /** Plants of other beds, in this bed's plan. */
  readonly neighbours?: readonly PlacedPlant[]
  readonly theme?: Theme | null
  /** Those that hold for this bed. */
  readonly requirements?: readonly Requirement[]
  /** What else the brief asks of this bed; null or left out: nothing. */
  readonly asked?: Asked | null
  readonly schools?: SchoolChanges
  /** Letters of the garden's kinds, by plant id; without them the bed's kinds get letters of their own. */
  readonly letters?: ReadonlyMap<string, string>
  /** Where the sun is reckoned, degrees; without it plants throw no shade on one another. */
  readonly sunAt?: { readonly latitude: number; readonly longitude: number } | null
}

/** Everything a rule may look at: one bed, placed, in its garden's climate. */
export interface Scene {
  /** What it was made from. */
  readonly input: SceneInput
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
  readonly neighbours: readonly PlacedPlant[]
  /** What stands in the bed and does not grow, as bodies that hide. */
  readonly things: readonly PlacedPlant[]
  readonly theme: Theme | null
  readonly requirements: readonly Requirement[]
  readonly asked: Asked | null
  readonly sunAt: SceneInput['sunAt']
  /** The planned plants, then what stands there already. */
  readonly own: readonly PlacedPlant[]
  /** The planned plants and those of all repeated parts. */
  readonly planted: readonly PlacedPlant[]
  /** All parts' plants, then what stands there already. */
  readonly everywhere: readonly PlacedPlant[]
  /** Which places change hands through the year; null when none does. */
  readonly stays: Stays
  readonly byId: PlantsById
  readonly byPlant: ReadonlyMap<Plant, readonly PlacedPlant[]>
  /** Spread of the widest plant, metres: as far as one plant's change can reach to each side. */
  readonly widestM: number
}

/** A year in which everything but a slow tree has grown up; "mature" in the findings. */
export const MATURE_YEAR = 10

/** What is known already: the bed's frame, and the scene of the bed before a change, of which what did not change is taken over. */
interface Known {
  readonly frame?: BedFrame | null
  readonly before?: Scene | null
}

/** The scene of a bed. */
export function makeScene(input: SceneInput, known: Known = {}): Scene {
  const { bed, library, climate, schools } = input
  const frame = known.frame ?? bedFrame(bed)
  const placed = place(bed, library, frame, schools, known.before?.placement)
  const own = placed.standing.length > 0 ? [...placed.plants, ...placed.standing] : placed.plants
  const planted = repeated(placed.plants, bed.form, library)
  const everywhere = placed.standing.length > 0 ? [...planted, ...placed.standing] : planted
  const light = lightKept(known.before, input, frame)
  return {
    input,
    bed,
    frame,
    library,
    climate,
    placement: placed,
    light,
    surroundings: input.surroundings ?? null,
    neighbours: input.neighbours ?? NO_PLANTS,
    things: bed.features.length > 0 ? thingPlants(bed, library, frame) : NO_PLANTS,
    ...wishesOf(input),
    school: schoolOf(bed, schools),
    site: siteKept(known.before, input, light),
    own,
    planted,
    everywhere,
    stays: staysKept(known.before, input),
    byId: new PlantsById(everywhere, known.before?.byId),
    byPlant: groupByPlant(placed.plants),
    widestM: own.reduce((most, p) => Math.max(most, p.plant.spreadM), 0),
  }
}

/** The same as before while the drifts that change through the year are the same: what is kept by it holds. */
function staysKept(before: Scene | null | undefined, { bed, library, climate }: SceneInput): Stays {
  const timed = bed.drifts.filter(hasTimes)
  if (timed.length === 0) return null
  const was = before?.bed.drifts.filter(hasTimes) ?? []
  const isSame = was.length === timed.length && timed.every((d, i) => d === was[i])
  const holds = isSame && before?.library === library && before.climate === climate
  return holds ? before.stays : staysOf(bed, library, climate)
}

/** The light over the bed, the same as before while bed and light stay: what was read from it holds. */
function lightKept(before: Scene | null | undefined, { light }: SceneInput, frame: BedFrame): BedLight | null {
  if (!light) return null
  if (before?.light && before.input.light === light && before.frame === frame) return before.light
  return bedLight(light.hours, light.season, frame)
}

const wishesOf = ({ theme = null, requirements = NO_REQUIREMENTS, asked = null, sunAt = null }: SceneInput) => ({
  theme,
  requirements,
  asked,
  sunAt,
})

const NO_PLANTS: readonly PlacedPlant[] = []
const NO_REQUIREMENTS: readonly Requirement[] = []

function groupByPlant(plants: readonly PlacedPlant[]): Map<Plant, PlacedPlant[]> {
  const groups = new Map<Plant, PlacedPlant[]>()
  for (const p of plants) {
    const there = groups.get(p.plant)
    if (there) there.push(p)
    else groups.set(p.plant, [p])
  }
  return groups
}

/** The same one as before while nothing that it is read from differs: what is known of it by others holds. */
function siteKept(before: Scene | null | undefined, input: SceneInput, light: BedLight | null) {
  const { bed, hardinessZone } = input
  const heat = input.heatZone ?? null
  const isSame =
    before &&
    before.light === light &&
    before.bed.ground === bed.ground &&
    before.input.hardinessZone === hardinessZone &&
    (before.site.heatZone ?? null) === heat
  return isSame ? before.site : siteOf(bed, hardinessZone, light, heat)
}

/** What a bed offers as a whole: its ground, and the mean of its computed light when there is one. */
const siteOf = (
  bed: Bed,
  hardinessZone: string,
  light: BedLight | null = null,
  heatZone: number | null = null,
): SiteConditions => ({
  ...bed.ground,
  sunHours: light ? Math.round(light.meanH * 10) / 10 : bed.ground.sunHours,
  zone: zoneNumber(hardinessZone) ?? 6,
  heatZone,
})

/** The plants of a kind, or those whose places it takes for a part of the year. */
export function placesOfKind({ byPlant, placement, stays }: Scene, plant: Plant): readonly PlacedPlant[] {
  const own = byPlant.get(plant)
  if (own || !stays) return own ?? []
  return placement.plants.filter((p) => stays.get(p.driftId)?.turns.some((t) => t.plant === plant))
}

/** From-to stretch of some plants in the running coordinate, their spread included; metres. */
export function stretchOf(plants: readonly PlacedPlant[]): { from: number; to: number } {
  let from = Infinity
  let to = -Infinity
  for (const { along, plant } of plants) {
    from = Math.min(from, along - plant.spreadM / 2)
    to = Math.max(to, along + plant.spreadM / 2)
  }
  return { from, to }
}
