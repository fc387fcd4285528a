import { acrossAlong, middleAlong, type Order, type OrderKind } from '~~/core/bed'
import {
  alignDrifts,
  copyInto,
  copyMirrored,
  distributeDrifts,
  holdOrder,
  joinDrifts,
  moveDrifts,
  removeDrifts,
  type Edit,
} from '~~/core/edit'
import type { StoredBed } from '~~/shared/wire'

/** A place that drifts can be mirrored about or set in line with. */
export interface OrderPlace {
  readonly value: string
  readonly label: string
  readonly atM: number
}

/** What can be done with all drifts that are chosen; with one alone as well. */
export function useMany() {
  const store = useBedStore()
  const compose = useComposeStore()
  const { scene } = useScene()
  const ids = computed(() =>
    compose.many.length > 0 ? compose.many : [compose.driftId].filter((id) => id !== null),
  )
  const drifts = computed(() => (store.bed?.drifts ?? []).filter((d) => ids.value.includes(d.id)))
  const orders = computed(() =>
    (store.bed?.orders ?? []).filter((o) => o.driftIds.some((id) => ids.value.includes(id))),
  )

  /** The bed's middle, the middles of its windows and doors, and where the chosen drifts' own middle lies. */
  const places = computed<OrderPlace[]>(() => {
    const now = scene.value
    if (!now) return []
    const { frame, bed } = now
    const openings = frame.closed ? [] : (bed.wall?.openings ?? [])
    const inBed = openings.filter((o) => o.x + o.widthM / 2 > frame.firstX && o.x + o.widthM / 2 < frame.lastX)
    return [
      { value: 'middle', label: 'the middle of the bed', atM: middleAlong(frame) },
      ...(frame.closed ? [{ value: 'across', label: 'the line across it', atM: acrossAlong(frame) }] : []),
      ...inBed.map((o, i) => ({
        value: o.id,
        label: `${o.sillM < DOOR_BELOW_M ? 'door' : 'window'} ${nth(i)}`,
        atM: frame.sAt(o.x + o.widthM / 2),
      })),
    ]
  })

  const edit = (made: Edit | null) => {
    if (made) store.edit(made)
    return made !== null
  }
  const align = () => store.bed && edit(alignDrifts(store.bed, ids.value))
  const distribute = () => store.bed && edit(distributeDrifts(store.bed, ids.value))
  const move = (byM: number) => store.bed && edit(moveDrifts(store.bed, ids.value, byM))
  const canJoin = computed(() => store.bed !== null && joinDrifts(store.bed, ids.value) !== null)
  function join() {
    if (store.bed && edit(joinDrifts(store.bed, ids.value))) compose.choose(ids.value[0] ?? null)
  }
  function remove() {
    edit(removeDrifts(ids.value))
    compose.choose(null)
  }
  function mirrorCopy(place: OrderPlace, isHeld: boolean) {
    if (!store.bed) return
    edit(copyMirrored(store.bed, ids.value, place.atM, newId, isHeld ? { about: place.value } : null))
  }
  function hold(kind: OrderKind, place: OrderPlace | null, stepM = 0) {
    if (!store.bed) return
    const order: Order = {
      id: newId(),
      kind,
      driftIds: [...drifts.value].sort((a, b) => a.at - b.at).map((d) => d.id),
      atM: Math.round((place?.atM ?? 0) * 1000) / 1000,
      stepM,
      about: place?.value ?? '',
    }
    edit(holdOrder(store.bed, order))
  }
  function letGo() {
    if (!store.bed) return
    const gone = new Set(orders.value.map((o) => o.id))
    edit({ kind: 'setBed', change: { orders: store.bed.orders.filter((o) => !gone.has(o.id)) } })
  }
  /** Copies the chosen drifts into another bed of the garden and saves it there; the answer says what happened. */
  async function copyTo(bedId: string): Promise<string> {
    if (!store.bed) return ''
    const other = await $fetch<StoredBed>(`/api/beds/${encodeURIComponent(bedId)}`)
    const made = copyInto(store.bed, ids.value, other.value, newId)
    await $fetch(`/api/beds/${encodeURIComponent(bedId)}/edits`, {
      method: 'POST',
      body: { revision: other.revision, edits: [{ id: newId(), how: 'edit', edit: made }] },
    })
    return `Copied into ${other.value.name}.`
  }
  return {
    ids,
    drifts,
    orders,
    places,
    align,
    distribute,
    move,
    canJoin,
    join,
    remove,
    mirrorCopy,
    hold,
    letGo,
    copyTo,
  }
}

const DOOR_BELOW_M = 0.3
