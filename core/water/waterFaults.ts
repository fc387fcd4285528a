import { distance, type Point } from '../geometry'
import type { PlacedPlant } from '../layout'
import { formatLength, type Units } from '../measure'
import { livesWith } from './plantNeed'
import { longestRowM } from './pipes'
import { SOIL_WATER } from './soilWater'
import type { WaterBed } from './waterBed'
import type { WaterGarden } from './waterGarden'
import type { Zone } from './zones'

type WaterFaultKind = 'missed' | 'mixed' | 'weak tap' | 'long row' | 'not measured'

/** Something wrong with the watering: what, which plants, and what to do about it. */
interface WaterFault {
  readonly kind: WaterFaultKind
  readonly bedId: string
  readonly places: readonly string[]
  readonly says: string
  readonly todo: string
}

/** A root ball reaches so far beyond the middle of its plant, metres, at most. */
const MOST_ROOT_M = 0.15
const ROOT_SHARE = 0.25

/**
 * What is wrong with the watering of a garden, the worst first. Source: docs/grounds/keeping, Water; docs/grounds/practice, The
 * order of the work.
 */
export function waterFaults(garden: WaterGarden, emitterLH: number, units: Units): WaterFault[] {
  return [
    ...weakTap(garden),
    ...garden.beds.flatMap((b) => missed(b)),
    ...garden.zones.flatMap((z) => mixed(z)),
    ...garden.beds.flatMap((b) => longRows(b, emitterLH, units)),
    ...notMeasured(garden),
  ]
}

function weakTap({ zones, tapLH, tapBar, isTapMeasured }: WaterGarden): WaterFault[] {
  const said = isTapMeasured ? 'as measured' : 'not measured yet'
  return zones.flatMap((z): WaterFault[] => {
    const [bedId, places] = [z.parts[0]!.bed.id, z.plants.map((p) => p.id)]
    if (z.flowLH > tapLH)
      return [
        {
          ...{ kind: 'weak tap' as const, bedId, places },
          says: `“${z.name}” draws ${round(z.flowLH)}\u202fL/h, the tap gives ${round(tapLH)}\u202fL/h (${said}).`,
          todo: 'Fewer emitters or smaller ones, rows farther apart, or a row fed on its own.',
        },
      ]
    return z.needsBar > tapBar
      ? [
          {
            ...{ kind: 'weak tap' as const, bedId, places },
            says: `“${z.name}” needs ${z.needsBar.toFixed(1)} bar at the tap, it has ${tapBar.toFixed(1)} (${said}).`,
            todo: 'A shorter or wider main, or fewer emitters at once.',
          },
        ]
      : []
  })
}
const round = (n: number) => Math.round(n)

/** Plants of a bed with drip whose roots no emitter wets. */
export function missedPlants({ bed, drip }: WaterBed): PlacedPlant[] {
  if (!drip) return []
  const { reachM } = SOIL_WATER[bed.ground.soil]
  const emitters = drip.rows.flatMap((r) => r.emitters)
  return drip.rows
    .flatMap(({ plants }) => plants)
    .filter((p) => {
      const root = Math.min(MOST_ROOT_M, p.plant.spreadM * ROOT_SHARE)
      return nearest(emitters, p) > reachM + root
    })
}
const nearest = (points: readonly Point[], to: Point) =>
  points.reduce((least, p) => Math.min(least, distance(p, to)), Infinity)

function missed(bed: WaterBed): WaterFault[] {
  const plants = missedPlants(bed)
  if (plants.length === 0) return []
  return [
    {
      kind: 'missed',
      bedId: bed.id,
      places: plants.map((p) => p.id),
      says: `${bed.bed.name}: no emitter reaches ${counted(plants)} (${names(plants)}).`,
      todo: 'Rows or emitters nearer together, or an emitter of their own.',
    },
  ]
}

/** Plants on a zone whose want is beyond what they can live with, bed by bed. */
function mixed({ name, want, parts }: Zone): WaterFault[] {
  return parts.flatMap(({ bed, rows, spots }) => {
    const plants = [...rows.flatMap((r) => r.plants), ...spots.map((s) => s.plant)]
    const strangers = plants.filter((p) => !livesWith(p.plant, want))
    if (strangers.length === 0) return []
    const on = `${bed.bed.name}: “${name}” runs for ${want} ground`
    return [
      {
        kind: 'mixed' as const,
        bedId: bed.id,
        places: strangers.map((p) => p.id),
        says: `${on}, which is not for ${counted(strangers)} on it (${names(strangers)}).`,
        todo: 'Zones by want, or those plants moved to ones of their kind.',
      },
    ]
  })
}

function longRows({ id, bed, drip }: WaterBed, emitterLH: number, units: Units): WaterFault[] {
  const long = drip?.rows.filter((r) => r.lengthM > longestRowM(emitterLH, r.emitterM)) ?? []
  return long.map((r) => {
    const most = formatLength(longestRowM(emitterLH, r.emitterM), units)
    return {
      kind: 'long row',
      bedId: id,
      places: r.plants.map((p) => p.id),
      says: `${bed.name}: a row of ${formatLength(r.lengthM, units)} is more than the ${most} that its pipe feeds evenly.`,
      todo: 'Feed it from both ends, or set emitters farther apart.',
    }
  })
}

function notMeasured({ isTapMeasured, zones, beds }: WaterGarden): WaterFault[] {
  if (zones.length === 0) return []
  const unknown = beds.filter((b) => b.drip && !b.isMainKnown)
  return [
    ...(isTapMeasured
      ? []
      : [
          {
            ...{ kind: 'not measured' as const, bedId: '', places: [] },
            says: 'The tap is not measured: a usual one is reckoned with.',
            todo: 'Fill a bucket under the open tap and stop the time; read the pressure with a gauge.',
          },
        ]),
    ...unknown.map((b) => ({
      ...{ kind: 'not measured' as const, bedId: b.id, places: [] },
      says: `${b.bed.name}: the way from the tap is not known, ${b.mainM}\u202fm are reckoned.`,
      todo: 'Draw the tap on the site, or type the length of the main.',
    })),
  ]
}

const counted = (plants: readonly PlacedPlant[]) => (plants.length === 1 ? 'a plant' : `${plants.length} plants`)

const MOST_NAMES = 3
function names(plants: readonly PlacedPlant[]): string {
  const all = [...new Set(plants.map((p) => p.plant.commonName))]
  return all.length > MOST_NAMES ? `${all.slice(0, MOST_NAMES).join(', ')} and others` : all.join(', ')
}
