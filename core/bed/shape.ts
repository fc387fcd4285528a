import type { Point } from '../geometry'

export const SHAPE_KINDS = [
  'lens',
  'outline',
  'ribbon',
  'edge',
  'ring',
  'grid',
  'hedge',
  'scatter',
  'spots',
  'exact',
  'beneath',
  'climb',
] as const
export type ShapeKind = (typeof SHAPE_KINDS)[number]

/**
 * The shape of a drift that is no block of its lane. Its middle lies at the drift's `at`, `out` of the way from the back (0) to the front
 * (1); points are metres from that middle, x along the bed and y toward its front. Lengths in metres, turns in degrees toward the front.
 */
export type Shape =
  /** Long, with thin ends, at a slant to the bed. */
  | {
      readonly kind: 'lens'
      readonly out: number
      readonly lengthM: number
      readonly widthM: number
      readonly slantDeg: number
    }
  /** Drawn by hand, or by points. */
  | { readonly kind: 'outline'; readonly out: number; readonly points: readonly Point[] }
  /** Along a line, so wide. */
  | { readonly kind: 'ribbon'; readonly out: number; readonly line: readonly Point[]; readonly widthM: number }
  /** One row along an edge, at a distance from it; it turns the corners, or marks each with a plant of its own. */
  | {
      readonly kind: 'edge'
      readonly out: number
      readonly edge: 'front' | 'back'
      readonly distanceM: number
      readonly corners?: 'turned' | 'marked' | undefined
    }
  /** Round a plant, or a place; `radiusM` 0 as near as the spacing allows. */
  | {
      readonly kind: 'ring'
      readonly out: number
      readonly about: { readonly driftId: string; readonly index: number } | null
      readonly radiusM: number
    }
  /** In rows and columns, turned. */
  | {
      readonly kind: 'grid'
      readonly out: number
      readonly columns: number
      readonly stepM: number
      readonly turnDeg: number
    }
  /** Along a line (closed: all round), so far apart, clipped to a height and a width. */
  | {
      readonly kind: 'hedge'
      readonly out: number
      readonly line: readonly Point[]
      readonly closed: boolean
      readonly stepM: number
      readonly heightM: number
      readonly widthM: number
    }
  /** Among others, so many a square metre, where there is room; ever fewer toward one side. */
  | {
      readonly kind: 'scatter'
      readonly out: number
      readonly lengthM: number
      readonly widthM: number
      readonly perM2: number
      readonly thinTo: ThinTo
    }
  /** At named places of a bed: its corners, the middles of its sides, its middle, or along its diagonals; so far in from the edge. */
  | { readonly kind: 'spots'; readonly out: number; readonly where: SpotsAt; readonly inM: number }
  /** One plant at a measured place. */
  | { readonly kind: 'exact'; readonly out: number }
  /** Beneath the plants of another drift. */
  | { readonly kind: 'beneath'; readonly out: number; readonly about: string | null }
  /** A climber at what it climbs: a plant, a thing of the bed, or what stands behind it (null). */
  | { readonly kind: 'climb'; readonly out: number; readonly about: Support | null }

export const THIN_TO = ['none', 'left', 'right', 'back', 'front'] as const
export type ThinTo = (typeof THIN_TO)[number]
export const SPOTS_AT = ['corners', 'sides', 'centre', 'diagonals'] as const
export type SpotsAt = (typeof SPOTS_AT)[number]
export type Support =
  | { readonly on: 'plant'; readonly driftId: string; readonly index: number }
  | { readonly on: 'feature'; readonly featureId: string }

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
