import { saturation, oklchOf } from '../colour'
import type { Plant } from '../plant'
import type { Scene } from '../scene'
import { standIns, unlikeness } from './standIn'

/** Colours with less chroma (OKLCH) have no hue to speak of. */
const HAS_HUE = 0.04
/** How many stand-ins are looked through, and what a step of their unlikeness is worth in degrees of hue. */
const MOST = 80
const DEGREES_A_POINT = 0.8

const colourOf = (p: Plant) => p.flowerColour ?? p.foliage.summer
const hueOf = (p: Plant) => oklchOf(colourOf(p))?.h ?? 0

/** How far two hues lie apart round the circle, degrees 0 to 180. */
const huesApart = (a: number, b: number) => Math.abs(((((a - b) % 360) + 540) % 360) - 180)

/**
 * Kinds in which a kind's colour runs round a court of so many parts: for part 1 and up, a stand-in of its role that fits the place,
 * its hue a step further round the circle each time (OKLCH); a part keeps the planned kind when nothing fits. Each comes once.
 */
export function colourRound(plant: Plant, parts: number, scene: Scene): { part: number; withId: string }[] {
  if (saturation(colourOf(plant)) < HAS_HUE) return []
  const all = standIns(plant, scene, {}, MOST).filter(
    (p) => saturation(colourOf(p)) >= HAS_HUE && (p.flowerColour === null) === (plant.flowerColour === null),
  )
  const role = new Map(all.map((p) => [p.id, roleCost(plant, p)]))
  const used = new Set<string>()
  return Array.from({ length: parts - 1 }, (_, i) => {
    const wanted = hueOf(plant) + ((i + 1) * 360) / parts
    const cost = (p: Plant) => huesApart(hueOf(p), wanted) + DEGREES_A_POINT * role.get(p.id)!
    const [best] = all.filter((p) => !used.has(p.id)).sort((a, b) => cost(a) - cost(b) || (a.id < b.id ? -1 : 1))
    if (!best) return null
    used.add(best.id)
    return { part: i + 1, withId: best.id }
  }).filter((v) => v !== null)
}

/** Unlikeness but for the flower's colour, which is meant to differ. */
const roleCost = (a: Plant, b: Plant) => unlikeness({ ...a, flowerColour: b.flowerColour }, b)
