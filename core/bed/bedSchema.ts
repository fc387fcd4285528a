import { z } from 'zod'
import { bedShape } from '../model'
import { checkForm } from './checkForm'
import { checkOutline } from './checkOutline'

/** The parts of a bed, each checked as far as it can be by itself. */
export const checkedParts = {
  ...bedShape,
  form: bedShape.form.superRefine((value, context) => {
    const checked = checkForm(value)
    if (!checked.ok) context.addIssue({ code: 'custom', message: checked.error })
  }),
  outline: bedShape.outline.superRefine((value, context) => {
    const checked = checkOutline(value)
    if (!checked.ok) context.addIssue({ code: 'custom', message: checked.error })
  }),
}
/** Beds of earlier versions have not all parts. */
const storedParts = {
  ...checkedParts,
  form: checkedParts.form.default({ kind: 'foundation' }),
  laneStations: checkedParts.laneStations.default([]),
  features: checkedParts.features.default([]),
  orders: checkedParts.orders.default([]),
  notes: checkedParts.notes.default([]),
  existing: checkedParts.existing.default([]),
  sets: checkedParts.sets.default([]),
}

const twice = (keys: readonly string[]) => new Set(keys).size !== keys.length
type Parts = { [K in keyof typeof storedParts]: z.infer<(typeof storedParts)[K]> }

/** What must not come twice in a bed: the part, what names one of it, and the words when one does. */
const ONCE: readonly (readonly [keyof Parts, (bed: Parts) => string[], string])[] = [
  ['drifts', (b) => b.drifts.map((d) => d.id), 'Two drifts have the same id.'],
  ['pins', (b) => b.pins.map((p) => `${p.driftId}:${p.index}`), 'One plant is pinned in two places.'],
  ['accepted', (b) => b.accepted.map((a) => a.findingId), 'One finding is accepted twice.'],
  ['buying', (b) => b.buying.map((x) => x.plantId), 'One plant is bought in two sizes.'],
  ['existing', (b) => b.existing.map((e) => e.id), 'Two plants that stand there have the same id.'],
  ['features', (b) => b.features.map((f) => f.id), 'Two things have the same id.'],
  ['orders', (b) => b.orders.map((o) => o.id), 'Two orders have the same id.'],
  ['notes', (b) => b.notes.map((n) => n.id), 'Two notes have the same id.'],
]
const hasLane = (bed: Parts, lane: number) => lane < bed.laneShares.length
const hasDrift = (bed: Parts, id: string) => bed.drifts.some((d) => d.id === id)

/** What must hold among the parts of a bed. */
const HOLDS: readonly (readonly [keyof Parts, (bed: Parts) => boolean, string])[] = [
  ['drifts', (b) => b.drifts.every((d) => hasLane(b, d.lane)), 'A drift stands in a lane the bed does not have.'],
  ['pins', (b) => b.pins.every((p) => hasDrift(b, p.driftId)), 'A pin belongs to a drift the bed does not have.'],
  [
    'orders',
    (b) => b.orders.every((o) => o.driftIds.every((id) => hasDrift(b, id))),
    'An order names a drift the bed does not have.',
  ],
  [
    'laneStations',
    (b) => b.laneStations.every((s) => s.shares.length === b.laneShares.length),
    'A place where lanes differ has not as many lanes as the bed.',
  ],
  [
    'drifts',
    (b) => b.drifts.every((d) => !d.numbers || (d.numbers.length === d.count && !twice(d.numbers.map(String)))),
    'The plants of a drift are not numbered one by one.',
  ],
  ['drifts', (b) => b.drifts.reduce((sum, d) => sum + d.count, 0) <= 5000, 'A bed holds at most 5000 plants.'],
]

/** A bed as it crosses the wire and rests in the database; parsed on the way in and out. */
export const bedSchema = z.object(storedParts).superRefine((bed, context) => {
  for (const [path, keys, message] of ONCE)
    if (twice(keys(bed))) context.addIssue({ code: 'custom', path: [path], message })
  for (const [path, holds, message] of HOLDS)
    if (!holds(bed)) context.addIssue({ code: 'custom', path: [path], message })
})
