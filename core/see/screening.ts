import { bodyProfile, type Body } from '../layout'

/** A place in space: the bed's plan, and metres above its ground. */
export interface Eye {
  readonly x: number
  readonly y: number
  readonly z: number
}
/** An upright rectangle square to the line of sight. */
export interface Aim {
  readonly x: number
  readonly y: number
  readonly widthM: number
  readonly fromM: number
  readonly toM: number
}

const COLUMNS = 12
const ROWS = 8

/**
 * The share (0-1) of a target that planting blocks from an eye: rays to a grid on the target, each dimmed by every plant whose outline it
 * meets where it passes nearest to the plant's axis. Source: docs/grounds/calculations, What is seen (screening).
 */
export function blockedShare(bodies: readonly Body[], eye: Eye, aim: Aim): number {
  const dx = aim.x - eye.x
  const dy = aim.y - eye.y
  const far = Math.hypot(dx, dy)
  if (far < 1e-6) return 0
  const side = { x: -dy / far, y: dx / far }
  let through = 0
  for (let c = 0; c < COLUMNS; c++) {
    const off = ((c + 0.5) / COLUMNS - 0.5) * aim.widthM
    const to = { x: aim.x + side.x * off, y: aim.y + side.y * off }
    const near = bodies.map((b) => passing(b, eye, to)).filter((p): p is Passing => p !== null)
    for (let r = 0; r < ROWS; r++) {
      const z = aim.fromM + ((r + 0.5) / ROWS) * (aim.toM - aim.fromM)
      through += near.reduce(
        (light, p) => (light < 0.01 ? 0 : light * (1 - stops(p, eye.z + (z - eye.z) * p.u))),
        1,
      )
    }
  }
  return 1 - through / (COLUMNS * ROWS)
}

interface Passing {
  readonly body: Body
  readonly u: number
  readonly apart: number
}

/** Where a line of sight passes a plant: the share of its way, and how far from the axis; null when it misses or lies behind. */
function passing(body: Body, eye: Eye, to: { x: number; y: number }): Passing | null {
  const dx = to.x - eye.x
  const dy = to.y - eye.y
  const u = ((body.at.x - eye.x) * dx + (body.at.y - eye.y) * dy) / (dx * dx + dy * dy)
  if (u <= 0 || u >= 1) return null
  const apart = Math.hypot(eye.x + dx * u - body.at.x, eye.y + dy * u - body.at.y)
  return apart < body.spreadM / 2 ? { body, u, apart } : null
}

function stops({ body, apart }: Passing, z: number): number {
  const profile = bodyProfile(body, z - (body.at.groundM ?? 0))
  return apart <= profile.halfM ? profile.stops : 0
}
