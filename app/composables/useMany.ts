import type { DriftOrder, OrderKind } from '~~/core/model'
import {
  alignDrifts,
  copyInto,
  copyMirrored,
  distributeDrifts,
  holdOrder,
  joinDrifts,
  moveDrifts,
  orderPlaces,
  removeDrifts,
  type Edit,
  type OrderPlace,
} from '~~/core/edit'
import { toMm } from '~~/core/geometry'

/** What can be done with all drifts that are chosen; with one alone as well. */
export const useMany = createSharedComposable(() => {
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

  /** Lines to mirror about or stand in line with, and the one that is chosen. */
  const places = computed(() => {
    const now = scene.value
    return (now ? orderPlaces(now.bed, now.frame) : []).map((p, i) => ({
      ...p,
      value: p.about,
      label: wordsOf(p, i),
    }))
  })
  const about = ref('middle')
  const place = computed(() => places.value.find((p) => p.about === about.value) ?? places.value[0] ?? null)

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
  function mirrorCopy(isHeld: boolean) {
    if (!store.bed || !place.value) return
    const hold = isHeld ? { about: place.value.about } : null
    edit(copyMirrored(store.bed, ids.value, place.value.atM, newId, hold))
  }
  /** Holds the chosen drifts in an order; a mirror and a line go by the line that is chosen. */
  function hold(kind: OrderKind, stepM = 0) {
    if (!store.bed) return
    const line = kind === 'mirror' || kind === 'aligned' ? place.value : null
    const order: DriftOrder = {
      id: newId(),
      kind,
      driftIds: [...drifts.value].sort((a, b) => a.at - b.at).map((d) => d.id),
      atM: toMm(line?.atM ?? 0),
      stepM,
      about: line?.about ?? '',
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
    const other = await ask('bed', `/api/beds/${encodeURIComponent(bedId)}`)
    const made = copyInto(store.bed, ids.value, other.value, newId)
    await request(`/api/beds/${encodeURIComponent(bedId)}/edits`, {
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
    about,
    place,
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
})

const WORDS = {
  middle: 'the middle of the bed',
  across: 'the line across it',
  window: 'window',
  door: 'door',
} as const
/** Windows and doors are counted from the left, after the middle line. */
const wordsOf = ({ kind }: OrderPlace, i: number) =>
  kind === 'window' || kind === 'door' ? `${WORDS[kind]} ${i}` : WORDS[kind]
