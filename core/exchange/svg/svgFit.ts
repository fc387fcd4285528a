import {
  compose,
  fromDefinition,
  fromTransformAttribute,
  identity,
  scale,
  translate,
  type Matrix,
} from 'transformation-matrix'

const SHARE: Readonly<Record<string, number>> = { Min: 0, Mid: 0.5, Max: 1 }

/** A box fitted into a width and height: whole, filling, or stretched. */
export function fit(
  box: { x: number; y: number; w: number; h: number },
  width: number,
  height: number,
  how = 'xMidYMid meet',
): Matrix {
  const [sx, sy] = [width / box.w, height / box.h]
  if (how.includes('none')) return compose(scale(sx, sy), translate(-box.x, -box.y))
  const s = how.includes('slice') ? Math.max(sx, sy) : Math.min(sx, sy)
  const [, ax = 'Mid', ay = 'Mid'] = /x(Min|Mid|Max)Y(Min|Mid|Max)/.exec(how) ?? []
  const left = (width - box.w * s) * SHARE[ax]!
  const top = (height - box.h * s) * SHARE[ay]!
  return compose(translate(left, top), scale(s, s), translate(-box.x, -box.y))
}

/** A transform as an attribute or a property has it (with units). */
export function transformOf(text: string): Matrix {
  try {
    const plain = text.replace(/(\d)px/g, '$1').replace(/(\d)deg/g, '$1')
    return compose(fromDefinition(fromTransformAttribute(plain)))
  } catch {
    return identity()
  }
}
