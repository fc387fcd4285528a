import type { Feature, CourtForm } from '../model'
import { insideOf, lineLength, placeAlong, toMm, type Point } from '../geometry'
import { courtEdge, courtMiddle, segmentEdge } from './court'
import { FEATURES } from './feature'

const SAMPLES = 720
/** A ring's way is kept by so many points, and by one at each corner it turns. */
const POINTS = 24

/**
 * A path that rings a court, as a ribbon of gravel through its planned segment: as far from the court's middle on the line to the
 * right as `radiusM`, like the court in outline. Metres. Nothing where no such ring runs through the segment.
 */
export function courtRing(form: CourtForm, id: string, radiusM: number, widthM: number): Feature | null {
  const way = ringWay(form, radiusM)
  const whole = lineLength(way)
  if (way.length < 3 || whole < 2 * widthM) return null
  const points = Array.from({ length: POINTS }, (_, i) => placeAlong(way, (whole * i) / (POINTS - 1)))
  const middle = points[Math.floor(POINTS / 2)]!
  const line = points.map((p) => ({ x: toMm(p.x - middle.x), y: toMm(p.y - middle.y) }))
  const { heightM, colour } = FEATURES.gravel
  const at = { x: toMm(middle.x), y: toMm(middle.y) }
  return { id, kind: 'gravel', ...at, lengthM: toMm(whole), widthM, heightM, turnDeg: 0, colour, line }
}

/** The longest way of the court's edge, drawn in to a radius, that lies in the planned segment. */
function ringWay(form: CourtForm, radiusM: number): Point[] {
  const middle = courtMiddle(form)
  const share = radiusM / (form.widthM / 2)
  const edge = courtEdge(form).map((p) => ({ x: middle.x + p.x * share, y: middle.y + p.y * share }))
  const closed = [...edge, edge[0]!]
  const whole = lineLength(closed)
  const isInside = insideOf(segmentEdge(form).stations)
  const all = Array.from({ length: SAMPLES }, (_, i) => placeAlong(closed, (whole * i) / SAMPLES))
  const out = all.findIndex((p) => !isInside(p))
  if (out < 0) return []
  const runs: Point[][] = [[]]
  for (const p of [...all.slice(out), ...all.slice(0, out)])
    if (isInside(p)) runs.at(-1)!.push(p)
    else if (runs.at(-1)!.length > 0) runs.push([])
  return runs.reduce((a, b) => (b.length > a.length ? b : a))
}
