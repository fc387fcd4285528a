import type { Edit } from './editSchema'
import type { Bed, Drift } from '../model'
import { laneMiddleShare, numbersOf, withCount, withoutPlant } from '../bed'
import { followersOf, ordersWithout } from './orders'

interface Edited {
  readonly bed: Bed
  readonly inverse: Edit
}

/** Applies an edit. An edit that names something no longer there changes nothing and has an empty inverse. */
export function applyEdit(bed: Bed, edit: Edit): Edited {
  switch (edit.kind) {
    case 'addDrift': {
      if (bed.drifts.some((d) => d.id === edit.drift.id)) return { bed, inverse: NOTHING }
      const drifts = [...bed.drifts]
      drifts.splice(edit.position ?? drifts.length, 0, edit.drift)
      return { bed: { ...bed, drifts }, inverse: { kind: 'removeDrift', driftId: edit.drift.id } }
    }
    case 'removeDrift':
      return removeDrift(bed, edit.driftId)
    case 'changeDrift':
      return edit.alone
        ? changeDrift(bed, edit.driftId, edit.change)
        : changeInOrder(bed, edit.driftId, edit.change)
    case 'removePlant':
      return removePlant(bed, edit.driftId, edit.index)
    case 'setPins': {
      const before = bed.pins.filter((p) => p.driftId === edit.driftId)
      const pins = [...bed.pins.filter((p) => p.driftId !== edit.driftId), ...edit.pins]
      return { bed: { ...bed, pins }, inverse: { kind: 'setPins', driftId: edit.driftId, pins: before } }
    }
    case 'accept': {
      const before = bed.accepted.find((a) => a.findingId === edit.acceptance.findingId)
      const accepted = [...bed.accepted.filter((a) => a !== before), edit.acceptance]
      return {
        bed: { ...bed, accepted },
        inverse: before
          ? { kind: 'accept', acceptance: before }
          : { kind: 'unaccept', findingId: edit.acceptance.findingId },
      }
    }
    case 'unaccept': {
      const before = bed.accepted.find((a) => a.findingId === edit.findingId)
      if (!before) return { bed, inverse: NOTHING }
      return {
        bed: { ...bed, accepted: bed.accepted.filter((a) => a !== before) },
        inverse: { kind: 'accept', acceptance: before },
      }
    }
    case 'setBuying': {
      const before = bed.buying.find((b) => b.plantId === edit.plantId) ?? null
      const buying = [...bed.buying.filter((b) => b !== before), ...(edit.buying ? [edit.buying] : [])]
      return { bed: { ...bed, buying }, inverse: { kind: 'setBuying', plantId: edit.plantId, buying: before } }
    }
    case 'setShortlist':
      return {
        bed: { ...bed, shortlist: edit.plantIds },
        inverse: { kind: 'setShortlist', plantIds: bed.shortlist },
      }
    case 'setBed':
      return { bed: { ...bed, ...edit.change }, inverse: { kind: 'setBed', change: formerOf(bed, edit.change) } }
    case 'setExisting':
      return { bed: { ...bed, existing: edit.existing }, inverse: { kind: 'setExisting', existing: bed.existing } }
    case 'replace':
      return { bed: { ...FORMER, ...edit.bed }, inverse: { kind: 'replace', bed } }
    case 'all':
      return applyAll(bed, edit)
  }
}

/** What beds of earlier versions, as steps taken then hold them, do not say. */
const FORMER = { laneStations: [], features: [], orders: [], notes: [] }

const NOTHING: Edit = { kind: 'all', edits: [], name: 'nothing' }

function removeDrift(bed: Bed, driftId: string): Edited {
  const position = bed.drifts.findIndex((d) => d.id === driftId)
  const drift = bed.drifts[position]
  if (!drift) return { bed, inverse: NOTHING }
  const pins = bed.pins.filter((p) => p.driftId === driftId)
  const add: Edit = { kind: 'addDrift', drift, position }
  const orders = ordersWithout(bed.orders, driftId)
  const back: Edit[] = [
    add,
    ...(pins.length > 0 ? [{ kind: 'setPins', driftId, pins } as const] : []),
    ...(orders !== bed.orders ? [{ kind: 'setBed', change: { orders: bed.orders } } as const] : []),
  ]
  return {
    bed: {
      ...bed,
      orders,
      drifts: bed.drifts.filter((d) => d.id !== driftId),
      pins: bed.pins.filter((p) => p.driftId !== driftId),
    },
    inverse: back.length === 1 ? add : { kind: 'all', name: 'put back', edits: back },
  }
}

