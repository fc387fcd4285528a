import type { Bed, Drift, DriftOrder } from '../model'
import { bedFrame, mirrorOf, type BedFrame } from '../bed'
import { toMm } from '../geometry'
import { frontPlace, orderPlaces } from './orderPlaces'

type Change = Partial<Omit<Drift, 'id'>>
/** What the orders of a bed make of other drifts, and of the changed one itself. */
interface Following {
  readonly driftId: string
  readonly change: Change
}

const LEAST: Readonly<Record<DriftOrder['kind'], number>> = {
  mirror: 2,
  steps: 2,
  aligned: 1,
  together: 2,
  apart: 2,
}

/** The orders of a bed without a drift: one that is left with too few is gone. */
export const ordersWithout = (orders: readonly DriftOrder[], driftId: string): readonly DriftOrder[] =>
  orders.some((o) => o.driftIds.includes(driftId))
    ? orders
        .map((o) => ({ ...o, driftIds: o.driftIds.filter((id) => id !== driftId) }))
        .filter((o) => o.driftIds.length >= LEAST[o.kind])
    : orders

/** The place along the front edge that an order goes by, metres: that of its line where the bed has it, otherwise where it was set. */
const placeOfOrder = ({ about, atM }: DriftOrder, bed: Pick<Bed, 'wall'>, frame: BedFrame): number =>
  orderPlaces(bed, frame).find((p) => p.about === about)?.atM ?? atM

/**
 * What follows from a change of one drift: drifts of its orders go with it, and those of theirs in turn, each once. `bed` is the bed
 * after the change; `before` the drift as it was.
 */
export function followersOf(bed: Bed, before: Drift): Following[] {
  if (!bed.orders.some((o) => o.driftIds.includes(before.id))) return []
  const frame = bedFrame(bed)
  const now = new Map(bed.drifts.map((d) => [d.id, d]))
  const then = new Map(now).set(before.id, before)
  const changes = new Map<string, Change>()
  const settled = new Set<string>()
  const followed = new Set<DriftOrder>()
  const queue = [before.id]
  while (queue.length > 0) {
    const id = queue.shift()!
    settled.add(id)
    for (const order of bed.orders) {
      if (!order.driftIds.includes(id) || followed.has(order)) continue
      followed.add(order)
      for (const { driftId, change } of followIn(order, id, { bed, frame, now, then })) {
        if (driftId !== id && settled.has(driftId)) continue
        const there = now.get(driftId)
        if (!there || !differs(there, change)) continue
        now.set(driftId, { ...there, ...change })
        changes.set(driftId, { ...changes.get(driftId), ...change })
        if (driftId !== id) queue.push(driftId)
      }
    }
  }
  return [...changes].map(([driftId, change]) => ({ driftId, change }))
}

interface Around {
  readonly bed: Bed
  readonly frame: BedFrame
  readonly now: ReadonlyMap<string, Drift>
  /** Drifts as they were before the change. */
  readonly then: ReadonlyMap<string, Drift>
}

function followIn(order: DriftOrder, id: string, around: Around): Following[] {
  switch (order.kind) {
    case 'mirror':
      return mirrored(order, id, around)
    case 'steps':
      return stepped(order, id, around)
    case 'aligned':
      return [{ driftId: id, change: { at: toMm(placeOfOrder(order, around.bed, around.frame)) } }]
    case 'together':
      return together(order, id, around)
    case 'apart':
      return apart(order, id, around)
  }
}

function mirrored(order: DriftOrder, id: string, { bed, frame, now }: Around): Following[] {
  const [first, second] = order.driftIds
  const other = id === first ? second! : first!
  const drift = now.get(id)!
  const line = frame.alongAt(placeOfOrder(order, bed, frame))
  const at = frontPlace(frame, 2 * line - frame.alongAt(drift.at))
  const pairs = bed.orders.filter((o) => o.kind === 'mirror')
  const counterpart = (driftId: string) => {
    const pair = pairs.find((o) => o.driftIds.includes(driftId))
    return pair?.driftIds.find((d) => d !== driftId) ?? driftId
  }
  const there = now.get(other)
  const image = mirrorOf(drift, at, counterpart)
  return [{ driftId: other, change: there ? onlyNew(there, image) : image }]
}

/** Equally far apart: at the step that is said, or evenly between the first and the last. */
function stepped({ driftIds, stepM }: DriftOrder, id: string, { frame, now, then }: Around): Following[] {
  const i = driftIds.indexOf(id)
  const last = driftIds.length - 1
  const alongOf = (n: number, drifts = now) => frame.alongAt(drifts.get(driftIds[n]!)!.at)
  const own = alongOf(i)
  const isEnd = i === 0 || i === last
  const moved = own - alongOf(i, then)
  const [from, to] =
    isEnd || stepM > 0 ? [alongOf(0), alongOf(last)] : [alongOf(0, then) + moved, alongOf(last, then) + moved]
  const step = stepM > 0 ? stepM : (to - from) / last
  const first = stepM > 0 ? own - i * step : from
  return driftIds.map((driftId, n) => ({ driftId, change: { at: frontPlace(frame, first + n * step) } }))
}

function together({ driftIds }: DriftOrder, id: string, { frame, now, then }: Around): Following[] {
  const moved = frame.alongAt(now.get(id)!.at) - frame.alongAt(then.get(id)!.at)
  if (Math.abs(moved) < 1e-9) return []
  return driftIds
    .filter((d) => d !== id)
    .map((driftId) => ({
      driftId,
      change: { at: frontPlace(frame, frame.alongAt(then.get(driftId)!.at) + moved) },
    }))
}

function apart({ driftIds, stepM }: DriftOrder, id: string, { frame, now }: Around): Following[] {
  const own = frame.alongAt(now.get(id)!.at)
  return driftIds
    .filter((d) => d !== id)
    .flatMap((driftId) => {
      const a = frame.alongAt(now.get(driftId)!.at)
      if (Math.abs(a - own) >= stepM - 1e-6) return []
      const way = a === own ? 1 : Math.sign(a - own)
      const wanted = own + way * stepM
      const isInside = frame.closed || (wanted >= frame.runFrom && wanted <= frame.runTo)
      return [{ driftId, change: { at: frontPlace(frame, isInside ? wanted : own - way * stepM) } }]
    })
}

const isSame = (a: unknown, b: unknown) => (a ?? null) === (b ?? null) || JSON.stringify(a) === JSON.stringify(b)
const differs = (drift: Drift, change: Change) =>
  Object.entries(change).some(([key, value]) => !isSame(drift[key as keyof Drift], value))
const onlyNew = (drift: Drift, change: Change): Change =>
  Object.fromEntries(Object.entries(change).filter(([key, value]) => !isSame(drift[key as keyof Drift], value)))
