import type { BedFrame } from '../bed'
import type { Point } from '../geometry'
import type { Body } from '../layout'

/** One plant on the plan: mature and today's circle, metres. */
export interface PlanCircle {
  readonly body: Body
  readonly x: number
  readonly y: number
  readonly matureR: number
  readonly nowR: number
  readonly letter: string
  readonly fill: string
}

export interface Plan {
  readonly circles: readonly PlanCircle[]
  readonly back: readonly Point[]
  readonly front: readonly Point[]
}

/** The plan as a display list: edges in metres, circles large to small so that small ones can be reached. */
export function plan(bodies: readonly Body[], frame: BedFrame, letters: ReadonlyMap<string, string>): Plan {
  const circles = bodies.map((body) => ({
    body,
    x: body.at.x,
    y: body.at.y,
    matureR: body.at.plant.spreadM / 2,
    nowR: body.spreadM / 2,
    letter: letters.get(body.at.plant.id) ?? '',
    fill: planColour(body),
  }))
  circles.sort((a, b) => b.matureR - a.matureR)
  return { circles, back: frame.back.points, front: frame.front.points }
}

/** The colour a plant shows from above: its flower while it is in full flower, else its leaf. */
function planColour({ at, look }: Body): string {
  if (look.flower >= 0.6 && at.plant.flowerColour) return at.plant.flowerColour
  return look.state === 'gone' ? '#b59f7c' : look.colour
}

/** The smallest circle that holds a place (metres), or null. */
export function circleAt(list: Plan, x: number, y: number): PlanCircle | null {
  for (let i = list.circles.length - 1; i >= 0; i--) {
    const c = list.circles[i]!
    if (Math.hypot(c.x - x, c.y - y) <= Math.max(c.matureR, 0.08)) return c
  }
  return null
}
