import type { PlaceMonth } from '../time'
import { saturation } from '../colour'
import { bodiesAt, type Body } from '../layout'
import type { Plant } from '../plant'
import type { Scene } from '../scene'

export interface MonthInterest {
  readonly month: PlaceMonth
  /** Share of the visible canopy in flower, 0-1. */
  readonly bloom: number
  /** Share of the bed's canopy that holds evergreen, coloured or standing leaf, 0-1. */
  readonly leaf: number
  /** What there is to look at, 0-1: flowers count four times. */
  readonly interest: number
}

const YEAR = 3
const COLOURED = 0.11
const known = new WeakMap<Scene, MonthInterest[]>()

/** What each month of the third year has to show. Source: design/calculations, Through the year. */
export function monthInterest(scene: Scene): MonthInterest[] {
  const there = known.get(scene)
  if (there) return there
  const kinds = [...scene.byPlant.values()].map((list) => list[0]!)
  const countOf = (p: { plant: Plant }) => scene.byPlant.get(p.plant)!.length
  const full = kinds.reduce((sum, p) => sum + countOf(p) * p.plant.spreadM ** 2, 0)
  const list = Array.from({ length: 12 }, (_, i) => {
    let canopy = 0
    let bloom = 0
    let leaf = 0
    for (const body of bodiesAt(kinds, { month: i + 1, year: YEAR }, scene.climate, scene.bed.buying)) {
      const weight = countOf(body.at) * body.spreadM ** 2
      if (body.look.state !== 'gone') canopy += weight
      bloom += weight * body.look.flower
      if (isOfInterest(body)) leaf += weight
    }
    const share = { bloom: canopy > 0 ? bloom / canopy : 0, leaf: full > 0 ? leaf / full : 0 }
    return { month: i + 1, ...share, interest: Math.min(1, 4 * share.bloom + share.leaf * 0.6) }
  })
  known.set(scene, list)
  return list
}

/** Evergreen in winter, dry stems that stand, or leaves of a colour beyond green. */
function isOfInterest({ at, look }: Body): boolean {
  if (look.state === 'dry') return true
  if (look.state !== 'leaf') return false
  return at.plant.retention === 'evergreen' || (look.leaf > 0.5 && saturation(look.colour) > COLOURED)
}
