import { hashText, insideOf, seeded, type Point } from '../geometry'
import type { Plant } from '../plant'
import type { Scene } from '../scene'

/** What is likely to have come up by itself: of a kind, how many, and where some of them may stand. Places are not fixed. */
interface SelfSown {
  readonly plant: Plant
  readonly likely: number
  readonly places: readonly Point[]
}

/** Seedlings that a seeding plant leaves in a year on open ground, and the years in which they add up before thinning. */
const A_YEAR = 0.5
const MOST_YEARS = 4
/** Seeds fall so many times the spread away. */
const FALL = 2.5
const TRIES = 6

/**
 * The haze of self-sown plants of a bed in a year from planting: kinds that travel by seed, from their second year on, by how many stand
 * and how much ground is open. Seeded by bed and year, so that it is the same everywhere. Source: docs/grounds/keeping, A planting
 * has a calendar.
 */
export function selfSown(scene: Scene, year: number, open: number): SelfSown[] {
  if (year < 2) return []
  const inside = insideOf(scene.frame.outline)
  return [...scene.byPlant].flatMap(([plant, parents]) => {
    if (plant.travels !== 'seeds') return []
    const likely = Math.round(parents.length * A_YEAR * Math.min(MOST_YEARS, year - 1) * Math.max(0.15, open))
    if (likely === 0) return []
    const random = seeded(hashText(`${plant.id}|${year}`))
    const places = Array.from({ length: likely }, (): Point | null => {
      const from = parents[Math.floor(random() * parents.length)]!
      for (let i = 0; i < TRIES; i++) {
        const [angle, far] = [random() * Math.PI * 2, plant.spreadM * (0.6 + random() * FALL)]
        const at = { x: from.x + Math.cos(angle) * far, y: from.y + Math.sin(angle) * far }
        if (inside(at) && isFree(scene, at)) return at
      }
      return null
    })
    return [{ plant, likely, places: places.filter((p) => p !== null) }]
  })
}

const CLEAR_SHARE = 0.3
const isFree = ({ placement }: Scene, at: Point) =>
  placement.plants.every((p) => Math.hypot(p.x - at.x, p.y - at.y) > p.plant.spreadM * CLEAR_SHARE)
