import type { Order, OrderLine } from '../model'
import { hashText, seeded } from '../geometry'
import { addDays, type Day } from '../time'

/** What a nursery answers: the order with what it fills in. Every nursery is spoken to in these four steps. */
interface Nursery {
  /** Stock, prices, days and what could stand in: nothing is bound by it. */
  ask(order: Order, today: Day): Order
  order(order: Order, today: Day): Order
  confirm(order: Order, today: Day): Order
  deliver(order: Order, today: Day): Order
}

interface NurseryFigures {
  /** Shares of lines that are out of stock, promised short, late, and that come short, wrong or poor. */
  readonly out: number
  readonly short: number
  readonly late: number
  readonly wrong: number
  readonly poor: number
  readonly leadDays: number
}
const USUAL_NURSERY: NurseryFigures = { out: 0.06, short: 0.1, late: 0.12, wrong: 0.03, poor: 0.05, leadDays: 10 }

/** At most so many are missing of a line that comes short, and so many days is a late line late. */
const SHORT_BY = 6
const LATE_DAYS = 7

interface Fate {
  readonly out: boolean
  readonly short: number
  readonly late: boolean
  readonly wrong: number
  readonly poor: number
  readonly leadDays: number
}

/**
 * A nursery that is made up and always answers the same for the same order: some kinds are out, some come short, late, wrong or with poor
 * roots, each by its share. `standIn` names what it would send instead of a kind.
 */
export function simulatedNursery(
  seed: number,
  standIn: (plantId: string) => string = () => '',
  figures: NurseryFigures = USUAL_NURSERY,
): Nursery {
  const fateOf = (order: Order, line: OrderLine): Fate => {
    const next = seeded(seed ^ hashText(`${order.id}|${line.plantId}|${line.size}`))
    const [out, short, late, wrong, poor, lead] = [next(), next(), next(), next(), next(), next()]
    const few = (share: number, of: number) =>
      share < of ? Math.max(1, Math.min(SHORT_BY, Math.floor(line.count / 3))) : 0
    return {
      out: out < figures.out,
      short: few(short, figures.short),
      late: late < figures.late,
      wrong: few(wrong, figures.wrong) > 0 ? 1 : 0,
      poor: few(poor, figures.poor) > 0 ? 1 : 0,
      leadDays: Math.round(figures.leadDays * (0.5 + lead)),
    }
  }
  const each = (
    order: Order,
    state: Order['state'],
    of: (line: OrderLine, fate: Fate) => Partial<OrderLine>,
  ): Order => ({
    ...order,
    state,
    lines: order.lines.map((line) => ({ ...line, ...of(line, fateOf(order, line)) })),
  })
  const answer = (today: Day) => (line: OrderLine, fate: Fate) => ({
    confirmed: fate.out ? 0 : line.count - fate.short,
    expected: fate.out ? '' : addDays(today, fate.leadDays),
    offeredId: fate.out ? standIn(line.plantId) : '',
    note: noteOf(fate),
  })
  return {
    ask: (order, today) => each(order, 'asked', answer(today)),
    order: (order, today) => ({
      ...each(order, 'ordered', () => ({ confirmed: null, expected: '' })),
      made: order.made || today,
    }),
    confirm: (order, today) =>
      each(order, 'confirmed', (line, fate) => {
        const said = answer(today)(line, fate)
        return { ...said, expected: said.expected && fate.late ? addDays(said.expected, LATE_DAYS) : said.expected }
      }),
    deliver: (order) =>
      each(order, 'delivered', (line, fate) => {
        const came = line.confirmed ?? (fate.out ? 0 : line.count - fate.short)
        const wrongColour = Math.min(came, fate.wrong)
        const poorRoot = Math.min(came - wrongColour, fate.poor)
        return { confirmed: came, received: came - wrongColour - poorRoot, wrongColour, poorRoot }
      }),
  }
}

function noteOf({ out, short, late }: Fate): string {
  if (out) return 'out of stock'
  const words = [...(short > 0 ? [`${short} fewer than asked`] : []), ...(late ? ['a week late'] : [])]
  return words.join(', ')
}
