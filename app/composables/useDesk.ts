import type { SaveState } from '~/stores/keeper'

const ORDER: readonly SaveState[] = ['conflict', 'refused', 'offline', 'saving', 'waiting', 'saved']

/** What undo, redo and the saved state speak of: the site while it is worked on, else the bed; what is unsaved of either is said. */
export function useDesk() {
  const bed = useBedStore()
  const site = useSiteStore()
  const ground = useGroundStore()
  const route = useRoute()
  const onSite = computed(() => route.path.endsWith('/ground') && ground.tab === 'site')
  const active = computed(() => (onSite.value ? site : bed))
  const loudest = computed(() => (ORDER.indexOf(site.saveState) < ORDER.indexOf(bed.saveState) ? site : bed))
  const saveState = computed(() => loudest.value.saveState)
  const savedAt = computed(() => [bed.savedAt, site.revision > 0 ? site.savedAt : null].filter((t): t is string => !!t).sort().pop() ?? null)
  const save = () => Promise.all([bed.save(), site.save()])
  return { active, saveState, savedAt, problem: computed(() => loudest.value.problem), save }
}