/** A change of a drift, and what follows from it by the bed's orders. */
function changeInOrder(bed: Bed, driftId: string, change: Partial<Omit<Drift, 'id'>>): Edited {
  const before = bed.drifts.find((d) => d.id === driftId)
  const done = changeDrift(bed, driftId, change)
  const followers = before ? followersOf(done.bed, before) : []
  if (followers.length === 0) return done
  let now = done.bed
  const inverses = [done.inverse]
  for (const follower of followers) {
    const next = changeDrift(now, follower.driftId, follower.change)
    now = next.bed
    inverses.unshift(next.inverse)
  }
  return { bed: now, inverse: { kind: 'all', name: 'change back', edits: inverses } }
}

/** Fewer plants or another lane let go of pins that no longer mean anything; the inverse brings them back. */
function changeDrift(bed: Bed, driftId: string, change: Partial<Omit<Drift, 'id'>>): Edited {
  const drift = bed.drifts.find((d) => d.id === driftId)
  if (!drift) return { bed, inverse: NOTHING }
  const isNumbered = change.numbers !== undefined || change.count === undefined
  const after = isNumbered ? { ...drift, ...change } : { ...withCount(drift, change.count!), ...change }
  return exchange(bed, drift, plain(inItsLane(bed, after, change)))
}

/** A drift of its own shape that is set in another lane lies in the middle of that lane. */
function inItsLane({ laneShares }: Bed, drift: Drift, change: Partial<Drift>): Drift {
  if (!drift.shape || change.shape !== undefined || change.lane === undefined) return drift
  return { ...drift, shape: { ...drift.shape, out: laneMiddleShare(laneShares, drift.lane) } }
}

/** Takes one plant out of a drift by its number; the last one takes the drift with it. */
function removePlant(bed: Bed, driftId: string, number: number): Edited {
  const drift = bed.drifts.find((d) => d.id === driftId)
  if (!drift) return { bed, inverse: NOTHING }
  const after = withoutPlant(drift, number)
  return after ? exchange(bed, drift, after) : removeDrift(bed, driftId)
}

function exchange(bed: Bed, drift: Drift, after: Drift): Edited {
  const own = bed.pins.filter((p) => p.driftId === drift.id)
  const numbers = new Set(numbersOf(after))
  const kept = after.lane === drift.lane ? own.filter((p) => numbers.has(p.index)) : []
  const changed = { ...bed, drifts: bed.drifts.map((d) => (d === drift ? after : d)) }
  const back: Edit = { kind: 'changeDrift', driftId: drift.id, change: differences(after, drift), alone: true }
  if (kept.length === own.length) return { bed: changed, inverse: back }
  return {
    bed: { ...changed, pins: [...bed.pins.filter((p) => p.driftId !== drift.id), ...kept] },
    inverse: { kind: 'all', name: 'change back', edits: [back, { kind: 'setPins', driftId: drift.id, pins: own }] },
  }
}

/** What must change of one drift to make it the other; numbers go with the count, so that they come back as they were. */
function differences(from: Drift, to: Drift): Partial<Omit<Drift, 'id'>> {
  const differing = Object.fromEntries(Object.entries(to).filter(([k, v]) => from[k as keyof Drift] !== v))
  const noShape = from.shape && !to.shape ? { shape: null } : {}
  const noMix = from.mix && !to.mix ? { mix: null } : {}
  const change = { ...differing, ...noShape, ...noMix }
  if (from.count === to.count) return change
  return { ...change, numbers: to.numbers ?? null, nextNumber: to.nextNumber ?? null }
}

/** Plants numbered 0, 1, 2 … need no list of numbers, a block no shape. */
function plain({ numbers, nextNumber, shape, mix, ...drift }: Drift): Drift {
  const shaped = { ...drift, ...(shape ? { shape } : {}), ...(mix ? { mix } : {}) }
  return numbers ? { ...shaped, numbers, ...(nextNumber === null ? {} : { nextNumber }) } : shaped
}

function applyAll(bed: Bed, edit: Extract<Edit, { kind: 'all' }>): Edited {
  const inverses: Edit[] = []
  let now = bed
  for (const part of edit.edits) {
    const done = applyEdit(now, part)
    now = done.bed
    inverses.unshift(done.inverse)
  }
  return { bed: now, inverse: { kind: 'all', edits: inverses, name: edit.name } }
}

const formerOf = <T extends object, C extends Partial<T>>(whole: T, change: C) =>
  Object.fromEntries(Object.keys(change).map((key) => [key, whole[key as keyof T]])) as unknown as C
