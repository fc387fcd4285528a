import { distance, type Point } from '../geometry'
import { allowedDistanceM, LEAST_SHARE, type PlacedPlant } from '../layout'
import type { Edit } from '../edit'
import { aspectOf } from '../see'
import type { Scene } from '../scene'

/** How well three plants of a kind are seen from the main viewpoint while they are young, and the turn that shows them best. */
export interface TrioTurn {
  readonly driftId: string
  readonly plants: readonly PlacedPlant[]
  /** Share of the least seen of the three that is seen now, and after the turn. */
  readonly now: number
  readonly best: number
  /** Degrees clockwise as drawn from above. */
  readonly turnDeg: number
  readonly edit: Edit
}

/** A plant whose good side is turned to the viewer, and which way that is from it, azimuth in the bed's plan (0: toward the viewer). */
interface GoodSide {
  readonly plant: PlacedPlant
  readonly towardDeg: number
  readonly why: string
}

const STEP_DEG = 5
/** A turn that shows less than this more is not worth the walk. */
const WORTH = 0.08
/** Plants that stand on one another are crowded, not turned. */
const LEAST_R_M = 0.03

/** The viewer's place in the bed's plan. */
function viewerAt({ bed, frame }: Pick<Scene, 'bed' | 'frame'>): Point {
  const aspect = aspectOf(bed, frame, bed.viewpoint)
  const front = aspect.front
  const x = (aspect.firstX + aspect.lastX) / 2
  return aspect.unturn({ x, y: front.yAt(x) + bed.viewpoint.distanceM })
}

/**
 * Drifts of three whose plants hide one another from the main viewpoint, with the turn about their middle at which all three are seen best:
 * the angles that their young crowns take from the eye, near before far. Turns that would bring a plant too near another are left out.
 */
export function trioTurns(scene: Scene): TrioTurn[] {
  const eye = viewerAt(scene)
  const turns: TrioTurn[] = []
  for (const drift of scene.bed.drifts) {
    if (drift.count !== 3 || drift.shape || drift.pattern === 'dotted') continue
    const plants = scene.placement.plants.filter((p) => p.driftId === drift.id)
    if (plants.length !== 3) continue
    const turn = bestTurn(scene, plants, eye)
    if (turn) turns.push(turn)
  }
  return turns
}

function bestTurn(scene: Scene, plants: readonly PlacedPlant[], eye: Point): TrioTurn | null {
  const r = Math.min(...distances(plants)) / 2
  if (r < LEAST_R_M) return null
  const now = leastSeen(plants, eye, r)
  let best = { share: now, deg: 0, places: plants as readonly Point[] }
  for (let deg = STEP_DEG; deg < 360; deg += STEP_DEG) {
    const places = turned(plants, deg)
    const share = leastSeen(places, eye, r)
    if (share > best.share + 1e-9 && isLawful(scene, plants, places)) best = { share, deg, places }
  }
  if (best.share - now < WORTH) return null
  const driftId = plants[0]!.driftId
  const pins = plants.map((p, i) => ({ driftId, index: p.index, x: best.places[i]!.x, y: best.places[i]!.y }))
  return {
    ...{ driftId, plants, now, best: best.share, turnDeg: best.deg > 180 ? best.deg - 360 : best.deg },
    edit: { kind: 'setPins', driftId, pins },
  }
}

const distances = ([a, b, c]: readonly Point[]) => [distance(a!, b!), distance(b!, c!), distance(a!, c!)]

function turned(places: readonly Point[], deg: number): Point[] {
  const middle = { x: mean(places.map((p) => p.x)), y: mean(places.map((p) => p.y)) }
  const a = (deg * Math.PI) / 180
  return places.map(({ x, y }) => ({
    x: middle.x + (x - middle.x) * Math.cos(a) - (y - middle.y) * Math.sin(a),
    y: middle.y + (x - middle.x) * Math.sin(a) + (y - middle.y) * Math.cos(a),
  }))
}
const mean = (list: readonly number[]) => list.reduce((n, v) => n + v, 0) / list.length

/** The least share of the angle a crown of radius r takes from the eye that no nearer one covers. */
export function leastSeen(places: readonly Point[], eye: Point, r: number): number {
  const seen = places
    .map((p) => {
      const far = distance(p, eye)
      const at = Math.atan2(p.y - eye.y, p.x - eye.x)
      const half = Math.asin(Math.min(1, r / Math.max(far, r)))
      return { far, from: at - half, to: at + half }
    })
    .sort((a, b) => a.far - b.far)
  return Math.min(...seen.map((s, i) => 1 - covered(s, seen.slice(0, i)) / (s.to - s.from)))
}

/** How much of an angle nearer angles cover. */
function covered(s: { from: number; to: number }, nearer: readonly { from: number; to: number }[]): number {
  const parts = nearer
    .map((n) => [Math.max(s.from, n.from), Math.min(s.to, n.to)] as const)
    .filter(([a, b]) => b > a)
    .sort(([a], [b]) => a - b)
  let sum = 0
  let end = -Infinity
  for (const [a, b] of parts) {
    sum += Math.max(0, b - Math.max(a, end))
    end = Math.max(end, b)
  }
  return sum
}

function isLawful(scene: Scene, plants: readonly PlacedPlant[], places: readonly Point[]): boolean {
  const own = new Set(plants)
  const others = scene.own.filter((p) => !own.has(p))
  return places.every((at, i) => {
    const t = scene.frame.toBed(at).t
    if (t < 0 || t > 1) return false
    const plant = plants[i]!
    return others.every((o) => {
      const allowed = allowedDistanceM(plant.plant, o.plant, scene.school.spacing) * LEAST_SHARE
      return distance(at, o) >= Math.min(allowed, distance(plant, o)) - 1e-9
    })
  })
}

/** Trees and large shrubs set singly: their best side looks at the viewer, one-sided ones have their thin side to the wall. */
export function goodSides(scene: Scene): GoodSide[] {
  const eye = viewerAt(scene)
  const counts = new Map<string, number>()
  for (const p of scene.placement.plants) counts.set(p.driftId, (counts.get(p.driftId) ?? 0) + 1)
  const hasWall = scene.frame.behind === 'wall' && scene.bed.wall !== null
  return scene.placement.plants
    .filter((p) => p.plant.lifeCycle === 'woody' && p.plant.foliageHeightM >= 1 && counts.get(p.driftId)! <= 2)
    .map((plant) => ({
      plant,
      towardDeg: ((Math.atan2(eye.x - plant.x, eye.y - plant.y) * 180) / Math.PI + 360) % 360,
      why:
        hasWall && plant.out < plant.plant.spreadM
          ? 'fullest side to the viewer, its flat or thin side to the wall'
          : 'fullest side to the viewer',
    }))
}
