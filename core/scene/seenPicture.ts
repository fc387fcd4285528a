import { once } from '../once'
import { bodiesAt, bodyProfile, topM, type Body } from '../layout'
import type { Point } from '../geometry'
import { aspectOf, type Aspect } from '../see'
import type { Scene } from './scene'
import type { Moment } from '../time'

export const CELL_M = 0.1
const TOP_M = 9
const BELOW_M = 3.5
/** A cell belongs to the body that takes the eye's way below this. */
const HELD = 0.55
const LEAST_WAY_M = 0.3

/** What the eye gets of a bed at a moment, on a grid of the wall plane: columns from left to right, rows from the ground up. */
export interface SeenPicture {
  readonly bodies: readonly Body[]
  readonly firstX: number
  readonly columns: number
  readonly rows: number
  /** The body that is seen in each cell; -1 for none. */
  readonly owners: Int32Array
  /** Square metres of the picture in which each body is seen. */
  readonly seenM2: Float64Array
  /** Height of the top line by column, metres above the ground as projected; 0 where nothing stands. */
  readonly skylineM: Float64Array
  /** Whether a body is one of the bed's own plants. */
  readonly isOwn: (i: number) => boolean
}

const picturesOf = once<Scene, Map<string, SeenPicture>>(() => new Map())

/** The picture of a scene at a moment, seen from its viewpoint turned by so much more (degrees); kept as long as the scene. */
export function seenPicture(scene: Scene, moment: Moment, turnDeg = 0): SeenPicture {
  const pictures = picturesOf(scene)
  const key = `${moment.month}/${moment.year}/${turnDeg}`
  let picture = pictures.get(key)
  if (!picture) pictures.set(key, (picture = makePicture(scene, moment, turnDeg)))
  return picture
}

/** The aspect a picture is seen in. */
function aspectFor({ bed, frame }: Scene, turnDeg: number): Aspect {
  const { viewpoint } = bed
  return aspectOf(bed, frame, { ...viewpoint, turnDeg: viewpoint.turnDeg + turnDeg })
}

function makePicture(scene: Scene, moment: Moment, turnDeg: number): SeenPicture {
  const aspect = aspectFor(scene, turnDeg)
  const all = [...scene.everywhere, ...scene.things]
  const own = scene.everywhere.length
  const bodies = bodiesAt(all, moment, scene.climate, scene.bed.buying, scene.stays)
  const feet = bodies.map((b): Point => aspect.turn(b.at))
  const columns = Math.max(1, Math.ceil((aspect.lastX - aspect.firstX) / CELL_M))
  const rows = Math.ceil((TOP_M + BELOW_M) / CELL_M)
  const through = new Float32Array(columns * rows).fill(1)
  const owners = new Int32Array(columns * rows).fill(-1)
  const seenM2 = new Float64Array(bodies.length)
  const eye = scene.bed.viewpoint
  const order = bodies.map((_, i) => i).sort((a, b) => feet[b]!.y - feet[a]!.y || a - b)
  const profile = { halfM: 0, stops: 0 }
  for (const i of order) {
    const body = bodies[i]!
    const foot = feet[i]!
    const top = topM(body)
    if (top <= 0.02 || body.spreadM <= 0) continue
    const eyeY = aspect.front.pointAt(clampTo(foot.x, aspect)).y + aspect.eyeDistanceM
    const scale = eyeY / Math.max(LEAST_WAY_M, eyeY - foot.y)
    const project = (z: number) => eye.eyeHeightM + (z - eye.eyeHeightM) * scale
    const rowOf = (z: number) => Math.min(rows - 1, Math.max(0, Math.floor((project(z) + BELOW_M) / CELL_M)))
    const high = rowOf(top)
    for (let r = rowOf(0); r <= high; r++) {
      const z = ((r + 0.5) * CELL_M - BELOW_M - eye.eyeHeightM) / scale + eye.eyeHeightM
      const { halfM, stops } = bodyProfile(body, Math.min(top, Math.max(0, z)), profile)
      const first = Math.max(0, Math.round((foot.x - halfM - aspect.firstX) / CELL_M))
      const last = Math.min(columns - 1, Math.round((foot.x + halfM - aspect.firstX) / CELL_M) - 1)
      for (let c = first; c <= last; c++) {
        const k = r * columns + c
        const before = through[k]!
        seenM2[i]! += before * stops * CELL_M * CELL_M
        through[k] = before * (1 - stops)
        if (owners[k] === -1 && through[k]! < HELD) owners[k] = i
      }
    }
  }
  return {
    bodies,
    firstX: aspect.firstX,
    columns,
    rows,
    owners,
    seenM2,
    skylineM: skylineOf(owners, columns, rows),
    isOwn: (i) => i < own,
  }
}

const clampTo = (x: number, { firstX, lastX }: Aspect) => Math.min(lastX, Math.max(firstX, x))

function skylineOf(owners: Int32Array, columns: number, rows: number): Float64Array {
  const line = new Float64Array(columns)
  for (let c = 0; c < columns; c++)
    for (let r = rows - 1; r >= 0; r--)
      if (owners[r * columns + c]! >= 0) {
        line[c] = Math.max(0, (r + 1) * CELL_M - BELOW_M)
        break
      }
  return line
}
