import type { Plant } from '~~/core/plant'

/** The bed's shortlist: what is on it, and how more comes onto it. */
export function useShortlist() {
  const store = useBedStore()
  const listed = computed(() => new Set(store.bed?.shortlist ?? []))
  function take(plants: readonly Plant[]) {
    store.edit({ kind: 'setShortlist', plantIds: [...new Set([...listed.value, ...plants.map((p) => p.id)])] })
  }
  const isListed = (plants: readonly Plant[]) => plants.every((p) => listed.value.has(p.id))
  return { listed, take, isListed }
}
