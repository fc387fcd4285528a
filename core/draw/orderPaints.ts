import type { DriftOrder } from '../model'
import type { BedFrame } from '../bed'
import type { Point } from '../geometry'
import type { PlacedPlant } from '../layout'
import type { Paint } from './path'
import { circlePath, linePath } from './paths'

const DOT = 2.6

/** What the marks of orders are drawn from; `turn` takes a place of the bed's plan to that of the picture. */
interface OrderMarksAsk {
  readonly orders: readonly DriftOrder[]
  /** The plants of each drift, by its id. */
  readonly plants: ReadonlyMap<string, readonly PlacedPlant[]>
  readonly frame: BedFrame
  readonly turn: (p: Point) => Point
}

/** Thin marks of orders in a plan: a line from drift to drift, and the line that mirrored ones lie about or aligned ones stand on. */
export function orderPaints({ orders, plants, frame, turn }: OrderMarksAsk, colour: string): Paint[] {
  const up = (p: Point) => {
    const { x, y } = turn(p)
    return { x, y: -y }
  }
  return orders.flatMap((order) => {
    const places = order.driftIds.map((id) => middleOfPlants(plants.get(id) ?? [])).filter((p) => p !== null)
    const isLoose = order.kind === 'together' || order.kind === 'apart'
    const dash = isLoose ? { dash: [4, 3] } : {}
    const between: Paint[] =
      places.length > 1
        ? [{ path: linePath(places.map(up), false), stroke: colour, thin: 1.1, ...dash, layer: 'orders' }]
        : []
    const dots = places.map((p): Paint => ({ at: up(p), badge: [{ path: circlePath(0, 0, DOT), fill: colour }] }))
    return [...between, ...aboutLine(order, frame, up, colour), ...dots]
  })
}

/** The line across the bed, front to back, of a mirror or an alignment. */
function aboutLine(order: DriftOrder, frame: BedFrame, up: (p: Point) => Point, colour: string): Paint[] {
  if (order.kind !== 'mirror' && order.kind !== 'aligned') return []
  const a = frame.alongAt(order.atM)
  const ends = [frame.at(a, 0), frame.at(a, frame.depthAlong(a))].map(up)
  return [{ path: linePath(ends, false), stroke: colour, thin: 1, dash: [1, 4], layer: 'orders' }]
}

function middleOfPlants(own: readonly PlacedPlant[]): Point | null {
  if (own.length === 0) return null
  const sum = own.reduce((s, p) => ({ x: s.x + p.x, y: s.y + p.y }), { x: 0, y: 0 })
  return { x: sum.x / own.length, y: sum.y / own.length }
}
