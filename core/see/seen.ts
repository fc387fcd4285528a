import type { Viewpoint } from '../model'
import { bodyProfile, topM, type Body } from '../layout'

const CELL_M = 0.08
/** Nothing is judged above this height of the wall plane. */
const TOP_M = 8

/** The share (0-1) of each body that is seen from a viewpoint as one walks along the bed; order as given, NaN when it shows nothing. */
interface Seen {
  readonly shares: Float64Array
}

interface SeenFrom {
  readonly viewpoint: Pick<Viewpoint, 'eyeHeightM' | 'distanceM'>
  /** y of the front edge at x, metres. */
  readonly frontY: (x: number) => number
  /** Only bodies within these x are judged (others still hide); all when absent. */
  readonly range?: { readonly from: number; readonly to: number }
  /** Only the shares of these are wanted; all when absent. */
  readonly wanted?: readonly boolean[]
}

/**
 * Visible shares: every body is projected in height from the eye onto the wall plane (along the bed it is straight-on, for one who
 * walks past), laid near to far on a grid of 8 cm, and keeps the share of its own cells that still come through.
 * Source: docs/grounds/calculations, What is seen.
 */
export function visibleShares(bodies: readonly Body[], { viewpoint, frontY, range, wanted }: SeenFrom): Seen {
  const shares = new Float64Array(bodies.length).fill(Number.NaN)
  if (bodies.length === 0) return { shares }
  let from = Infinity
  let to = -Infinity
  let widest = 0
  for (const b of bodies) {
    from = Math.min(from, b.at.x - b.spreadM)
    to = Math.max(to, b.at.x + b.spreadM)
    widest = Math.max(widest, b.spreadM)
  }
  if (range) {
    from = Math.max(from, range.from - widest)
    to = Math.min(to, range.to + widest)
  }
  // Cells on fixed places, so that a part of the bed is judged just as the whole is.
  from = Math.floor(from / CELL_M) * CELL_M
  const grid = new Grid(from, to, viewpoint)
  const order = bodies
    .map((_, i) => i)
    .filter(
      (i) => bodies[i]!.at.x + bodies[i]!.spreadM / 2 >= from && bodies[i]!.at.x - bodies[i]!.spreadM / 2 <= to,
    )
    .sort((a, b) => bodies[b]!.at.y - bodies[a]!.at.y)
  // What stands behind all that are wanted hides none of them.
  const farthest = wanted ? order.findLastIndex((i) => wanted[i]) : order.length - 1
  for (const i of order.slice(0, farthest + 1)) {
    const body = bodies[i]!
    const eyeY = frontY(body.at.x) + viewpoint.distanceM
    const share = grid.lay(body, eyeY)
    if (!range || (body.at.x >= range.from && body.at.x <= range.to)) shares[i] = share
  }
  return { shares }
}

/** Light that still comes through, by cells of the wall plane, from the lowest ray (negative) up. */
class Grid {
  private readonly columns: number
  private readonly rows: number
  private readonly through: Float32Array
  private readonly bottom: number
  private readonly profile = { halfM: 0, stops: 0 }
  constructor(
    private readonly from: number,
    to: number,
    private readonly eye: SeenFrom['viewpoint'],
  ) {
    this.columns = Math.max(1, Math.ceil((to - from) / CELL_M))
    this.bottom = -eye.eyeHeightM * 2.5
    this.rows = Math.ceil((TOP_M - this.bottom) / CELL_M)
    this.through = new Float32Array(this.columns * this.rows).fill(1)
  }

  /** Lays a body in front of all that comes later; the share of it that was still open, NaN for nothing. */
  lay(body: Body, eyeY: number): number {
    const { at, spreadM } = body
    const top = topM(body)
    if (top <= 0.02 || spreadM <= 0) return Number.NaN
    const scale = eyeY / Math.max(0.3, eyeY - at.y)
    const eye = this.eye.eyeHeightM
    const project = (z: number) => eye + (z - eye) * scale
    const ground = at.groundM ?? 0
    const low = this.row(project(ground))
    const high = this.row(project(ground + top))
    let cells = 0
    let open = 0
    for (let r = low; r <= high; r++) {
      const z = (this.bottom + (r + 0.5) * CELL_M - eye) / scale + eye - ground
      // The lowest and the highest cell may lie half outside.
      const { halfM: half, stops } = bodyProfile(body, Math.min(top, Math.max(0, z)), this.profile)
      const pass = 1 - stops
      const first = Math.max(0, Math.round((at.x - half - this.from) / CELL_M))
      const last = Math.min(this.columns - 1, Math.round((at.x + half - this.from) / CELL_M) - 1)
      for (let c = first; c <= last; c++) {
        const k = r * this.columns + c
        open += this.through[k]!
        cells++
        this.through[k]! *= pass
      }
    }
    return cells === 0 ? Number.NaN : open / cells
  }

  private row(z: number) {
    return Math.min(this.rows - 1, Math.max(0, Math.floor((z - this.bottom) / CELL_M)))
  }
}
