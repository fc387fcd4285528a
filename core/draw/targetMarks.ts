import type { PlacedThing } from '../site'
import type { Aspect } from '../see'
import type { Point } from '../geometry'

/** Where a view to keep or to hide lies in the elevation: a frame in the plane of the bed's middle, metres. */
export interface TargetMark {
  readonly id: string
  readonly label: string
  readonly wish: 'keep' | 'hide'
  readonly fromX: number
  readonly toX: number
  readonly fromM: number
  readonly toM: number
}

const FAR_M = 400

/** The targets that are seen across the bed from their own viewpoints, as frames on the elevation. */
export function targetMarks(things: readonly PlacedThing[], aspect: Aspect, middle: Point): TargetMark[] {
  const plane = aspect.turn(middle).y
  return things.flatMap((t): TargetMark[] => {
    const viewer = t.kind === 'target' ? things.find((v) => v.id === t.seenFrom) : undefined
    if (t.kind !== 'target' || viewer?.kind !== 'viewpoint') return []
    const eye = aspect.turn(viewer.at)
    const to = aspect.turn(t.at)
    if (eye.y <= plane || to.y >= plane || Math.hypot(eye.x - to.x, eye.y - to.y) > FAR_M) return []
    const u = (eye.y - plane) / (eye.y - to.y)
    const x = eye.x + (to.x - eye.x) * u
    const half = (t.widthM * u) / 2
    if (x + half < aspect.firstX || x - half > aspect.lastX) return []
    const z = (m: number) => viewer.eyeM + (m - viewer.eyeM) * u
    return [
      {
        id: t.id,
        label: `${t.wish}: ${t.name}`,
        wish: t.wish,
        fromX: x - half,
        toX: x + half,
        fromM: z(t.fromM),
        toM: z(t.toM),
      },
    ]
  })
}
