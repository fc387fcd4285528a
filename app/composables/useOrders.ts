import type { Order, OrderLine } from '~~/core/model'
import { inPacks, type CountLine } from '~~/core/count'

/** Orders by supplier: made from what is still to buy, asked and ordered, and what came of them. */
export function useOrders() {
  const supply = useSupplyStore()
  const bed = useBedStore()
  const { whole } = useCount()
  const problem = ref('')
  const busy = ref('')

  const pending = (line: CountLine) =>
    line.buy -
    supply.supply.orders.reduce(
      (n, o) =>
        n +
        o.lines.reduce(
          (m, l) => m + (l.plantId === line.plant.id && l.size === line.size.label ? stillOf(o, l) : 0),
          0,
        ),
      0,
    )
  /** What of an order's line still counts toward the need. */
  const stillOf = (order: Order, line: OrderLine) =>
    order.state === 'delivered' ? line.received : (line.confirmed ?? line.count)
  const toOrder = computed(() =>
    whole.value.lines
      .map((line) => ({ line, count: inPacks(Math.max(0, pending(line)), line.pack) }))
      .filter(({ line, count }) => count > 0 && !line.settled.notFound),
  )

  function setOrders(orders: readonly Order[], name: string) {
    supply.set({ orders }, name)
  }
  const setOrder = (order: Order, name: string) =>
    setOrders(
      supply.supply.orders.map((o) => (o.id === order.id ? order : o)),
      name,
    )
  const setLine = (order: Order, at: number, change: Partial<OrderLine>, name: string) =>
    setOrder({ ...order, lines: order.lines.map((l, i) => (i === at ? { ...l, ...change } : l)) }, name)

  /** A draft of all that is still to buy of one supplier: lines that name it, and for the first supplier those that name none. */
  function draft(supplierId: string, wanted: string) {
    const isFirst = supply.supply.suppliers[0]?.id === supplierId
    const lines = toOrder.value
      .filter(({ line }) => line.settled.supplierId === supplierId || (isFirst && line.settled.supplierId === ''))
      .map(({ line, count }): OrderLine => ({
        ...{
          plantId: line.plant.id,
          size: line.size.label,
          count,
          price: line.price,
          confirmed: null,
          expected: '',
        },
        ...{ offeredId: '', received: 0, wrongKind: 0, wrongColour: 0, poorRoot: 0, note: '' },
      }))
    if (lines.length === 0) return
    const order: Order = { id: newId(), supplierId, state: 'draft', made: today(), wanted, lines }
    setOrders([...supply.supply.orders, order], 'make an order')
  }

  /** A step with the simulated nursery; with others the step is noted, and what they answer is typed in. */
  async function step(order: Order, to: 'ask' | 'order' | 'confirm' | 'deliver') {
    const supplier = supply.supply.suppliers.find((s) => s.id === order.supplierId)
    problem.value = ''
    if (!supplier?.simulated) {
      setOrder(typedAnswer(order, to), `${to} the order`)
      return
    }
    busy.value = order.id
    try {
      const answer = await ask('order', `/api/gardens/${bed.garden!.id}/nursery/${to}`, {
        method: 'POST',
        body: { order, today: today() },
      })
      setOrder(answer, `${to} the order`)
    } catch (error) {
      problem.value = messageOf(error)
    }
    busy.value = ''
  }
  const STATE_OF = { ask: 'asked', order: 'ordered', confirm: 'confirmed', deliver: 'delivered' } as const
  function typedAnswer(order: Order, to: keyof typeof STATE_OF): Order {
    const isPromised = to === 'confirm' || to === 'deliver'
    const lines = order.lines.map((l) => ({
      ...l,
      confirmed: isPromised ? (l.confirmed ?? l.count) : l.confirmed,
      received: to === 'deliver' ? (l.confirmed ?? l.count) : l.received,
    }))
    return { ...order, state: STATE_OF[to], lines }
  }
  const remove = (order: Order) =>
    setOrders(
      supply.supply.orders.filter((o) => o.id !== order.id),
      'remove an order',
    )

  return { toOrder, draft, step, setLine, remove, problem, busy }
}
