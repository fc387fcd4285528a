import type { SchoolChanges } from '../model'
import { place, type PlacedPlant } from '../layout'
import type { Plant } from '../plant'
import { repeated } from '../see'
import type { GardenScene, LaidBed } from './layGarden'

/** Plants of other beds farther than this from a bed's own middle are no part of its pictures, metres. */
const REACH_M = 25

/** The plants of a garden's other beds in the plan of one of them, each with the bed it stands in and how much higher its ground lies. */
export function neighboursOf(
  garden: GardenScene,
  bedId: string,
  library: ReadonlyMap<string, Plant>,
  schools?: SchoolChanges,
): PlacedPlant[] {
  const here = garden.beds.get(bedId)
  if (!here?.transform) return []
  return [...garden.beds.values()]
    .filter((other) => other.id !== bedId && other.transform !== null)
    .flatMap((other) => plantsSeenFrom(here, other, library, schools))
}

/** Places the other beds one after another, with a pause after each, so that `neighboursOf` finds them placed. */
export function* placeNeighbours(
  garden: GardenScene,
  bedId: string,
  library: ReadonlyMap<string, Plant>,
  schools?: SchoolChanges,
): Generator<void, void> {
  for (const other of garden.beds.values()) {
    if (other.id === bedId || other.transform === null) continue
    plantsOf(other, library, schools)
    yield
  }
}

interface Kept {
  readonly library: ReadonlyMap<string, Plant>
  readonly schools: SchoolChanges | undefined
  readonly plants: readonly PlacedPlant[]
}
const kept = new WeakMap<LaidBed['bed'], Kept>()

/** All that stands in a bed, repeated parts too; placed once while bed and library stay the same. */
function plantsOf(
  { bed, frame }: LaidBed,
  library: Kept['library'],
  schools: Kept['schools'],
): readonly PlacedPlant[] {
  const there = kept.get(bed)
  if (there?.library === library && there.schools === schools) return there.plants
  const placed = place(bed, library, frame, schools)
  const plants = [...repeated(placed.plants, bed.form, library), ...placed.standing]
  kept.set(bed, { library, schools, plants })
  return plants
}

function plantsSeenFrom(
  here: LaidBed,
  other: LaidBed,
  library: ReadonlyMap<string, Plant>,
  schools: SchoolChanges | undefined,
): PlacedPlant[] {
  const all = plantsOf(other, library, schools)
  const middle = here.frame.at((here.frame.runFrom + here.frame.runTo) / 2, 0)
  return all.flatMap((p) => {
    const at = here.transform!.toBed(other.transform!.toSite(p))
    if (Math.hypot(at.x - middle.x, at.y - middle.y) > REACH_M) return []
    const { a, v } = here.frame.locate(at)
    const id = `${other.id}/${p.id}`
    const groundM = other.baseM - here.baseM
    return [
      { ...p, ...at, id, driftId: `${other.id}/${p.driftId}`, along: a, out: v, neighbour: other.id, groundM },
    ]
  })
}
