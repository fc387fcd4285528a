import { circleIndex } from '../geometry'
import type { Scene } from './scene'

const ALONG = 90
const ACROSS = 16

/** Share (0-1) of the bed that lies under a mature canopy in summer, sampled at fixed places along and out; what weaves or climbs covers nothing. */
export function soilCover({ frame, placement }: Scene): number {
  const circles = [...placement.plants, ...placement.standing]
    .filter((p) => p.plant.spacingHabit !== 'weaves' && p.plant.kind !== 'climber')
    .map((p) => ({ x: p.x, y: p.y, r: p.plant.spreadM / 2 }))
  const index = circleIndex(circles)
  let covered = 0
  let whole = 0
  for (let i = 0; i < ALONG; i++) {
    const along = frame.runFrom + ((i + 0.5) / ALONG) * (frame.runTo - frame.runFrom)
    const depth = frame.depthAlong(along)
    for (let j = 0; j < ACROSS; j++) {
      const { x, y } = frame.at(along, ((j + 0.5) / ACROSS) * depth)
      whole += depth
      if (index.search(x, y, x, y).some((k) => Math.hypot(circles[k]!.x - x, circles[k]!.y - y) <= circles[k]!.r))
        covered += depth
    }
  }
  return whole > 0 ? covered / whole : 0
}

/** Share (0-1) of the mature canopy that holds its leaf through winter. */
export function winterLeaf({ byPlant }: Scene): number {
  let leaf = 0
  let whole = 0
  for (const [plant, list] of byPlant) {
    const area = list.length * plant.spreadM ** 2
    whole += area
    leaf += area * (plant.retention === 'evergreen' ? 1 : plant.retention === 'semi-evergreen' ? 0.5 : 0)
  }
  return whole > 0 ? leaf / whole : 0
}
