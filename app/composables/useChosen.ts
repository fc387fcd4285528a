import type { Drift } from '~~/core/model'

/** The drift that is chosen, its plants, and what can be done with it. */
export const useChosen = createSharedComposable(() => {
  const store = useBedStore()
  const compose = useComposeStore()
  const library = useLibraryStore()
  const { scene } = useScene()

  const drift = computed(() => store.bed?.drifts.find((d) => d.id === compose.driftId) ?? null)
  const plant = computed(() => (drift.value ? (library.byId.get(drift.value.plantId) ?? null) : null))
  const placed = computed(() =>
    drift.value ? (scene.value?.placement.plants ?? []).filter((p) => p.driftId === drift.value!.id) : [],
  )
  const chosenIds = computed<ReadonlySet<string>>(() => {
    if (compose.many.length > 0) {
      const all = new Set(compose.many)
      return new Set((scene.value?.placement.plants ?? []).filter((p) => all.has(p.driftId)).map((p) => p.id))
    }
    return new Set(
      compose.plantId && placed.value.some((p) => p.id === compose.plantId)
        ? [compose.plantId]
        : placed.value.map((p) => p.id),
    )
  })

  function change(driftId: string, changes: Partial<Omit<Drift, 'id'>>) {
    store.edit({ kind: 'changeDrift', driftId, change: changes })
  }

  /** A place along the front, within the bed, to the centimetre. */
  const within = (s: number) =>
    Math.round(Math.min(scene.value?.frame.frontLength ?? 1, Math.max(0, s)) * 100) / 100

  function remove(driftId: string) {
    store.edit({ kind: 'removeDrift', driftId })
    if (compose.driftId === driftId) compose.choose(null)
  }

  /** Puts one plant of a drift at a place and keeps it there. */
  function pin(driftId: string, index: number, x: number, y: number, how: 'edit' | 'preview' = 'edit') {
    const round = (n: number) => Math.round(n * 1000) / 1000
    const others = (store.kept?.pins ?? []).filter((p) => p.driftId === driftId && p.index !== index)
    store[how]({ kind: 'setPins', driftId, pins: [...others, { driftId, index, x: round(x), y: round(y) }] })
  }

  function unpin(driftId: string, index: number) {
    store.edit({
      kind: 'setPins',
      driftId,
      pins: (store.kept?.pins ?? []).filter((p) => p.driftId === driftId && p.index !== index),
    })
  }

  return { drift, plant, placed, chosenIds, change, within, remove, pin, unpin }
})
