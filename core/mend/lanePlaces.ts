import { laneNames } from '../bed'
import { clamp } from '../geometry'
import { fullHeightM } from '../plant'
import { driftsSeen, type Scene } from '../scene'

/** A free stretch of a lane, metres along the bed, with what it bears and wants. */
export interface LanePlace {
  readonly lane: number
  readonly name: string
  readonly from: number
  readonly to: number
  /** Its middle, out from the back. */
  readonly out: number
  /** Widest plant that it bears. */
  readonly mostM: number
  /** Height that stands well there: for the building or the depth, and the lanes behind and before it. */
  readonly wantM: number
}

const REACH_M = 2.2
const LEAST_M = 0.6
/** The back lane against the wall and the depth; the others step down from it. */
const OF_WALL = 0.5
const OF_DEPTH = 0.62
const LEAST_BACK_M = 0.6
const MOST_BACK_M = 2.6
const FRONT_SHARE = 0.26

/** The free stretches about a place, of each lane that has one there; the lane that is asked for first, then those nearest to it. */
export function lanePlaces(scene: Scene, atM: number, lane: number): LanePlace[] {
  const { frame, bed } = scene
  const a = frame.alongAt(atM)
  const lanes = bed.laneShares.length
  const names = laneNames(lanes, bed.form.kind)
  const order = Array.from({ length: lanes }, (_, i) => i).sort(
    (x, y) => Math.abs(x - lane) - Math.abs(y - lane) || x - y,
  )
  return order.flatMap((i): LanePlace[] => {
    // What was asked for is answered however narrow it is.
    const part = freeAbout(scene, i, a) ?? (i === lane ? narrow(scene, a) : null)
    if (!part) return []
    const depth = frame.depths.mean * bed.laneShares[i]!
    const before = bed.laneShares.slice(0, i).reduce((n, s) => n + s, 0)
    return [
      {
        lane: i,
        name: (names[i] ?? '').toLowerCase(),
        from: part[0],
        to: part[1],
        out: (before + bed.laneShares[i]! / 2) * frame.depthAlong(clamp(a, frame.runFrom, frame.runTo)),
        mostM: Math.max(0.3, Math.min(depth * 1.3, frame.depths.mean * 0.5)),
        wantM: wantedHeight(scene, i, part),
      },
    ]
  })
}

/** A place between plants that nearly meet. */
const narrow = ({ frame }: Scene, a: number) =>
  [Math.max(frame.runFrom, a - LEAST_M / 2), Math.min(frame.runTo, a + LEAST_M / 2)] as const

/** The free stretch of a lane that a place lies in, at most so far to each side; null when something stands there. */
function freeAbout(scene: Scene, lane: number, a: number): readonly [number, number] | null {
  const { frame } = scene
  let [from, to] = [Math.max(frame.runFrom, a - REACH_M), Math.min(frame.runTo, a + REACH_M)]
  for (const d of driftsSeen(scene)) {
    if (d.drift.lane !== lane || d.plant.spacingHabit !== 'stands') continue
    for (const p of d.placed) {
      const half = p.plant.spreadM / 2
      if (p.along + half <= a) from = Math.max(from, p.along + half)
      else if (p.along - half >= a) to = Math.min(to, p.along - half)
      else return null
    }
  }
  return to - from >= LEAST_M ? [from, to] : null
}

/** From the tallest lane to the front the heights step down; what stands beside and behind tells how high that begins. */
function wantedHeight(scene: Scene, lane: number, [from, to]: readonly [number, number]): number {
  const { bed, frame } = scene
  const last = bed.laneShares.length - 1
  const isTwoSided = bed.form.kind === 'two-sided'
  const [first, steps] = isTwoSided ? [last / 2, last / 2] : [0, last]
  const share = steps > 0 ? Math.abs(lane - first) / steps : 0
  const reckoned = bed.wall ? bed.wall.heightM * OF_WALL : frame.depths.mean * OF_DEPTH * (frame.closed ? 1.3 : 1)
  const there = driftsSeen(scene).filter(
    (d) =>
      d.drift.lane === first && d.to > from - REACH_M && d.from < to + REACH_M && d.plant.spacingHabit === 'stands',
  )
  const standing = Math.max(0, ...there.map((d) => fullHeightM(d.plant)))
  const back = clamp(standing > LEAST_BACK_M ? standing : reckoned, LEAST_BACK_M, MOST_BACK_M)
  return back * FRONT_SHARE ** share
}

const BESIDE_M = 0.35

/** The roomiest place just beside a drift: in its own lane or the next ones, at its left or right; metres along the front edge. */
export function placeBeside(scene: Scene, driftId: string): { readonly atM: number; readonly lane: number } | null {
  const own = driftsSeen(scene).find((d) => d.drift.id === driftId)
  if (!own) return null
  const { runFrom, runTo } = scene.frame
  const lanes = scene.bed.laneShares.map((_, lane) => lane).filter((lane) => Math.abs(lane - own.drift.lane) <= 1)
  const places = [own.from - BESIDE_M, own.to + BESIDE_M, own.middle]
    .map((a) => clamp(a, runFrom, runTo))
    .flatMap((a) =>
      lanes.flatMap((lane) => {
        const part = freeAbout(scene, lane, a)
        return part ? [{ atM: scene.frame.sAt(a), lane, room: part[1] - part[0] }] : []
      }),
    )
  const [best] = places.sort((x, y) => y.room - x.room)
  return best ?? { atM: scene.frame.sAt(clamp(own.to + BESIDE_M, runFrom, runTo)), lane: own.drift.lane }
}
