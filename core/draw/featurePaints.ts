import { distance, insideOf, nearestOn, seeded, type Point } from '../geometry'
import { lighten } from '../colour'
import type { FeatureAt } from './featureAt'
import { L, M, Z, type Paint, type Path, type Shape } from './path'
import { circlePath, ellipsePath, linePath, movedPath, rectPath, roundedPath } from './paths'
import { urn, pot, obelisk } from './uprights'

const LAYER = 'things'
const JOINT_M = 0.03
const SLAB_M = 0.45
const PEBBLES_A_M2 = 90
const MOST_PEBBLES = 900

const up = (points: readonly Point[]): Point[] => points.map(({ x, y }) => ({ x, y: -y }))

/** A thing from above; y as in the bed's plan, turned up. */
export function featureAbovePaints(f: FeatureAt): Paint[] {
  const { kind, colour } = f.feature
  const edge = lighten(colour, -0.2)
  const ground = f.outlines.map((o): Paint => ({
    path: linePath(up(o), true),
    fill: colour,
    stroke: edge,
    thin: 1,
    layer: LAYER,
  }))
  switch (kind) {
    case 'gravel':
      return [...ground, pebbles(f)]
    case 'paving':
      return [...ground, slabs(f)]
    case 'boulder':
      return [...ground, facets(f)]
    case 'trellis':
    case 'wires':
      return [{ path: linePath(up(f.line), false), stroke: edge, thin: 3, dash: [6, 3], layer: LAYER }]
    case 'edging':
      return [
        { path: linePath(up(f.line), false), stroke: colour, lineWidth: f.feature.widthM, thin: 2, layer: LAYER },
      ]
    case 'pot':
    case 'urn': {
      const r = f.feature.lengthM / 2
      return [...ground, { path: circlePath(f.x, -f.y, r * 0.78), fill: '#4a3a2a' }]
    }
    case 'bench':
      return [...ground, slats(f)]
    case 'obelisk':
      return [...ground.map((g) => ({ ...g, alpha: 0.55 })), { path: crossOf(f), stroke: edge, thin: 1.2 }]
    default:
      return ground
  }
}

function pebbles(f: FeatureAt): Paint {
  const outline = f.outlines[0]!
  const isInside = insideOf(outline)
  const xs = outline.map((p) => p.x)
  const ys = outline.map((p) => p.y)
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const random = seeded(7)
  const many = Math.min(MOST_PEBBLES, Math.round((x1 - x0) * (y1 - y0) * PEBBLES_A_M2))
  const path: Path = []
  for (let i = 0; i < many; i++) {
    const p = { x: x0 + random() * (x1 - x0), y: y0 + random() * (y1 - y0) }
    if (isInside(p)) path.push(...circlePath(p.x, -p.y, 0.012 + random() * 0.014))
  }
  return { path, fill: lighten(f.feature.colour, -0.1), alpha: 0.8 }
}

/** Joints between slabs, along and across. */
function slabs(f: FeatureAt): Paint {
  const [a, b, , d] = f.outlines[0]!
  const path: Path = []
  const across = (p: Point, q: Point, r: Point, long: number) => {
    const many = Math.max(1, Math.round(long / SLAB_M))
    for (let i = 1; i < many; i++) {
      const u = i / many
      const x = p.x + (q.x - p.x) * u
      const y = p.y + (q.y - p.y) * u
      path.push(M, x, -y, L, x + r.x - p.x, -(y + r.y - p.y))
    }
  }
  if (a && b && d) {
    across(a, b, d, f.feature.lengthM)
    across(a, d, b, f.feature.widthM)
  }
  return { path, stroke: '#6f7a55', lineWidth: JOINT_M, thin: 1 }
}

function facets({ outlines, x, y, feature }: FeatureAt): Paint {
  const outline = outlines[0]!
  const path: Path = []
  for (const i of [1, 6, 11, 15]) {
    const p = outline[i % outline.length]!
    path.push(M, p.x, -p.y, L, x + (p.x - x) * 0.25 - 0.02, -(y + (p.y - y) * 0.25))
  }
  return { path, stroke: lighten(feature.colour, -0.12), thin: 1 }
}

function slats(f: FeatureAt): Paint {
  const [a, b, c, d] = f.outlines[0]!
  const path: Path = []
  for (const u of [0.25, 0.5, 0.75]) {
    path.push(M, a!.x + (d!.x - a!.x) * u, -(a!.y + (d!.y - a!.y) * u))
    path.push(L, b!.x + (c!.x - b!.x) * u, -(b!.y + (c!.y - b!.y) * u))
  }
  return { path, stroke: lighten(f.feature.colour, -0.2), thin: 1 }
}

function crossOf({ outlines }: FeatureAt): Path {
  const [a, b, c, d] = outlines[0]!
  return [M, a!.x, -a!.y, L, c!.x, -c!.y, M, b!.x, -b!.y, L, d!.x, -d!.y]
}

/** A thing of the elevation, its foot at (x, baseM); what lies is its outline as the ground shows it. */
export function featureFrontPaints(f: FeatureAt, baseM: number, foot: (p: Point) => number): Paint[] {
  const { colour } = f.feature
  if (f.lies || f.feature.kind === 'edging') {
    const rise = f.lies ? 0 : f.heightM
    return f.outlines.map((o): Paint => ({
      path: linePath(
        o.map((p) => ({ x: p.x, y: foot(p) + rise })),
        true,
      ),
      fill: colour,
      stroke: lighten(colour, -0.15),
      thin: 0.8,
      layer: LAYER,
    }))
  }
  const drawn = frontOf(f)
  return drawn.map((shape) => ({
    ...shape,
    path: movedPath(shape.path, { x: f.x, y: baseM }, 1, 1),
    ...shadeAt(shape, f.x),
  }))
}

