import type { Bed, Drift, DriftOrder } from '../model'
import { bedFrame, mirrorOf, withCount, withoutNumbers } from '../bed'
import { toMm, clamp } from '../geometry'
import type { Edit } from './editSchema'
import { frontPlace } from './orderPlaces'

/** A plant of a drift and where it stands, metres in plan. */
interface Standing {
  readonly driftId: string
  readonly index: number
  readonly x: number
  readonly y: number
  readonly along: number
}

const all = (name: string, edits: readonly Edit[]): Edit => ({ kind: 'all', name, edits })
const driftsOf = (bed: Bed, ids: readonly string[]) => bed.drifts.filter((d) => ids.includes(d.id))

/** All drifts at one place along the bed: the mean of theirs. */
export function alignDrifts(bed: Bed, ids: readonly string[]): Edit {
  const frame = bedFrame(bed)
  const drifts = driftsOf(bed, ids)
  const mean = drifts.reduce((sum, d) => sum + frame.alongAt(d.at), 0) / Math.max(1, drifts.length)
  return all(
    'align drifts',
    drifts.map((d) => ({ kind: 'changeDrift', driftId: d.id, change: { at: frontPlace(frame, mean) } })),
  )
}

/** Drifts equally far apart between the first and the last of them. */
export function distributeDrifts(bed: Bed, ids: readonly string[]): Edit {
  const frame = bedFrame(bed)
  const drifts = driftsOf(bed, ids).sort((a, b) => frame.alongAt(a.at) - frame.alongAt(b.at))
  const from = frame.alongAt(drifts[0]?.at ?? 0)
  const step = (frame.alongAt(drifts[drifts.length - 1]?.at ?? 0) - from) / Math.max(1, drifts.length - 1)
  const edits = drifts.map((d, i): Edit => ({
    kind: 'changeDrift',
    driftId: d.id,
    change: { at: frontPlace(frame, from + i * step) },
  }))
  return all('set drifts at equal steps', edits)
}

/** All drifts moved along the bed by so much, as far as the bed goes: together, so that they keep their distances. */
export function moveDrifts(bed: Bed, ids: readonly string[], byM: number): Edit {
  const frame = bedFrame(bed)
  const drifts = driftsOf(bed, ids)
  const as = drifts.map((d) => frame.alongAt(d.at))
  const by = frame.closed ? byM : clamp(byM, frame.runFrom - Math.min(...as), frame.runTo - Math.max(...as))
  const edits = drifts.map((d, i): Edit => ({
    kind: 'changeDrift',
    driftId: d.id,
    change: { at: frontPlace(frame, as[i]! + by) },
  }))
  return all('move drifts', edits)
}

export const removeDrifts = (ids: readonly string[]): Edit =>
  all(
    'remove drifts',
    ids.map((driftId) => ({ kind: 'removeDrift', driftId })),
  )

/** One plant of a drift becomes another kind, where it stands: a drift of one at that measured place. */
export function swapOnePlant(bed: Bed, plant: Standing, plantId: string, newId: string): Edit | null {
  const drift = bed.drifts.find((d) => d.id === plant.driftId)
  if (!drift) return null
  const frame = bedFrame(bed)
  const { a, v } = frame.locate(plant)
  const out = clamp(v / Math.max(1e-6, frame.depthAlong(a)), 0, 1)
  const single: Drift = {
    id: newId,
    plantId,
    lane: drift.lane,
    count: 1,
    pattern: 'row',
    at: toMm(frame.sAt(a)),
    everyM: drift.everyM,
    shape: { kind: 'exact', out },
  }
  return all('swap one plant', [
    { kind: 'removePlant', driftId: drift.id, index: plant.index },
    { kind: 'addDrift', drift: single },
  ])
}

/** A drift in two: those left of its middle stay, those right of it become a drift of their own, with as many of either as there are. */
export function splitDrift(bed: Bed, driftId: string, standing: readonly Standing[], newId: string): Edit | null {
  const drift = bed.drifts.find((d) => d.id === driftId)
  if (!drift || drift.count < 2 || drift.shape?.kind === 'exact') return null
  const frame = bedFrame(bed)
  const own = standing.filter((p) => p.driftId === driftId).sort((p, q) => p.along - q.along || p.index - q.index)
  if (own.length < 2) return null
  const left = own.slice(0, Math.ceil(own.length / 2))
  const right = own.slice(left.length)
  const middle = (list: readonly Standing[]) =>
    frontPlace(frame, list.reduce((sum, p) => sum + p.along, 0) / list.length)
  const halved = halfShape(drift)
  const second: Drift = { ...withoutNumbers(drift), ...halved, id: newId, count: right.length, at: middle(right) }
  const gone = right.map((p): Edit => ({ kind: 'removePlant', driftId, index: p.index }))
  return all('split drift', [
    ...gone,
    { kind: 'changeDrift', driftId, change: { at: middle(left), ...halved } },
    { kind: 'addDrift', drift: second, position: bed.drifts.indexOf(drift) + 1 },
  ])
}

/** A long shape is half as long on either side. */
function halfShape({ shape }: Drift): Pick<Drift, 'shape'> | object {
  if (shape?.kind === 'lens' || shape?.kind === 'scatter')
    return { shape: { ...shape, lengthM: toMm(shape.lengthM / 2) } }
  if (shape?.kind !== 'ribbon' && !(shape?.kind === 'hedge' && !shape.closed)) return {}
  return { shape: { ...shape, line: shape.line.map(({ x, y }) => ({ x: toMm(x / 2), y: toMm(y / 2) })) } }
}

