import type { ZoneMonth } from '../model'
import type { PlacedPlant } from '../layout'
import { capital } from '../measure'
import type { WaterClass } from '../plant'
import { PLACE_MONTHS, type PlaceMonth } from '../time'
import type { DripFigures, RowFigures, SpotFigures } from './layDrip'
import { DRIP_INSIDE_M, FITTINGS_BAR, lostBar, MAIN_INSIDE_M } from './pipes'
import { wantMm } from './plantNeed'
import { daysBetweenRuns, soaked, SOIL_WATER } from './soilWater'
import { drawnM2, needL, type WaterBed } from './waterBed'

/** What of one bed hangs on a zone. */
export interface ZonePart {
  readonly bed: WaterBed<DripFigures>
  readonly rows: readonly RowFigures[]
  readonly spots: readonly SpotFigures[]
}
/** What one valve waters at once: pipes of equal want, or of one bed. */
export interface Zone {
  readonly id: string
  readonly name: string
  readonly want: WaterClass
  readonly parts: readonly ZonePart[]
  readonly emitters: number
  readonly flowLH: number
  readonly pipeM: number
  readonly plants: readonly PlacedPlant[]
  /** Pressure that the tap must have at rest for it, bar. */
  readonly needsBar: number
}

type Piece = { readonly bed: WaterBed<DripFigures> } & (
  { readonly row: RowFigures; readonly spot?: undefined } | { readonly spot: SpotFigures; readonly row?: undefined }
)
const wantOfPiece = ({ row, spot }: Piece): WaterClass => (row ?? spot).want
const flowOfPiece = ({ bed, row, spot }: Piece, emitterLH: number) => (row ?? spot).many * emitterLH * bed.parts

/**
 * Zones over all beds with drip: by want or by bed, and cut in two and more where the tap cannot feed them at once. Rows are never cut:
 * one that is too much alone is a fault that is told. Source: docs/grounds/keeping, Water.
 */
export function zonesOf(
  beds: readonly WaterBed<DripFigures>[],
  zoning: 'want' | 'bed',
  emitterLH: number,
  usableLH: number,
): Zone[] {
  const groups = new Map<string, Piece[]>()
  for (const bed of beds) {
    if (!bed.drip) continue
    const pieces: Piece[] = [
      ...bed.drip.rows.map((row) => ({ bed, row })),
      ...bed.drip.spots.map((spot) => ({ bed, spot })),
    ]
    for (const piece of pieces) {
      const key = zoning === 'bed' ? bed.id : wantOfPiece(piece)
      const there = groups.get(key)
      if (there) there.push(piece)
      else groups.set(key, [piece])
    }
  }
  return [...groups].flatMap(([key, pieces]) => {
    const runs = cutByFlow(pieces, emitterLH, usableLH)
    const name = zoning === 'bed' ? pieces[0]!.bed.bed.name : `${capital(key)} ground`
    return runs.map((run, i) =>
      zoneOf(
        runs.length > 1 ? `${key}:${i + 1}` : key,
        runs.length > 1 ? `${name} ${i + 1}` : name,
        run,
        emitterLH,
      ),
    )
  })
}

function cutByFlow(pieces: readonly Piece[], emitterLH: number, usableLH: number): Piece[][] {
  const total = pieces.reduce((n, p) => n + flowOfPiece(p, emitterLH), 0)
  const share = total / Math.max(1, Math.ceil(total / usableLH))
  const runs: Piece[][] = [[]]
  let flow = 0
  for (const piece of pieces) {
    const more = flowOfPiece(piece, emitterLH)
    const isFull = flow + more > usableLH || flow + more / 2 > share
    if (flow > 0 && isFull) {
      runs.push([])
      flow = 0
    }
    runs[runs.length - 1]!.push(piece)
    flow += more
  }
  return runs
}

function zoneOf(id: string, name: string, pieces: readonly Piece[], emitterLH: number): Zone {
  const beds = [...new Set(pieces.map((p) => p.bed))]
  const parts = beds.map((bed): ZonePart => ({
    bed,
    rows: pieces.flatMap((p) => (p.bed === bed && p.row ? [p.row] : [])),
    spots: pieces.flatMap((p) => (p.bed === bed && p.spot ? [p.spot] : [])),
  }))
  const emitters = sum(pieces, (p) => (p.row ?? p.spot).many * p.bed.parts)
  const pipe = (p: Piece) => (p.row ? p.row.lengthM + p.row.leadM : p.spot.lengthM + p.spot.tubeM) * p.bed.parts
  return {
    id,
    name,
    parts,
    emitters,
    want: wantOfMost(pieces, emitterLH),
    flowLH: emitters * emitterLH,
    pipeM: sum(pieces, pipe),
    plants: pieces.flatMap((p) => (p.row ? p.row.plants : [p.spot.plant])),
    needsBar: needsBar(parts, emitterLH),
  }
}

