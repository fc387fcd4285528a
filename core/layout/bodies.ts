import { lookAt, sizeAt, type Climate, type Look, type Plant } from '../plant'
import type { Buying } from '../bed'
import type { PlacedPlant } from './place'

/** A month (1-12) of a year after planting (0 is the planting year). */
export interface Moment {
  readonly month: number
  readonly year: number
}

/** A plant as it stands at a moment: metres now, and its look. */
export interface Body {
  readonly at: PlacedPlant
  readonly foliageM: number
  readonly flowerM: number
  readonly spreadM: number
  readonly look: Look
}

/** Bodies of all plants at a moment, in the order given. A bulb planted this year shows from the next. */
export function bodiesAt(
  plants: readonly PlacedPlant[],
  moment: Moment,
  climate: Climate,
  buying: readonly Buying[] = [],
): Body[] {
  const bought = new Map(buying.map((b) => [b.plantId, b.size]))
  const known = new Map<Plant, Omit<Body, 'at'>>()
  return plants.map((at) => {
    if (at.standing) return { at, ...standingShape(at, moment, climate) }
    let shape = known.get(at.plant)
    if (!shape) known.set(at.plant, (shape = shapeAt(at.plant, moment, climate, bought.get(at.plant.id))))
    return { at, ...shape }
  })
}

/** Height left after a hard cut, and years until it is back. */
const CUT_TO = 0.25

/** A plant that stood there before grows on from its size then toward its mature one; cut back or divided it begins smaller. */
function standingShape(at: PlacedPlant, moment: Moment, climate: Climate): Omit<Body, 'at'> {
  const { heightM, spreadM, cutBack, divided, gap } = at.standing!
  const full = shapeAt(at.plant, { ...moment, year: 30 }, climate)
  if (gap)
    return {
      ...full,
      foliageM: 0,
      flowerM: 0,
      spreadM: 0,
      look: { ...full.look, state: 'gone', flower: 0, leaf: 0, density: 0, height: 0 },
    }
  const years = moment.year + moment.month / 12
  const share = 1 - Math.exp((-Math.LN10 * years) / at.plant.yearsTo90)
  const mature = Math.max(at.plant.foliageHeightM, at.plant.flowerHeightM)
  const from = heightM * (cutBack ? CUT_TO : 1)
  const wide = (spreadM * (cutBack ? 0.6 : 1)) / Math.sqrt(divided)
  // What is larger than its kind is said to grow stays as it is.
  const h = from + (Math.max(from, mature) - from) * share
  const w = wide + (Math.max(wide, at.plant.spreadM) - wide) * share
  return {
    foliageM: full.foliageM * (h / mature),
    flowerM: full.flowerM * (h / mature),
    spreadM: full.spreadM * (w / at.plant.spreadM),
    look: full.look,
  }
}

function shapeAt(plant: Plant, { month, year }: Moment, climate: Climate, label?: string): Omit<Body, 'at'> {
  const look = lookAt(plant, month, climate)
  const size = sizeAt(plant, year, month, climate, label || undefined)
  const unseen = plant.lifeCycle === 'bulb' && year === 0
  const height = unseen ? 0 : look.height
  return {
    foliageM: size.foliageM * height,
    flowerM:
      look.flower > 0 || look.state === 'dry'
        ? size.flowerM * Math.max(height, 0.5) * (unseen ? 0 : 1)
        : size.foliageM * height,
    spreadM: height === 0 ? 0 : size.spreadM * (plant.lifeCycle === 'woody' ? 1 : 0.45 + 0.55 * height),
    look: unseen ? { ...look, state: 'gone', flower: 0, leaf: 0, density: 0, height: 0 } : look,
  }
}