/** Drifts of one kind as one: as many as all of them, in their middle, in the first one's lane and shape. Null for different kinds. */
export function joinDrifts(bed: Bed, ids: readonly string[]): Edit | null {
  const drifts = driftsOf(bed, ids)
  const [first, ...others] = drifts
  const kind = (d: Drift) => JSON.stringify([d.plantId, d.mix ?? null])
  if (!first || others.length === 0 || others.some((d) => kind(d) !== kind(first))) return null
  const frame = bedFrame(bed)
  const count = Math.min(
    MOST,
    drifts.reduce((sum, d) => sum + d.count, 0),
  )
  const at =
    drifts.reduce((sum, d) => sum + frame.alongAt(d.at) * d.count, 0) / drifts.reduce((sum, d) => sum + d.count, 0)
  const { numbers, nextNumber } = withCount(first, count)
  const change = { count, numbers: numbers ?? null, nextNumber: nextNumber ?? null, at: frontPlace(frame, at) }
  return all('join drifts', [
    ...others.map((d): Edit => ({ kind: 'removeDrift', driftId: d.id })),
    { kind: 'changeDrift', driftId: first.id, change },
  ])
}

const MOST = 500

/** Copies of drifts at their mirrored places, about a place along the front edge, each pair held as a mirror when that is wished. */
export function copyMirrored(
  bed: Bed,
  ids: readonly string[],
  atM: number,
  newId: () => string,
  hold: { readonly about: string } | null,
): Edit {
  const frame = bedFrame(bed)
  const line = frame.alongAt(atM)
  const drifts = driftsOf(bed, ids)
  const copies = new Map(drifts.map((d) => [d.id, newId()]))
  const counterpart = (id: string) => copies.get(id) ?? id
  const edits = drifts.map((d): Edit => {
    const at = frontPlace(frame, 2 * line - frame.alongAt(d.at))
    const drift = { ...mirrorOf(d, at, counterpart), id: copies.get(d.id)! }
    return { kind: 'addDrift', drift: withoutNothing(drift) }
  })
  const orders = drifts.map((d): DriftOrder => ({
    id: newId(),
    kind: 'mirror',
    driftIds: [d.id, copies.get(d.id)!],
    atM: toMm(atM),
    stepM: 0,
    about: hold?.about ?? 'place',
  }))
  const held: Edit[] = hold ? [{ kind: 'setBed', change: { orders: [...bed.orders, ...orders] } }] : []
  return all('copy mirrored', [...edits, ...held])
}

/** A drift without the parts that say nothing. */
function withoutNothing({ shape, mix, ...drift }: Drift): Drift {
  return { ...drift, ...(shape ? { shape } : {}), ...(mix ? { mix } : {}) }
}

/** Drifts as another bed takes them: at the same share of its length, in a lane that it has, with no tie to what they leave. */
export function copyInto(from: Bed, ids: readonly string[], into: Bed, newId: () => string): Edit {
  const [here, there] = [bedFrame(from), bedFrame(into)]
  const copies = new Map(driftsOf(from, ids).map((d) => [d.id, newId()]))
  const edits = driftsOf(from, ids).map((d): Edit => {
    const share = d.at / Math.max(1e-6, here.frontLength)
    const lane = Math.min(d.lane, into.laneShares.length - 1)
    const shape = d.shape ? untied(d.shape, copies) : null
    const drift = { ...withoutNumbers(d), id: copies.get(d.id)!, lane, at: toMm(share * there.frontLength), shape }
    return { kind: 'addDrift', drift: withoutNothing(drift) }
  })
  return all('copy from another bed', edits)
}

/** What goes by a plant that was not copied stands at its own place. */
function untied(shape: NonNullable<Drift['shape']>, copies: ReadonlyMap<string, string>): Drift['shape'] {
  switch (shape.kind) {
    case 'ring': {
      const id = shape.about && copies.get(shape.about.driftId)
      return { ...shape, about: id ? { ...shape.about!, driftId: id } : null }
    }
    case 'beneath':
      return { ...shape, about: (shape.about && copies.get(shape.about)) ?? null }
    case 'climb': {
      const id = shape.about?.on === 'plant' ? copies.get(shape.about.driftId) : undefined
      return { ...shape, about: id && shape.about?.on === 'plant' ? { ...shape.about, driftId: id } : null }
    }
    default:
      return shape
  }
}

/** Another kind in a drift's mix, or the mix let go when none is left. */
export const withMix = (drift: Drift, mix: Drift['mix']): Edit => ({
  kind: 'changeDrift',
  driftId: drift.id,
  change: { mix: mix && mix.others.length > 0 ? mix : null },
})

/** An order among drifts, and what follows from it at once: the first of them leads. */
export const holdOrder = (bed: Bed, order: DriftOrder): Edit =>
  all('hold an order', [
    { kind: 'setBed', change: { orders: [...bed.orders.filter((o) => o.id !== order.id), order] } },
    { kind: 'changeDrift', driftId: order.driftIds[0]!, change: {} },
  ])

export const letOrderGo = (bed: Bed, orderId: string): Edit => ({
  kind: 'setBed',
  change: { orders: bed.orders.filter((o) => o.id !== orderId) },
})