const sum = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)

function wantOfMost(pieces: readonly Piece[], emitterLH: number): WaterClass {
  const flows = new Map<WaterClass, number>()
  for (const p of pieces) flows.set(wantOfPiece(p), (flows.get(wantOfPiece(p)) ?? 0) + flowOfPiece(p, emitterLH))
  return [...flows].sort((a, b) => b[1] - a[1])[0]![0]
}

/** One bar at the last emitter, with what main, fittings and the longest row take before it. */
function needsBar(parts: readonly ZonePart[], emitterLH: number): number {
  return Math.max(
    ...parts.map(({ bed, rows, spots }) => {
      const flow = (sum(rows, (r) => r.many) + sum(spots, (s) => s.many)) * emitterLH * bed.parts
      const inRow = Math.max(
        0,
        ...rows.map((r) => {
          const q = r.many * emitterLH
          return lostBar(q, r.leadM, DRIP_INSIDE_M) + lostBar(q, r.lengthM, DRIP_INSIDE_M, r.many)
        }),
      )
      return 1 + FITTINGS_BAR + lostBar(flow, bed.mainM, MAIN_INSIDE_M) + inRow
    }),
  )
}

/** Of what drip gives so much reaches the roots. */
const DRIP_EFFICIENCY = 0.9
/** A run of less than this wets nothing. */
const LEAST_MINUTES = 5
/** In its first year a planting is not left longer than three days at a time. */
const FIRST_YEAR_DAYS = 3

/** A month of a zone: what it is to run for its plants in a year from planting, with the litres of a week. */
interface ZoneRun extends ZoneMonth {
  readonly soakMinutes: number
  readonly litresAWeek: number
}

/** The year of a zone, from January: minutes a run, days a week, cycles by the soil that takes in least. */
export const zoneYear = (zone: Zone, year: number, emitterLH: number): ZoneRun[] =>
  PLACE_MONTHS.map((month) => zoneMonth(zone, month, year, emitterLH))

/** At least this share of a wet spot is taken up: roots grow to where the water is. */
const LEAST_FOUND = 0.25
/** Share of the ground that a zone wets from which its plants draw: little while they are young, all once they have grown together. */
function foundShare(zone: Zone, drawnM2: number): number {
  const wetM2 = sum(zone.parts, ({ bed, rows, spots }) => {
    const { reachM } = SOIL_WATER[bed.bed.ground.soil]
    const many = sum(rows, (r) => r.many) + sum(spots, (s) => s.many)
    return many * Math.PI * reachM ** 2 * bed.parts
  })
  return Math.max(LEAST_FOUND, Math.min(1, drawnM2 / Math.max(0.01, wetM2)))
}

function zoneMonth(zone: Zone, month: PlaceMonth, year: number, emitterLH: number): ZoneRun {
  const plantsOf = ({ rows, spots }: ZonePart) => [...rows.flatMap((r) => r.plants), ...spots.map((s) => s.plant)]
  const net = sum(zone.parts, (p) => needL(plantsOf(p), p.bed.at, month, year) * p.bed.parts)
  const drawn = sum(zone.parts, (p) => drawnM2(plantsOf(p), p.bed.at, month, year) * p.bed.parts)
  const litresAWeek = (net * 7) / DRIP_EFFICIENCY / foundShare(zone, drawn)
  const minutesAWeek = (litresAWeek / Math.max(0.1, zone.flowLH)) * 60
  if (minutesAWeek < LEAST_MINUTES) return { minutes: 0, days: 0, cycles: 1, soakMinutes: 0, litresAWeek: 0 }
  const soils = zone.parts.map((p) => SOIL_WATER[p.bed.bed.ground.soil])
  const apart = Math.min(
    ...zone.parts.map((p, i) => daysBetweenRuns(wantMm(zone.want, month, year, p.bed.at), soils[i]!, year, false)),
  )
  const least = year === 0 ? Math.min(apart, FIRST_YEAR_DAYS) : apart
  const days = Math.max(1, Math.min(Math.ceil(7 / least), Math.floor(minutesAWeek / LEAST_MINUTES)))
  const minutes = Math.round(minutesAWeek / days)
  const worst = Math.max(...soils.map((s) => emitterLH / (Math.PI * s.reachM ** 2) - s.intakeMmH))
  const soil = soils.find((s) => emitterLH / (Math.PI * s.reachM ** 2) - s.intakeMmH === worst)!
  return { minutes, days, litresAWeek, ...soaked(minutes, emitterLH / (Math.PI * soil.reachM ** 2), soil) }
}
