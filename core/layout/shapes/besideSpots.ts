import type { Bed, Shape, Support } from '../../model'
import { featureDiscs, type BedFrame } from '../../bed'
import type { Point } from '../../geometry'
import type { PlacedPlant } from '../PlacedPlant'
import { SQUEEZED_SHARE } from '../spacing'
import type { ShapeAt } from './shapeAt'

interface Found {
  readonly spots: readonly Point[]
  readonly fits: number
}

/** Places are tried this many times as often as they are wanted. */
const TRIES = 14
const MOST_TRIES = 8000
/** Steps of an even sequence over a square: 1/φ and 1/φ² for φ³ = φ + 1; and a third, for the thinning. */
const STEP_X = 0.7548776662466927
const STEP_Y = 0.5698402909980532
const STEP_KEEP = 0.6180339887498949

/**
 * So many a square metre among others, each where it has room, ever fewer toward one side: places of an even sequence, kept with the
 * density of their place. `fits` is the area's number at that density, or those that have room when they are fewer.
 */
export function scatterSpots(
  shape: Extract<Shape, { kind: 'scatter' }>,
  { toPlan, middle }: ShapeAt,
  { count, d, frame, isFree }: { count: number; d: number; frame: BedFrame; isFree: (p: Point) => boolean },
): Found {
  const side = middle.x <= (frame.firstX + frame.lastX) / 2 ? 1 : -1
  const thinned = shape.thinTo === 'none' ? 1 : 0.5
  const most = Math.max(1, Math.round(shape.lengthM * shape.widthM * shape.perM2 * thinned))
  const spots: Point[] = []
  const tries = Math.min(MOST_TRIES, most * TRIES)
  for (let i = 1; i <= tries && spots.length < most; i++) {
    const u = side * ((i * STEP_X) % 1) + (side < 0 ? 1 : 0)
    const v = (i * STEP_Y) % 1
    if ((i * STEP_KEEP) % 1 > densityAt(shape.thinTo, u, v)) continue
    const p = toPlan({ x: (u - 0.5) * shape.lengthM, y: (v - 0.5) * shape.widthM })
    if (isFree(p) && spots.every((q) => Math.hypot(p.x - q.x, p.y - q.y) >= d)) spots.push(p)
  }
  return { spots: spots.slice(0, count), fits: spots.length }
}

function densityAt(thinTo: Extract<Shape, { kind: 'scatter' }>['thinTo'], u: number, v: number): number {
  switch (thinTo) {
    case 'left':
      return u
    case 'right':
      return 1 - u
    case 'back':
      return v
    case 'front':
      return 1 - v
    case 'none':
      return 1
  }
}

/** Beneath the plants of a drift: on an even grid under their leaves, spread over all of them when fewer are wanted than fit. */
export function beneathSpots(
  about: string | null,
  {
    count,
    d,
    standing,
    isFree,
  }: { count: number; d: number; standing: readonly PlacedPlant[]; isFree: (p: Point) => boolean },
): Found {
  const hosts = standing.filter((p) => p.driftId === about && !p.crowded)
  if (hosts.length === 0) return { spots: [], fits: 0 }
  const under = (spacingM: number) => underLeaves(hosts, spacingM).filter(isFree)
  const all = under(d)
  const some = all.length >= count ? all : under(d * SQUEEZED_SHARE)
  return { spots: evenly(some, count), fits: all.length }
}

const MOST_CELLS = 20_000

function underLeaves(hosts: readonly PlacedPlant[], d: number): Point[] {
  const xs = hosts.map((p) => p.x)
  const ys = hosts.map((p) => p.y)
  const reach = hosts.reduce((most, p) => Math.max(most, p.plant.spreadM / 2), 0)
  const [x0, x1] = [Math.min(...xs) - reach, Math.max(...xs) + reach]
  const [y0, y1] = [Math.min(...ys) - reach, Math.max(...ys) + reach]
  const middle = { x: (x0 + x1) / 2, y: (y0 + y1) / 2 }
  const row = (d * Math.sqrt(3)) / 2
  const columns = Math.ceil((x1 - x0) / d / 2)
  const rows = Math.ceil((y1 - y0) / row / 2)
  if (columns * rows * 4 > MOST_CELLS) return []
  const found: Point[] = []
  for (let c = -columns; c <= columns; c++)
    for (let r = -rows; r <= rows; r++) {
      const p = { x: middle.x + (c + (r % 2 === 0 ? 0 : 0.5)) * d, y: middle.y + r * row }
      if (hosts.some((h) => Math.hypot(h.x - p.x, h.y - p.y) <= h.plant.spreadM / 2)) found.push(p)
    }
  return found.sort((p, q) => p.x - q.x || p.y - q.y)
}

/** So many of a list, evenly through it. */
function evenly(points: readonly Point[], count: number): Point[] {
  if (points.length <= count) return [...points]
  return Array.from({ length: count }, (_, i) => points[Math.floor(((i + 0.5) * points.length) / count)]!)
}

/** A climber is planted this far from the stem or the foot of what holds it, metres. */
const BESIDE_M = 0.4
const BESIDE_THING_M = 0.08

/** At the foot of what holds a climber, before it: one, or several round it. What is not there any more leaves it at its own place. */
export function climbSpots(
  about: Support | null,
  count: number,
  { standing, bed, own, d }: { standing: readonly PlacedPlant[]; bed: Bed; own: Point; d: number },
): Found & { readonly middle: Point } {
  const host = about && hostOf(about, standing, bed)
  const middle = host ?? own
  const radius = host ? host.r + BESIDE_THING_M : 0
  const most = host ? Math.max(1, Math.floor((2 * Math.PI * radius) / Math.max(0.2, Math.min(d, BESIDE_M)))) : 1
  const many = Math.min(count, most)
  const spots = Array.from({ length: many }, (_, i) => {
    const turn = Math.PI / 2 + (2 * Math.PI * i) / many
    return { x: middle.x + radius * Math.cos(turn), y: middle.y + radius * Math.sin(turn) }
  })
  return { spots, fits: most, middle: { x: middle.x, y: middle.y } }
}

function hostOf(about: Support, standing: readonly PlacedPlant[], bed: Bed): (Point & { r: number }) | null {
  if (about.on === 'plant') {
    const host = standing.find((p) => p.driftId === about.driftId && p.index === about.index)
    return host ? { x: host.x, y: host.y, r: BESIDE_M - BESIDE_THING_M } : null
  }
  const feature = bed.features.find((f) => f.id === about.featureId)
  if (!feature) return null
  const r = featureDiscs(feature).reduce((most, disc) => Math.max(most, disc.r), 0)
  return { x: feature.x, y: feature.y, r }
}
