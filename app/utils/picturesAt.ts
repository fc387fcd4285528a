import { keyLetters } from '~~/core/count'
import type { Scene } from '~~/core/critique'
import { bodiesAt, type Body, type Moment } from '~~/core/layout'
import type { Plant } from '~~/core/plant'
import { elevation, plan, type Elevation, type Plan } from '~~/core/view'

export interface Pictures { readonly bodies: readonly Body[]; readonly elevation: Elevation; readonly plan: Plan }

const kept = new WeakMap<Scene, Map<string, Pictures>>()
const letters = new WeakMap<Scene, ReadonlyMap<string, string>>()

/** The key letters of a scene's plants. */
export function lettersOf(scene: Scene): ReadonlyMap<string, string> {
  let known = letters.get(scene)
  if (!known) letters.set(scene, (known = keyLetters(scene.bed.drifts.map((d) => scene.library.get(d.plantId)).filter((p): p is Plant => !!p))))
  return known
}

/** What a scene shows at a moment, kept as long as the scene: going back to a month computes nothing. */
export function picturesAt(scene: Scene, moment: Moment): Pictures {
  let months = kept.get(scene)
  if (!months) kept.set(scene, (months = new Map()))
  const key = `${moment.month}/${moment.year}`
  let pictures = months.get(key)
  if (!pictures) {
    const bodies = bodiesAt(scene.placement.plants, moment, scene.climate, scene.bed.buying)
    pictures = { bodies, elevation: elevation(bodies, scene.frame, scene.bed.wall), plan: plan(bodies, scene.frame, lettersOf(scene)) }
    months.set(key, pictures)
  }
  return pictures
}

/** The other eleven months, the nearest first. */
export const otherMonths = (month: number) => [1, 11, 2, 10, 3, 9, 4, 8, 5, 7, 6].map((step) => ((month - 1 + step) % 12) + 1)
