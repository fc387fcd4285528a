import type { WaterPlan } from '../model'
import type { DripNeed } from '../count'
import type { Scene } from '../scene'
import { type PlaceMonth } from '../time'
import { placeClimate, type ClimateTable, type WeatherPlace } from '../weather'
import { tapFlowLH, USUAL_TAP, usableLH } from './pipes'
import type { DripBed, DripFigures } from './layDrip'
import { needL, waterBed, waterFigures, type WaterAsk, type WaterBed } from './waterBed'
import { zonesOf, type Zone } from './zones'

interface WaterInput {
  readonly scenes: Iterable<readonly [string, Scene]>
  readonly place: WeatherPlace
  readonly plan: WaterPlan
  /** Metres from the tap to each bed as the site has them, by the bed's id; typed lengths come first. */
  readonly fromTap: Readonly<Record<string, number>>
}
/** How a garden is watered: its beds, its zones, and what the tap gives. */
export interface WaterGarden<D extends DripFigures = DripBed> {
  readonly table: ClimateTable
  readonly beds: readonly WaterBed<D>[]
  readonly zones: readonly Zone[]
  readonly tapLH: number
  readonly tapBar: number
  readonly isTapMeasured: boolean
}

/** Lays and reckons the watering of a garden. */
export const waterGarden = (input: WaterInput): WaterGarden => watered(input, waterBed)

/** The same without where the drip lies: each bed's scene and points can go before the next one's are made. */
export const waterGardenFigures = (input: WaterInput): WaterGarden<DripFigures> =>
  watered(input, (...bed) => waterFigures(waterBed(...bed)))

type BedMaker<D extends DripFigures> = (id: string, scene: Scene, ask: WaterAsk) => WaterBed<D>

function watered<D extends DripFigures>(
  { scenes, place, plan, fromTap }: WaterInput,
  bedOf: BedMaker<D>,
): WaterGarden<D> {
  const table = plan.months ?? placeClimate(place)
  const { rowM, emitterM, emitterLH } = plan
  const choice = { rowM, emitterM, emitterLH }
  const mains = { ...fromTap, ...plan.mains }
  const ask = { table, latitude: place.latitude, choice, mains }
  const beds = Array.from(scenes, ([id, scene]) => bedOf(id, scene, ask))
  const tap = plan.tap ?? USUAL_TAP
  return {
    table,
    beds,
    zones: zonesOf(beds, plan.zoning, emitterLH, usableLH(tap)),
    tapLH: tapFlowLH(tap),
    tapBar: tap.bar,
    isTapMeasured: plan.tap !== null,
  }
}

/** What is bought for it; null where no bed is watered by drip. */
export function dripNeed({ beds, zones }: Pick<WaterGarden<DripFigures>, 'beds' | 'zones'>): DripNeed | null {
  const laid = beds.flatMap((b) => (b.drip ? [{ ...b, drip: b.drip }] : []))
  if (laid.length === 0) return null
  const over = (of: (b: (typeof laid)[number]) => number) => laid.reduce((n, b) => n + of(b) * b.parts, 0)
  const rings = (b: (typeof laid)[number]) => b.drip.spots.filter((s) => s.ringM > 0)
  const singles = (b: (typeof laid)[number]) => b.drip.spots.filter((s) => s.ringM === 0)
  const metres = (list: readonly { readonly lengthM: number }[]) => list.reduce((n, r) => n + r.lengthM, 0)
  return {
    rowsM: over((b) => metres(b.drip.rows)),
    ringsM: over((b) => metres(rings(b))),
    rings: over((b) => rings(b).length),
    emitters: over((b) => singles(b).reduce((n, s) => n + s.many, 0)),
    tubeM: over((b) => b.drip.spots.reduce((n, s) => n + s.tubeM, 0)),
    plainM:
      over((b) => b.drip.headerM + b.drip.rows.reduce((n, r) => n + r.leadM, 0)) +
      laid.reduce((n, b) => n + b.mainM, 0),
    tees: over((b) => b.drip.rows.length + b.drip.spots.length),
    ends: over((b) => b.drip.rows.length),
    valves: zones.length,
  }
}

/** How a bed that has no drip is watered by hand, in a week of a month. */
interface ByHand {
  readonly bedId: string
  readonly name: string
  readonly how: 'can' | 'hose' | 'sprinkler'
  readonly litresAWeek: number
  readonly cans: number
  readonly minutes: number
}
/** Share of the water that reaches the roots. */
const REACHES = { can: 0.85, hose: 0.75, sprinkler: 0.7 } as const
export const CAN_L = 10
const CAN_MINUTES = 1.5
/** What a sprinkler lays over the ground, mm an hour. */
const SPRINKLER_MM_H = 12

/** Cans and minutes of the beds without drip, in a month of a year from planting. */
export function byHand(garden: WaterGarden<DripFigures>, month: PlaceMonth, year: number): ByHand[] {
  return garden.beds
    .filter((b) => !b.drip)
    .map((bed) => {
      const { irrigation } = bed.bed.ground
      const kind = irrigation === 'sprinkler' || irrigation === 'hose' ? irrigation : 'can'
      const litresAWeek = (needL(bed.planted, bed.at, month, year) * 7) / REACHES[kind]
      const cans = Math.ceil(litresAWeek / CAN_L)
      const minutes = {
        can: cans * CAN_MINUTES,
        hose: (litresAWeek / garden.tapLH) * 60,
        sprinkler: (litresAWeek / Math.max(0.1, bed.areaM2) / SPRINKLER_MM_H) * 60,
      }[kind]
      return { bedId: bed.id, name: bed.bed.name, how: kind, litresAWeek, cans, minutes: Math.ceil(minutes) }
    })
}
