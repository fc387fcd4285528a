import type { SaveState } from '~/stores/saver'

const ORDER: readonly SaveState[] = ['conflict', 'refused', 'offline', 'saving', 'waiting', 'saved']

/**
 * What undo, redo and the saved state speak of: the site, the brief or the supply while it is worked on, else the bed; what is
 * unsaved of either is said.
 */
export function useDesk() {
  const bed = useBedStore()
  const site = useSiteStore()
  const brief = useBriefStore()
  const supply = useSupplyStore()
  const ground = useGroundStore()
  const route = useRoute()
  const onSite = computed(() => route.path.endsWith('/ground') && ground.tab === 'site')
  const onBrief = computed(() => route.path.endsWith('/brief'))
  const onSupply = computed(() => /\/(count|setout|care)$/.test(route.path))
  const active = computed(() => {
    if (onSite.value) return site
    if (onSupply.value) return supply
    return onBrief.value ? brief : bed
  })
  const loudest = computed(() =>
    [bed, site, brief, supply].reduce((a, b) => (ORDER.indexOf(b.saveState) < ORDER.indexOf(a.saveState) ? b : a)),
  )
  const saveState = computed(() => loudest.value.saveState)
  const savedAt = computed(
    () =>
      [bed.savedAt, ...[site, brief, supply].map((kept) => (kept.revision > 0 ? kept.savedAt : null))]
        .filter((t): t is string => !!t)
        .sort()
        .pop() ?? null,
  )
  const save = () => Promise.all([bed.save(), site.save(), brief.save(), supply.save()])
  return { active, saveState, savedAt, problem: computed(() => loudest.value.problem), save }
}
