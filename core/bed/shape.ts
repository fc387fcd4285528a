import type { ShapeKind, Shape } from '../model'
import type { Point } from '../geometry'

/** The shape of a kind that a drift first gets, about so wide; `out` of its lane's middle. */
export function startShape(kind: ShapeKind, out: number, lengthM: number, spacingM: number, count: number): Shape {
  const long = Math.max(lengthM, 3 * spacingM)
  const wide = Math.max((count * spacingM * spacingM * Math.sqrt(3)) / 2 / ((2 / 3) * long), 1.2 * spacingM)
  switch (kind) {
    case 'lens':
      return { kind, out, lengthM: rounded(long), widthM: rounded(wide), slantDeg: 15 }
    case 'outline':
      return { kind, out, points: bean(long / 2, wide / 2) }
    case 'ribbon':
      return {
        kind,
        out,
        line: [-0.5, -0.15, 0.2, 0.5].map((u, i) => wave(u * long, i, wide)),
        widthM: rounded(wide),
      }
    case 'edge':
      return { kind, out, edge: 'front', distanceM: rounded(spacingM / 2) }
    case 'ring':
      return { kind, out, about: null, radiusM: 0 }
    case 'grid':
      return { kind, out, columns: Math.max(1, Math.ceil(Math.sqrt(count))), stepM: rounded(spacingM), turnDeg: 0 }
    case 'hedge':
      return {
        kind,
        out,
        line: [
          { x: rounded(-long / 2), y: 0 },
          { x: rounded(long / 2), y: 0 },
        ],
        closed: false,
        stepM: rounded(spacingM * HEDGE_SHARE),
        heightM: rounded(Math.max(0.2, spacingM)),
        widthM: rounded(spacingM * HEDGE_SHARE),
      }
    case 'scatter':
      return { kind, out, lengthM: rounded(long), widthM: rounded(Math.max(wide, 1)), perM2: 3, thinTo: 'none' }
    case 'spots':
      return { kind, out, where: 'corners', inM: rounded(spacingM / 2) }
    case 'exact':
      return { kind, out }
    case 'beneath':
    case 'climb':
      return { kind, out, about: null }
  }
}

/** A hedge is set closer than plants that keep their own shape. */
const HEDGE_SHARE = 0.65

const rounded = (m: number) => Math.round(m * 100) / 100
const wave = (x: number, i: number, wide: number): Point => ({
  x: rounded(x),
  y: rounded((i % 2 === 0 ? -0.25 : 0.25) * wide),
})
const bean = (a: number, b: number): Point[] =>
  Array.from({ length: 12 }, (_, i) => {
    const t = (i / 12) * 2 * Math.PI
    return { x: rounded(a * Math.cos(t)), y: rounded(b * Math.sin(t) * (1 - 0.3 * Math.cos(t))) }
  })