function shadeAt({ fill }: Shape, x: number): Pick<Shape, 'fill'> {
  if (typeof fill !== 'object') return fill === undefined ? {} : { fill }
  const moved = (p: Point) => ({ ...p, x: p.x + x })
  return { fill: { ...fill, from: moved(fill.from), to: moved(fill.to) } }
}

function frontOf({ feature, widthM: w, heightM: h }: FeatureAt): Shape[] {
  const { colour, kind } = feature
  const dark = lighten(colour, -0.18)
  switch (kind) {
    case 'pot':
      return pot(w, h)
    case 'urn':
      return urn(w, h)
    case 'obelisk':
      return obelisk(w, h)
    case 'boulder':
      return boulder(w, h, colour)
    case 'trellis':
      return [{ path: lattice(w, h), stroke: colour, lineWidth: 0.025, thin: 1, layer: LAYER }]
    case 'wires':
      return [
        { path: rungs(w, h), stroke: colour, thin: 0.9, layer: LAYER },
        { path: [M, -w / 2, 0, L, -w / 2, h, M, w / 2, 0, L, w / 2, h], stroke: dark, lineWidth: 0.03, thin: 1.2 },
      ]
    case 'bench':
      return bench(w, h, colour)
    default:
      return [
        { path: rectPath(-w / 2, 0, w, h), fill: colour, stroke: dark, thin: 0.8, layer: LAYER },
        { path: rectPath(w * 0.15, 0, w * 0.35, h), fill: dark, alpha: 0.4 },
      ]
  }
}

function boulder(w: number, h: number, colour: string): Shape[] {
  const body: Path = [
    M,
    -w * 0.5,
    0,
    L,
    -w * 0.46,
    h * 0.42,
    L,
    -w * 0.28,
    h * 0.86,
    L,
    w * 0.04,
    h,
    L,
    w * 0.33,
    h * 0.8,
  ]
  body.push(L, w * 0.5, h * 0.34, L, w * 0.48, 0, Z)
  const light: Path = [M, -w * 0.46, h * 0.42, L, -w * 0.28, h * 0.86, L, w * 0.04, h, L, -w * 0.05, h * 0.55, Z]
  const dark: Path = [
    M,
    w * 0.12,
    h * 0.42,
    L,
    w * 0.33,
    h * 0.8,
    L,
    w * 0.5,
    h * 0.34,
    L,
    w * 0.48,
    0,
    L,
    w * 0.1,
    0,
    Z,
  ]
  return [
    { path: ellipsePath(0, 0, w * 0.52, w * 0.05), fill: '#231b12', alpha: 0.25 },
    { path: body, fill: colour, stroke: lighten(colour, -0.2), thin: 1, layer: LAYER },
    { path: light, fill: lighten(colour, 0.08) },
    { path: dark, fill: lighten(colour, -0.1), alpha: 0.8 },
  ]
}

const SQUARE_M = 0.18

function lattice(w: number, h: number): Path {
  const path: Path = [...rectPath(-w / 2, 0, w, h)]
  for (let x = -w / 2 + SQUARE_M; x < w / 2 - 0.05; x += SQUARE_M) path.push(M, x, 0, L, x, h)
  for (let y = SQUARE_M; y < h - 0.05; y += SQUARE_M) path.push(M, -w / 2, y, L, w / 2, y)
  return path
}

const RUNG_M = 0.35

function rungs(w: number, h: number): Path {
  const path: Path = []
  for (let y = RUNG_M; y <= h + 1e-6; y += RUNG_M) path.push(M, -w / 2, y, L, w / 2, y)
  return path
}

const SEAT = 0.5

function bench(w: number, h: number, colour: string): Shape[] {
  const dark = lighten(colour, -0.18)
  const seat = h * SEAT
  const legs = [-0.46, 0.4].map((u): Shape => ({ path: rectPath(u * w, 0, w * 0.06, seat), fill: dark }))
  const slats = [0.62, 0.76, 0.9].map((u): Shape => ({
    path: roundedPath(-w / 2, h * u, w, h * 0.08, h * 0.02),
    fill: colour,
    stroke: dark,
    thin: 0.6,
  }))
  return [
    { path: ellipsePath(0, 0, w * 0.5, w * 0.03), fill: '#231b12', alpha: 0.2 },
    ...legs,
    ...slats,
    {
      path: roundedPath(-w / 2, seat - h * 0.06, w, h * 0.09, h * 0.02),
      fill: colour,
      stroke: dark,
      thin: 0.8,
      layer: LAYER,
    },
  ]
}

/** Outlines of things that are chosen. */
export const featureMarkPaints = (f: FeatureAt, colour: string): Paint[] =>
  f.outlines.map((o) => ({ path: linePath(up(o), true), stroke: colour, thin: 2.2 }))

/** The thing under a place of the plan (turned), the smallest first; null for none. */
export function featureUnder(list: readonly FeatureAt[], p: Point): FeatureAt | null {
  const under = list.filter((f) => f.outlines.some((o) => insideOf(o)(p)) || isNearLine(f, p))
  return under.sort((a, b) => a.widthM - b.widthM)[0] ?? null
}

const NEAR_M = 0.12

function isNearLine({ line, feature }: FeatureAt, p: Point): boolean {
  // There and back is a closed line: the nearest place of it is the nearest of the way itself.
  const near = nearestOn([...line, ...line.slice(1, -1).reverse()], p)
  return distance(near, p) <= Math.max(NEAR_M, feature.widthM / 2)
}
