import type { Bed, Note } from '../model'
import { bandsOf, placeIn, placingsOf, type BedFrame } from '../bed'
import type { Point } from '../geometry'
import { ByIdInOrder, type Body } from '../layout'
import { shownOf } from '../plant'
import { aspectOf, type Aspect } from '../see'
import { featuresAt, type FeatureAt } from './featureAt'
import { fixturesOf, type Fixture } from './fixture'

/** One plant on the plan: mature and today's circle, metres, as turned to the viewer. */
export interface PlanCircle {
  readonly body: Body
  readonly x: number
  readonly y: number
  readonly matureR: number
  readonly nowR: number
  readonly letter: string
  readonly fill: string
  /** A plant of another bed: seen, not worked on. */
  readonly quiet: boolean
}

export interface Plan {
  readonly circles: readonly PlanCircle[]
  readonly outlines: readonly (readonly Point[])[]
  readonly laneLines: readonly (readonly Point[])[]
  readonly fixtures: readonly Fixture[]
  readonly features: readonly FeatureAt[]
  readonly notes: readonly Note[]
}

const LANE_STEPS = 60

/**
 * The plan as a display list: edges in metres, circles large to small so that small ones can be reached. With the list of the same bodies
 * `before` a change, what stays is the same objects.
 */
export function plan(
  bodies: readonly Body[],
  frame: BedFrame,
  letters: ReadonlyMap<string, string>,
  bed: Pick<Bed, 'form' | 'viewpoint' | 'laneShares' | 'laneStations' | 'features' | 'notes'>,
  aspect: Aspect = aspectOf(bed, frame, bed.viewpoint),
  before?: Plan,
): Plan {
  const known = before && madeOf.get(before)
  const isSameAspect = known?.aspect === aspect
  const former = new ByIdInOrder(isSameAspect ? known.circles : [], (c) => c.body)
  const circles = bodies.map((body, i) => {
    const was = former.get(body, i)
    const letter = letterOf(body, letters)
    return was?.letter === letter ? was : circleOf(body, letter, aspect)
  })
  const isSameGround = isSameAspect && known.frame === frame && GROUND.every((key) => known.bed[key] === bed[key])
  const list = {
    circles: [...circles].sort((a, b) => b.matureR - a.matureR),
    ...(isSameGround ? groundOf(before!) : groundAt(frame, bed, aspect)),
    notes: bed.notes.map((n) => ({ ...n, ...pick(aspect.turn(n)) })),
  }
  madeOf.set(list, { aspect, frame, bed, circles })
  return list
}

type Grounds = Pick<Bed, 'form' | 'laneShares' | 'laneStations' | 'features'>
const GROUND = ['form', 'laneShares', 'laneStations', 'features'] as const satisfies readonly (keyof Grounds)[]

/** What each plan was made of, with its circles in the order of the bodies. */
interface MadeOf {
  readonly aspect: Aspect
  readonly frame: BedFrame
  readonly bed: Grounds
  readonly circles: readonly PlanCircle[]
}
const madeOf = new WeakMap<Plan, MadeOf>()

const circleOf = (body: Body, letter: string, aspect: Aspect): PlanCircle => ({
  body,
  ...pick(aspect.turn(body.at)),
  matureR: body.at.plant.spreadM / 2,
  nowR: body.spreadM / 2,
  letter,
  fill: shownOf(body.at.plant, body.look).colour,
  quiet: body.at.neighbour !== undefined,
})

const groundOf = ({ outlines, laneLines, fixtures, features }: Plan) => ({
  outlines,
  laneLines,
  fixtures,
  features,
})
const groundAt = (frame: BedFrame, bed: Grounds, aspect: Aspect) => ({
  outlines: aspect.outlines,
  laneLines: laneLines(frame, bed, aspect),
  fixtures: fixturesOf(bed, aspect),
  features: featuresAt(bed, aspect),
})

/** The key letter of a planned plant; a word for what stands there already; none for another bed's. */
function letterOf({ at }: Body, letters: ReadonlyMap<string, string>): string {
  if (at.neighbour) return ''
  if (!at.standing) return letters.get(at.plant.id) ?? ''
  return at.standing.gap ? 'gap' : 'old'
}

const pick = ({ x, y }: Point): Point => ({ x, y })

function laneLines(
  frame: BedFrame,
  bed: Pick<Bed, 'form' | 'laneShares' | 'laneStations'>,
  aspect: Aspect,
): Point[][] {
  const lines = bandsOf(bed, frame)
    .slice(0, -1)
    .map(({ toAt }) =>
      Array.from({ length: LANE_STEPS + 1 }, (_, i) => {
        const a = frame.runFrom + ((frame.runTo - frame.runFrom) * i) / LANE_STEPS
        return frame.at(a, toAt(a) * frame.depthAlong(a))
      }),
    )
  return placingsOf(bed.form).flatMap((to) => lines.map((line) => line.map((p) => aspect.turn(placeIn(to, p)))))
}

/** The smallest circle that holds a place (metres, turned), or null. */
export function circleAt(list: Plan, x: number, y: number): PlanCircle | null {
  for (let i = list.circles.length - 1; i >= 0; i--) {
    const c = list.circles[i]!
    if (!c.quiet && Math.hypot(c.x - x, c.y - y) <= Math.max(c.matureR, 0.08)) return c
  }
  return null
}
