import type { Bed } from '~~/core/model'
import { compareBeds } from '~~/core/edit'
import type { Changed } from '~~/shared/live'

const SHOWN_MS = 9000

/** Keeps what is open up to date with what others change of the garden, and says in a line what that was. */
export function useFollowing() {
  const live = useLiveStore()
  const bed = useBedStore()
  const site = useSiteStore()
  const brief = useBriefStore()
  const supply = useSupplyStore()
  const library = useLibraryStore()
  const compose = useComposeStore()
  const route = useRoute()
  const { loadBeds } = useGardenScene()
  const client = useClientThreads()
  const told = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined

  function say(words: string) {
    told.value = words
    clearTimeout(timer)
    timer = setTimeout(() => (told.value = ''), SHOWN_MS)
  }
  const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id

  async function followBed(who: string) {
    const before: Bed | null = bed.kept
    const mine = bed.revision
    await bed.follow()
    if (!before || !bed.kept || bed.revision === mine) return
    const [first, ...more] = compareBeds(before, bed.kept, nameOf)
    if (first) say(`${who}: ${first}${more.length > 0 ? ` and ${more.length} more` : ''}`)
  }

  /** A backup was put back under what is open: it is opened anew; what is not saved is kept, and meets it with the next save. */
  function storeWasPutBack(who: string) {
    if ([bed, site, brief, supply].every((kept) => kept.saveState === 'saved')) return location.reload()
    say(`${who} put a backup back: what you have not saved yet will meet it`)
  }

  /** How each part of a garden is taken up again. */
  const FOLLOW: Readonly<Record<string, (changed: Changed, who: string) => unknown>> = {
    bed: ({ id }, who) => (id === bed.id ? followBed(who) : loadBeds()),
    beds: () => loadBeds(),
    site: site.follow,
    brief: brief.follow,
    supply: supply.follow,
    'care-ticks': supply.follow,
    plants: ({ id }) => library.load(id, true),
    learned: ({ id }) => library.load(id, true),
    garden: bed.followGarden,
    store: (_, who) => storeWasPutBack(who),
    notes: (_, who) => {
      say(`${who} wrote about the garden`)
      client.doing()
    },
  }
  const WORDS: Readonly<Record<string, string>> = { site: 'the site', brief: 'the brief', supply: 'the count' }

  async function follow(changed: Changed) {
    const who = changed.name || 'Another window'
    await FOLLOW[changed.what]?.(changed, who)
    const words = WORDS[changed.what]
    if (words) say(`${who} changed ${words}`)
  }

  /** After a time without the stream: whatever may have changed is asked for. */
  const followAll = () =>
    Promise.all([followBed('Somebody'), site.follow(), brief.follow(), supply.follow(), loadBeds()])

  function heard(changed: Changed | null) {
    void (changed ? follow(changed) : followAll()).catch((error: unknown) => {
      if (statusOf(error) === 404) say(`${changed?.name || 'Somebody'} moved this bed to the trash`)
    })
  }

  onScopeDispose(live.hear(heard))
  onScopeDispose(live.leave)
  useEventListener('pagehide', live.leave)
  useEventListener('pageshow', () => bed.garden && live.enter(bed.garden.id))
  watch(
    () => bed.garden?.id,
    (id) => id && live.enter(id),
    { immediate: true },
  )
  watchDebounced(
    () => ({ bedId: bed.id, view: route.path.split('/').pop() ?? '', driftId: compose.driftId, of: live.gardenId }),
    ({ bedId, view, driftId }) => live.say({ bedId, view, driftId }),
    { debounce: 300, immediate: true },
  )
  return { told }
}
