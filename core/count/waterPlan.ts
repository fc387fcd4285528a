import type { ClimateTable } from '../weather'

/** The flow of a tap as it was measured with a bucket and a watch, and its pressure at rest, bar. */
export interface Tap {
  readonly litres: number
  readonly seconds: number
  readonly bar: number
}
/** One month of a zone's programme: minutes a run, days a week, and into how many parts a run is cut so that it soaks in. */
export interface ZoneMonth {
  readonly minutes: number
  readonly days: number
  readonly cycles: number
}
/** What a timer runs: twelve months from January for each zone. */
export interface TimerZone {
  readonly id: string
  readonly name: string
  readonly litresAnHour: number
  readonly months: readonly ZoneMonth[]
}
/** A programme as it was handed to the timer. */
export interface TimerProgramme {
  readonly since: string
  /** Time of day at which the first zone starts, `05:30`. */
  readonly startsAt: string
  /** Rain of two days that keeps it from running, mm. */
  readonly skipMm: number
  readonly zones: readonly TimerZone[]
}

/** How a garden is watered: the tap, what is laid, and what the timer was given. Null: by soil, place or plan. */
export interface WaterPlan {
  readonly tap: Tap | null
  readonly months: ClimateTable | null
  /** Litres an hour of one emitter. */
  readonly emitterLH: number
  readonly rowM: number | null
  readonly emitterM: number | null
  /** One zone for what wants alike, over all beds; or one for each bed. */
  readonly zoning: 'want' | 'bed'
  /** Metres of pipe from the tap to a bed, by its id. */
  readonly mains: Readonly<Record<string, number>>
  /** The programmes the timer was given, the latest last; an empty list of zones stops it. */
  readonly programmes: readonly TimerProgramme[]
}

export const NO_WATER_PLAN: WaterPlan = {
  tap: null,
  months: null,
  emitterLH: 2,
  rowM: null,
  emitterM: null,
  zoning: 'want',
  mains: {},
  programmes: [],
}
