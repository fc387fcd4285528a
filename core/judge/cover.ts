import { circleIndex, distance, type Point } from '../geometry'
import { coverDiscs, type BedFrame } from '../bed'
import type { Scene } from '../scene'

const ALONG = 90
const ACROSS = 16

/**
 * Share (0-1) of the bed that lies under a mature canopy in summer, or under stone, sampled at places that stand for equal parts
 * of the ground; what weaves or climbs covers nothing.
 */
export function soilCover({ frame, own, bed }: Scene): number {
  const canopies = own
    .filter((p) => p.plant.spacingHabit !== 'weaves' && p.plant.kind !== 'climber' && !p.standing?.gap)
    .map((p) => ({ x: p.x, y: p.y, r: p.plant.spreadM / 2 }))
  const circles = [...canopies, ...bed.features.flatMap(coverDiscs)]
  const index = circleIndex(circles)
  const isCovered = ({ x, y }: Point) =>
    index.search(x, y, x, y).some((k) => Math.hypot(circles[k]!.x - x, circles[k]!.y - y) <= circles[k]!.r)
  let covered = 0
  let whole = 0
  const step = (frame.runTo - frame.runFrom) / ALONG
  for (let i = 0; i < ALONG; i++) {
    const along = frame.runFrom + (i + 0.5) * step
    const depth = frame.depthAlong(along)
    for (let j = 0; j < ACROSS; j++) {
      const out = ((j + 0.5) / ACROSS) * depth
      const area = depth * widthAt(frame, along, out, step)
      whole += area
      if (isCovered(frame.at(along, out))) covered += area
    }
  }
  return whole > 0 ? covered / whole : 0
}

/** Length on the ground of a step along the bed at a depth: round a middle it narrows inward. */
function widthAt(frame: BedFrame, along: number, out: number, step: number): number {
  if (!frame.closed) return step
  const share = out / Math.max(1e-9, frame.depthAlong(along))
  const at = (a: number) => frame.at(a, share * frame.depthAlong(a))
  return distance(at(along - step / 2), at(along + step / 2))
}
