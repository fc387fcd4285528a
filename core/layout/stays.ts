import type { Bed } from '../model'
import { hasTimes, turnsOf } from '../bed'
import type { Plant } from '../plant'
import { stayMonths, type Climate, type Moment, type PlaceMonth } from '../time'
import type { PlacedPlant } from './PlacedPlant'

interface DriftStay {
  readonly since: number
  /** Months of its own kinds; null all the year. */
  readonly own: ReadonlySet<PlaceMonth> | null
  readonly turns: readonly {
    readonly plant: Plant
    readonly months: ReadonlySet<PlaceMonth>
    readonly year: number | null
  }[]
}
/** What stands when in the places of the drifts that change through the year, by drift; null when none does. */
export type Stays = ReadonlyMap<string, DriftStay> | null

/** What stands when in a bed's drifts. Kinds the library lacks leave their turn empty. */
export function staysOf(bed: Pick<Bed, 'drifts'>, library: ReadonlyMap<string, Plant>, climate: Climate): Stays {
  const timed = bed.drifts.filter(hasTimes)
  if (timed.length === 0) return null
  return new Map(
    timed.map((drift) => [
      drift.id,
      {
        since: drift.plantedYear ?? 0,
        own: drift.stay ? stayMonths(drift.stay, climate) : null,
        turns: turnsOf(drift).flatMap((turn) => {
          const plant = library.get(turn.plantId)
          return plant ? [{ plant, months: stayMonths(turn, climate), year: turn.year }] : []
        }),
      },
    ]),
  )
}

/** What stands in a place at a moment: the plant, how long it has grown, and whether it came in bloom for its turn; null: nothing. */
export interface Standing {
  readonly plant: Plant
  readonly moment: Moment
  readonly isTurn: boolean
}

/** Bulbs bought for a turn show in their first spring, hardy seasonal plants come grown up. */
const turnYear = (plant: Plant) =>
  plant.lifeCycle === 'bulb' || plant.lifeCycle === 'biennial' || plant.lifeCycle === 'annual' ? 1 : 0

/** Who stands in the place of a plant at a moment. A turn goes before the drift's own kind where both would. */
export function standsAt(p: PlacedPlant, moment: Moment, stays: Stays): Standing | null {
  const stay = stays?.get(p.driftId)
  if (!stay) return { plant: p.plant, moment, isTurn: false }
  const turn = stay.turns.find((t) => t.months.has(moment.month) && (t.year === null || t.year === moment.year))
  if (turn) return { plant: turn.plant, moment: { month: moment.month, year: turnYear(turn.plant) }, isTurn: true }
  const year = moment.year - stay.since
  if (year < 0 || (stay.own && !stay.own.has(moment.month))) return null
  return { plant: p.plant, moment: { month: moment.month, year }, isTurn: false }
}
