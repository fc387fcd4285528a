import type { Bed, BedForm, BedKind, Edge, Outline } from '../model'
import { laneCounts, startForm, startShares } from '../bed'
import { toMm, type Point } from '../geometry'
import type { Edit } from './editSchema'

const withStations = (outline: Outline, which: 'back' | 'front', stations: readonly Point[]): Outline => ({
  ...outline,
  [which]: { ...outline[which], stations },
})
const rounded = ({ x, y }: Point): Point => ({ x: toMm(x), y: toMm(y) })

/** An outline with one station moved; the ends of an edge stay at the ends of the bed. */
export function withStationAt(outline: Outline, which: 'back' | 'front', index: number, to: Point): Outline {
  const { stations } = outline[which]
  const isEnd = index === 0 || index === stations.length - 1
  const moved = (p: Point) => ({ x: isEnd ? p.x : toMm(to.x), y: toMm(to.y) })
  return withStations(
    outline,
    which,
    stations.map((p, i) => (i === index ? moved(p) : p)),
  )
}

/** A form with one station of its closed edge moved; null for a form that has none. */
export function withRoundStationAt(form: BedForm, index: number, to: Point): BedForm | null {
  if (!('edge' in form)) return null
  const stations = form.edge.stations.map((p, i) => (i === index ? rounded(to) : p))
  return { ...form, edge: { ...form.edge, stations } }
}

/** An outline with a station more in the middle of an edge's widest gap. */
export function withStationAdded(outline: Outline, which: 'back' | 'front'): Outline {
  const { stations } = outline[which]
  const gaps = stations.slice(1).map((p, i) => p.x - stations[i]!.x)
  const widest = gaps.indexOf(Math.max(...gaps))
  const [a, b] = [stations[widest]!, stations[widest + 1]!]
  const added = rounded({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })
  return withStations(outline, which, [...stations.slice(0, widest + 1), added, ...stations.slice(widest + 1)])
}

export const withoutStation = (outline: Outline, which: 'back' | 'front', index: number): Outline =>
  withStations(
    outline,
    which,
    outline[which].stations.filter((_, i) => i !== index),
  )

/** An outline as long as said: the stations of both edges are stretched along the wall. */
export function stretched(outline: Outline, lengthM: number): Outline {
  const { stations } = outline.front
  const first = stations[0]!.x
  const last = stations[stations.length - 1]!.x
  const stretch = (edge: Edge): Edge => ({
    ...edge,
    stations: edge.stations.map((p) => ({ x: toMm(first + ((p.x - first) / (last - first)) * lengthM), y: p.y })),
  })
  return { back: stretch(outline.back), front: stretch(outline.front) }
}

/** An outline whose whole front edge is moved out by so much (negative: in). */
export const deepened = (outline: Outline, byM: number): Outline =>
  withStations(
    outline,
    'front',
    outline.front.stations.map((p) => ({ x: p.x, y: toMm(p.y + byM) })),
  )

/** Fewer lanes carry the drifts of the lost ones into the front lane that remains. */
const intoLanes = (bed: Bed, lanes: number): Edit[] =>
  bed.drifts
    .filter((d) => d.lane >= lanes)
    .map((d) => ({ kind: 'changeDrift', driftId: d.id, change: { lane: lanes - 1 } }))

/** A bed with so many lanes. */
export const toLanes = (bed: Bed, lanes: number): Edit => ({
  kind: 'all',
  name: 'change lanes',
  edits: [
    ...intoLanes(bed, lanes),
    { kind: 'setBed', change: { laneShares: startShares(lanes, bed.form.kind), laneStations: [] } },
  ],
})

/** A kind of bed is about as deep as the one before, but as it can be. */
function depthFor(kind: BedKind, lengthM: number, depthM: number): number {
  if (kind === 'island' || kind === 'ring') return Math.max(depthM, lengthM * 0.5)
  return kind === 'court' ? lengthM : depthM
}

/** Another kind of bed of about the same size; lanes it cannot have are joined, and pins let go, since they lie elsewhere now. */
export function toKind(bed: Bed, kind: BedKind): Edit {
  const { stations } = bed.outline.front
  const lengthM = stations[stations.length - 1]!.x - stations[0]!.x
  const depthM = Math.max(...stations.map((p) => p.y))
  const counts = laneCounts(kind)
  const now = bed.laneShares.length
  const lanes = counts.includes(now) ? now : (counts.filter((n) => n <= now).pop() ?? 1)
  const pinned = [...new Set(bed.pins.map((p) => p.driftId))]
  const form = startForm(kind, lengthM, depthFor(kind, lengthM, depthM))
  return {
    kind: 'all',
    name: 'change the kind of bed',
    edits: [
      ...intoLanes(bed, lanes),
      ...pinned.map((driftId): Edit => ({ kind: 'setPins', driftId, pins: [] })),
      { kind: 'setBed', change: { form, laneShares: startShares(lanes, kind), laneStations: [] } },
    ],
  }
}
