import type { OrderLine, Order } from '../model'

/** What all orders hold of one kind: asked for or ordered, promised, come and right, come and not fit, and not coming. */
export interface Ordered {
  readonly asked: number
  readonly ordered: number
  readonly confirmed: number
  readonly received: number
  readonly wrong: number
  readonly poor: number
  readonly short: number
  readonly expected: string
}

export const NOTHING_ORDERED: Ordered = {
  asked: 0,
  ordered: 0,
  confirmed: 0,
  received: 0,
  wrong: 0,
  poor: 0,
  short: 0,
  expected: '',
}

const isSent = (order: Order) => order.state !== 'draft' && order.state !== 'asked'

/** What of a line will not come any more: what was not confirmed, and after the delivery what did not come fit. */
export function shortOf(order: Order, line: OrderLine): number {
  if (!isSent(order)) return 0
  if (order.state === 'delivered') return Math.max(0, line.count - line.received)
  return line.confirmed === null ? 0 : Math.max(0, line.count - line.confirmed)
}

/** What the orders hold of each kind, by plant id. */
export function orderedByKind(orders: readonly Order[]): Map<string, Ordered> {
  const kinds = new Map<string, Ordered>()
  for (const order of orders)
    for (const line of order.lines) {
      if (order.state === 'draft') continue
      const k = kinds.get(line.plantId) ?? NOTHING_ORDERED
      kinds.set(line.plantId, {
        asked: k.asked + (order.state === 'asked' ? line.count : 0),
        ordered: k.ordered + (isSent(order) ? line.count : 0),
        confirmed: k.confirmed + (line.confirmed ?? 0),
        received: k.received + line.received,
        wrong: k.wrong + line.wrongKind + line.wrongColour,
        poor: k.poor + line.poorRoot,
        short: k.short + shortOf(order, line),
        expected: order.state === 'delivered' ? k.expected : later(k.expected, line.expected),
      })
    }
  return kinds
}

const later = (a: string, b: string) => (a > b ? a : b)
