import type { Bed, Drift } from '~~/core/model'
import { firstDrift } from '~~/core/layout'
import type { Plant } from '~~/core/plant'
import { newId } from './newId'

/** A first drift of a plant, with an id of its own. */
export const newDrift = (plant: Plant, lane: number, at: number, bed: Bed): Drift =>
  firstDrift(newId(), plant, lane, at, bed)
