import { bedMeetingWords } from '~~/core/edit'
import { meetingWords, type Meeting, type Side } from '~~/core/merge'

const WHATS = ['bed', 'site', 'brief', 'count'] as const

/** What was changed here and elsewhere at once, part by part, and the choice between them. */
export function useConflict() {
  const stores = { bed: useBedStore(), site: useSiteStore(), brief: useBriefStore(), count: useSupplyStore() }
  const library = useLibraryStore()
  const what = computed(() => WHATS.find((k) => stores[k].saveState === 'conflict') ?? null)
  const store = computed(() => (what.value ? stores[what.value] : null))
  const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
  const keyOf = (meeting: Meeting) => meeting.path.join('/')
  const wordsOf = (meeting: Meeting) =>
    what.value === 'bed' && stores.bed.kept
      ? bedMeetingWords(meeting, stores.bed.kept, nameOf)
      : meetingWords(meeting)
  const parts = computed(() =>
    (store.value?.meetings ?? []).map((meeting) => ({ key: keyOf(meeting), ...wordsOf(meeting) })),
  )
  const chosen = ref<Record<string, Side>>({})
  const sideOf = (key: string): Side => chosen.value[key] ?? 'mine'
  const choose = (key: string, side: Side) => {
    chosen.value = { ...chosen.value, [key]: side }
  }
  /** Whether the parts as they were chosen did not fit together. */
  const unfit = ref(false)
  watch(what, () => {
    chosen.value = {}
    unfit.value = false
  })
  function settle(side?: Side) {
    unfit.value = store.value?.settleConflict(side ?? ((m: Meeting) => sideOf(keyOf(m)))) === false
  }
  const savedAt = computed(() => store.value?.conflict?.savedAt ?? '')
  return { what, parts, sideOf, choose, settle, unfit, savedAt }
}
