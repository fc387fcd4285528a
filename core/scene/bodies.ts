import { bodiesAt, type Body, type PlacedPlant } from '../layout'
import type { Moment } from '../time'
import { whole, type Range } from './range'
import type { Scene } from './scene'

/**
 * Bodies of all that stands in the bed at a moment, repeated parts, what stood there before, the plants of other beds
 * and what does not grow too; with a
 * range, those that can hide or be hidden by a plant within it.
 */
export const bodiesNear = (scene: Scene, moment: Moment, range: Range = whole): Body[] =>
  bodiesAt(plantsNear(scene, range), moment, scene.climate, scene.bed.buying, scene.stays)

/** The plants whose bodies they are. */
export function plantsNear(scene: Scene, range: Range): readonly PlacedPlant[] {
  const { everywhere, neighbours, things, widestM } = scene
  const others = neighbours.length + things.length > 0
  const all = others ? [...everywhere, ...neighbours, ...things] : everywhere
  return Number.isFinite(range.from)
    ? all.filter((p) => p.x > range.from - widestM && p.x < range.to + widestM)
    : all
}
