import type { Bed, Drift, Pin } from '../model'
import { mergeParts, rebaseChange, type Choose, type Merged } from '../merge'
import type { Edit } from './editSchema'
import { ordersWithout } from './orders'

/** A drift with the plants of it that were set by hand: who removes it removes them, and changing them is changing it. */
export interface Group {
  readonly figures: Drift
  readonly pins: readonly Pin[]
}
type Grouped = Omit<Bed, 'drifts' | 'pins'> & { readonly drifts: readonly Group[] }

const grouped = ({ pins, ...bed }: Bed): Grouped => ({
  ...bed,
  drifts: bed.drifts.map((figures) => ({ figures, pins: pins.filter((p) => p.driftId === figures.id) })),
})

/** Joins two versions of a bed that both came from `base`, drift by drift and thing by thing; see {@link mergeParts}. */
export function mergeBeds(base: Bed, mine: Bed, theirs: Bed, choose?: Choose): Merged<Bed> {
  const { value, meetings } = mergeParts(grouped(base), grouped(mine), grouped(theirs), choose)
  const drifts = value.drifts.map((g) => g.figures)
  const there = new Set(drifts.map((d) => d.id))
  const gone = new Set(value.orders.flatMap((o) => o.driftIds).filter((id) => !there.has(id)))
  const orders = [...gone].reduce(ordersWithout, value.orders)
  return { value: { ...value, drifts, pins: value.drifts.flatMap((g) => g.pins), orders }, meetings }
}

/** An edit that sets whole parts of a bed, so that it leaves alone what others changed of them between `base` and `theirs`. */
export function rebaseEdit(edit: Edit, base: Bed, theirs: Bed): Edit {
  const at = <T>(from: T, to: T, there: T): T => mergeParts(from, to, there).value
  switch (edit.kind) {
    case 'replace':
      return { kind: 'replace', bed: mergeBeds(base, edit.bed, theirs).value }
    case 'setExisting':
      return { kind: 'setExisting', existing: at(base.existing, edit.existing, theirs.existing) }
    case 'setShortlist':
      return { kind: 'setShortlist', plantIds: at(base.shortlist, edit.plantIds, theirs.shortlist) }
    case 'setPins': {
      const [from, there] = [base, theirs].map((b) => b.pins.filter((p) => p.driftId === edit.driftId)) as [
        Pin[],
        Pin[],
      ]
      return { ...edit, pins: at<readonly Pin[]>(from, edit.pins, there) }
    }
    case 'setBed':
      return rebaseChange(edit, base, theirs)
    case 'all':
      return { ...edit, edits: edit.edits.map((e) => rebaseEdit(e, base, theirs)) }
    default:
      return edit
  }
}
