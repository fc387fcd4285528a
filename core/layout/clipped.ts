import type { Shape } from '../model'
import type { Plant } from '../plant'

/** How far apart the plants of a hedge are set, metres, by the plant as it is kept there. */
const steps = new WeakMap<Plant, number>()
const kept = new WeakMap<Plant, WeakMap<Shape, Plant>>()

export const hedgeStepM = (plant: Plant): number | undefined => steps.get(plant)

/**
 * A plant as the shears keep it in a hedge: no taller and no wider than said, and there sooner, since it need not grow out; its flowers are
 * clipped away. The same object for the same plant and shape.
 */
export function clippedTo(plant: Plant, shape: Extract<Shape, { kind: 'hedge' }>): Plant {
  const shapes = kept.get(plant) ?? new WeakMap<Shape, Plant>()
  kept.set(plant, shapes)
  const known = shapes.get(shape)
  if (known) return known
  const heightM = Math.min(plant.foliageHeightM, shape.heightM)
  const clipped: Plant = {
    ...plant,
    habit: 'clipped',
    foliageHeightM: heightM,
    flowerHeightM: heightM,
    spreadM: Math.min(plant.spreadM, shape.widthM),
    clearStemM: 0,
    flowerMonths: [],
    flowerColour: null,
    yearsTo90: Math.max(1, plant.yearsTo90 * (heightM / plant.foliageHeightM)),
  }
  shapes.set(shape, clipped)
  steps.set(clipped, shape.stepM)
  return clipped
}
