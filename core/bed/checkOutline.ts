import type { Edge, Outline } from '../model'
import { flattenEdge, Polyline } from '../geometry'
import { fail, ok, type Result } from '../result'

const LEAST_DEPTH_M = 0.2
const LEAST_LENGTH_M = 0.5
const GREATEST_M = 200
const MOST_STATIONS = 100

/** Whether two edges make a bed: stations in order, sizes that can be, the front nowhere behind the back. */
export function checkOutline({ back, front }: Outline): Result<true> {
  for (const [name, edge] of [
    ['back', back],
    ['front', front],
  ] as const) {
    const checked = checkEdge(name, edge)
    if (!checked.ok) return checked
  }
  const f = new Polyline(flattenEdge(front.kind, front.stations))
  const b = new Polyline(flattenEdge(back.kind, back.stations))
  if (f.lastX - f.firstX < LEAST_LENGTH_M)
    return fail(`The bed is ${show(f.lastX - f.firstX)}\u202fm long; it needs at least ${LEAST_LENGTH_M}\u202fm.`)
  if (Math.abs(f.firstX - b.firstX) > 1e-6 || Math.abs(f.lastX - b.lastX) > 1e-6)
    return fail('The back and the front edge must begin and end at the same places along the wall.')
  const crossing = [...f.points, ...b.points].find(({ x }) => f.yAt(x) - b.yAt(x) < LEAST_DEPTH_M)
  if (crossing)
    return fail(
      `At ${show(crossing.x)}\u202fm along, the front edge comes within ${LEAST_DEPTH_M}\u202fm of the back edge or ` +
        'crosses it: move the front out or the back in there.',
    )
  return ok(true)
}

function checkEdge(name: string, edge: Edge): Result<true> {
  const { stations } = edge
  if (stations.length < 2) return fail(`The ${name} edge needs at least two stations: one at each end.`)
  if (stations.length > MOST_STATIONS)
    return fail(`The ${name} edge has ${stations.length} stations; ${MOST_STATIONS} is the most.`)
  for (let i = 0; i < stations.length; i++) {
    const { x, y } = stations[i]!
    if (!Number.isFinite(x) || !Number.isFinite(y))
      return fail(`Station ${i + 1} of the ${name} edge is not a measure.`)
    if (Math.abs(x) > GREATEST_M || Math.abs(y) > GREATEST_M)
      return fail(`Station ${i + 1} of the ${name} edge is more than ${GREATEST_M}\u202fm away: check the unit.`)
    const before = stations[i - 1]
    if (before && x - before.x < 0.01)
      return fail(
        `Station ${i + 1} of the ${name} edge (${show(x)}\u202fm along) must lie further along than station ${i} ` +
          `(${show(before.x)}\u202fm): an edge may not turn back or cross itself.`,
      )
  }
  return ok(true)
}

const show = (n: number) => String(Math.round(n * 100) / 100)

/** A bed of a length and depth with straight edges, against a wall line. */
export const rectangle = (lengthM: number, depthM: number): Outline => ({
  back: {
    kind: 'straight',
    stations: [
      { x: 0, y: 0 },
      { x: lengthM, y: 0 },
    ],
  },
  front: {
    kind: 'straight',
    stations: [
      { x: 0, y: depthM },
      { x: lengthM, y: depthM },
    ],
  },
})
