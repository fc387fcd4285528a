import type { Body } from '../layout'

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
    const key = `${plantId}${flower ? 'f' : 'l'}`
    const there = areas.get(key)
    if (there) there.area += area
    else areas.set(key, { colour, area, flower, plantId })
    whole += area
  }
  for (const { at, look, spreadM, foliageM, flowerM } of bodies) {
    if (look.state === 'gone' || spreadM === 0) continue
    const area = spreadM * Math.max(foliageM, flowerM)
    const flower = at.plant.flowerColour ? 0.45 * look.flower : 0
    if (flower > 0) add(at.plant.id, at.plant.flowerColour!, area * flower, true)
    add(at.plant.id, look.colour, area * (1 - flower) * (look.state === 'leaf' ? 1 : 0.35), false)
  }
  return [...areas.values()]
    .sort((a, b) => b.area - a.area)
    .slice(0, most)
    .map((a) => ({ colour: a.colour, share: a.area / (whole || 1), flower: a.flower, plantId: a.plantId }))
}
