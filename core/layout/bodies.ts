import { lookAt, sizeAt, type Climate, type Look, type Plant } from '../plant'
import type { Buying } from '../bed'
import type { PlacedPlant } from './place'

/** A month (1-12) of a year after planting (0 is the planting year). */
export interface Moment { readonly month: number; readonly year: number }

/** A plant as it stands at a moment: metres now, and its look. */
export interface Body {
  readonly at: PlacedPlant
  readonly foliageM: number
  readonly flowerM: number
  readonly spreadM: number
  readonly look: Look
}

/** Bodies of all plants at a moment, in the order given. A bulb planted this year shows from the next. */
export function bodiesAt(plants: readonly PlacedPlant[], moment: Moment, climate: Climate, buying: readonly Buying[] = []): Body[] {
  const bought = new Map(buying.map((b) => [b.plantId, b.size]))
  const known = new Map<Plant, Omit<Body, 'at'>>()
  return plants.map((at) => {
    let shape = known.get(at.plant)
    if (!shape) known.set(at.plant, (shape = shapeAt(at.plant, moment, climate, bought.get(at.plant.id))))
    return { at, ...shape }
  })
}

function shapeAt(plant: Plant, { month, year }: Moment, climate: Climate, label?: string): Omit<Body, 'at'> {
  const look = lookAt(plant, month, climate)
  const size = sizeAt(plant, year, month, climate, label || undefined)
  const unseen = plant.lifeCycle === 'bulb' && year === 0
  const height = unseen ? 0 : look.height
  return {
    foliageM: size.foliageM * height,
    flowerM: look.flower > 0 || look.state === 'dry' ? size.flowerM * Math.max(height, 0.5) * (unseen ? 0 : 1) : size.foliageM * height,
    spreadM: height === 0 ? 0 : size.spreadM * (plant.lifeCycle === 'woody' ? 1 : 0.45 + 0.55 * height),
    look: unseen ? { ...look, state: 'gone', flower: 0, leaf: 0, density: 0, height: 0 } : look,
  }
}
