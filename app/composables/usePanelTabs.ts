/** The tabs beside the pictures of a bed, with how much each holds. */
export function usePanelTabs() {
  const store = useBedStore()
  const { findings } = useScene()
  const thingCount = computed(() => {
    const { features = [], orders = [], notes = [] } = store.bed ?? {}
    return features.length + orders.length + notes.length
  })
  const findingCount = computed(() => findings.value.length)
  const shortCount = computed(() => store.bed?.shortlist.length ?? 0)
  const driftCount = computed(() => store.bed?.drifts.length ?? 0)
  return computed(() => [
    { id: 'look' as const, label: 'Second look', count: findingCount.value },
    { id: 'shortlist' as const, label: 'Shortlist', count: shortCount.value },
    { id: 'list' as const, label: 'List', count: driftCount.value },
    { id: 'things' as const, label: 'Things', count: thingCount.value || undefined },
  ])
}
