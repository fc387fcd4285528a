import type { Opening, Wall, Against } from '../model'
import { distance, polygonArea, type Point } from '../geometry'
import type { PlacedThing } from '../site'

/** A side of a building or a stretch of a fence as one who stands before it sees it: from left to right, and the way he looks. */
interface WallSide {
  readonly left: Point
  readonly right: Point
  readonly lengthM: number
  /** Azimuth on the sheet (clockwise from its y axis) of the way into the wall, degrees. */
  readonly intoDeg: number
}

const turnsLeft = (outline: readonly Point[]): boolean => {
  let twice = 0
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!
    twice += a.x * b.y - b.x * a.y
  })
  return twice > 0
}

/**
 * A side as seen from outside a building; of a fence from the side that `lookDeg` (on the sheet, degrees) looks
 * from. Null when the thing has
 * no such side. Metres on the site plan.
 */
export function sideOf(thing: PlacedThing, side: number, lookDeg: number): WallSide | null {
  if (thing.kind === 'building' && thing.outline.length >= 3 && polygonArea(thing.outline) > 0) {
    const a = thing.outline[side]
    const b = thing.outline[(side + 1) % thing.outline.length]
    if (!a || !b) return null
    return turnsLeft(thing.outline) ? wallSide(a, b) : wallSide(b, a)
  }
  if (thing.kind !== 'fence') return null
  const [a, b] = [thing.line[side], thing.line[side + 1]]
  if (!a || !b) return null
  const seen = wallSide(a, b)
  const turn = ((seen.intoDeg - lookDeg) * Math.PI) / 180
  return Math.cos(turn) >= 0 ? seen : wallSide(b, a)
}

function wallSide(left: Point, right: Point): WallSide {
  const along = (Math.atan2(right.x - left.x, right.y - left.y) * 180) / Math.PI
  return { left, right, lengthM: distance(left, right), intoDeg: (along - 90 + 360) % 360 }
}

const FENCE_COLOUR = '#8a7350'

/** The wall that a bed has from the site: its height, colour and windows, these measured from the bed's left end; metres. */
export function wallOf(thing: PlacedThing, against: Against): Wall | null {
  if (thing.kind === 'fence')
    return { heightM: thing.heightM, material: 'boards', colour: FENCE_COLOUR, openings: [] }
  if (thing.kind !== 'building') return null
  const isForward = turnsLeft(thing.outline)
  const a = thing.outline[against.side]
  const b = thing.outline[(against.side + 1) % thing.outline.length]
  if (!a || !b) return null
  const whole = distance(a, b)
  const openings = thing.openings
    .filter((o) => o.side === against.side)
    .map(({ id, alongM, widthM, sillM, headM }): Opening => {
      const fromLeft = isForward ? alongM : whole - alongM - widthM
      return { id, x: fromLeft - against.alongM, widthM, sillM, headM }
    })
  return { heightM: thing.eaveM, material: thing.material, colour: thing.colour, openings }
}
