import type { Body } from '../layout'
import { topM } from '../layout'
import { shownOf } from '../plant'

/** A colour a month shows, and the share (0-1) of the visible canopy that shows it. */
export interface ColourShare {
  readonly colour: string
  readonly share: number
  readonly flower: boolean
  readonly plantId: string
}

/** What a bed shows at a moment: flower and foliage colours by canopy area, greatest first, at most `most`. */
export function monthColours(bodies: readonly Body[], most = 6): ColourShare[] {
  const areas = new Map<string, { colour: string; area: number; flower: boolean; plantId: string }>()
  let whole = 0
  const add = (plantId: string, colour: string, area: number, flower: boolean) => {
    const key = `${plantId}${flower ? 'f' : colour}`
    const there = areas.get(key)
    if (there) there.area += area
    else areas.set(key, { colour, area, flower, plantId })
    whole += area
  }
  for (const body of bodies) {
    const { plant } = body.at
    const area = body.spreadM * topM(body)
    const { flower, fruit, leaf } = shownOf(plant, body.look)
    if (flower) add(plant.id, flower.colour, area * flower.share, true)
    if (fruit) add(plant.id, fruit.colour, area * fruit.share, false)
    if (leaf) add(plant.id, leaf.colour, area * leaf.share, false)
  }
  return [...areas.values()]
    .filter((a) => a.area > 0)
    .sort((a, b) => b.area - a.area)
    .slice(0, most)
    .map((a) => ({ colour: a.colour, share: a.area / (whole || 1), flower: a.flower, plantId: a.plantId }))
}
