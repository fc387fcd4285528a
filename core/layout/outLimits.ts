import { FRONT_OF_TRUNK_M, type BedFrame } from '../bed'
import type { Plant } from '../plant'
import { firstRowM } from './depthNeeded'

/**
 * How far out from the back a plant's middle may stand at a running place: off the wall by its setback, clear of a
 * rim, its whole spread inside the edge.
 */
export function outLimits(
  frame: BedFrame,
  plant: Plant,
  spills = false,
): (a: number) => { least: number; most: number } {
  const half = plant.spreadM / 2
  const first = firstRowM(plant, frame.behind)
  return (a) => {
    const depth = frame.depthAlong(a)
    const least = frame.behind === 'wall' ? first : Math.min(first, depth / 2)
    const most = depth - Math.min(frontRoomM(plant, half, spills), depth / 2)
    // Where the wall's distance cannot be kept inside the bed, as far from the wall as the bed allows.
    const inside = depth - LEAST_EDGE_M
    return least <= most ? { least, most } : { least: Math.min(least, inside), most: Math.min(least, inside) }
  }
}

const LEAST_EDGE_M = 0.05

/** Ground kept between a plant's middle and the front: half its spread; a pot's plants spill over its rim, and a crown over the edge. */
function frontRoomM(plant: Plant, half: number, spills: boolean): number {
  if (spills) return LEAST_EDGE_M
  return plant.kind === 'tree' ? FRONT_OF_TRUNK_M : half
}
