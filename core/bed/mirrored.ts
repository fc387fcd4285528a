import type { Drift, Shape } from '../model'
import type { Point } from '../geometry'

const flip = ({ x, y }: Point): Point => ({ x: x === 0 ? 0 : -x, y })
/** A closed line begins where it began, and goes round the other way. */
const goneRound = ([first, ...others]: readonly Point[]): Point[] => (first ? [first, ...others.reverse()] : [])
const OTHER_SIDE = { left: 'right', right: 'left', none: 'none', back: 'back', front: 'front' } as const
const upright = (deg: number) => (deg === 0 ? 0 : -deg)

/** A shape mirrored from left to right; what goes by a plant of another drift goes by that drift's own counterpart, when it has one. */
export function mirroredShape(shape: Shape, counterpart: (driftId: string) => string): Shape {
  switch (shape.kind) {
    case 'lens':
      return { ...shape, slantDeg: upright(shape.slantDeg) }
    case 'outline':
      return { ...shape, points: shape.points.map(flip).reverse() }
    case 'ribbon':
      return { ...shape, line: shape.line.map(flip).reverse() }
    case 'hedge':
      return { ...shape, line: shape.closed ? goneRound(shape.line.map(flip)) : shape.line.map(flip).reverse() }
    case 'grid':
      return { ...shape, turnDeg: upright(shape.turnDeg) }
    case 'scatter':
      return { ...shape, thinTo: OTHER_SIDE[shape.thinTo] }
    case 'ring':
      return shape.about
        ? { ...shape, about: { ...shape.about, driftId: counterpart(shape.about.driftId) } }
        : shape
    case 'beneath':
      return { ...shape, about: shape.about && counterpart(shape.about) }
    case 'climb':
      return shape.about?.on === 'plant'
        ? { ...shape, about: { ...shape.about, driftId: counterpart(shape.about.driftId) } }
        : shape
    default:
      return shape
  }
}

/** What a drift has of another when it is its mirror image at a place. */
export function mirrorOf(
  drift: Drift,
  at: number,
  counterpart: (driftId: string) => string,
): Omit<Drift, 'id' | 'numbers' | 'nextNumber'> {
  const { plantId, lane, count, pattern, everyM, mix = null, shape } = drift
  return { plantId, lane, count, pattern, everyM, mix, at, shape: shape ? mirroredShape(shape, counterpart) : null }
}
