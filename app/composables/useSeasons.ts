import { gapsOf, type BedYear, type Tapestry } from '~~/core/season'
import { growingMonths, type PlaceMonth } from '~~/core/time'

const REST_MS = 150

/** The year of the open bed as a tapestry and its ten years, worked out in a worker when the hand rests. */
export const useSeasons = createSharedComposable(() => {
  const library = useLibraryStore()
  const bed = useBedStore()
  const brief = useBriefStore()
  const compose = useComposeStore()
  const { settled, findings } = useScene()
  const cloth = shallowRef<Tapestry | null>(null)
  const years = shallowRef<readonly BedYear[]>([])
  const problem = ref('')
  let number = 0

  async function ask() {
    const now = settled.value
    if (!now || library.plants.length === 0) return
    const mine = ++number
    try {
      const found = await askSeasons(library.plants, sentScene(now.scene), compose.moment.year)
      if (mine !== number) return
      cloth.value = found.cloth
      years.value = found.years
      problem.value = ''
    } catch (error) {
      if (mine === number) problem.value = (error as Error).message
    }
  }
  const later = useDebounceFn(ask, REST_MS)
  watch([settled, () => compose.moment.year, () => library.plants.length], () => void later(), { immediate: true })
  onScopeDispose(endSeasons)

  const growing = computed<readonly PlaceMonth[]>(() => {
    const place = bed.garden?.value.place
    return place ? growingMonths(place.lastFrost, place.firstFrost) : []
  })
  /** Months that matter and show next to nothing. */
  const gaps = computed(() => (cloth.value ? gapsOf(cloth.value, brief.brief.months, growing.value) : []))
  /** What could fill a month: the mends of what was found of it, best first. */
  const fillers = (month: PlaceMonth) =>
    findings.value.filter((f) => f.rule === 'months' && holdsMonth(f.id, month)).flatMap((f) => f.mends)
  return { cloth, years, gaps, fillers, growing, problem }
})

/** Whether a finding of bare months, `months:11-2`, holds a month. */
function holdsMonth(id: string, month: PlaceMonth): boolean {
  const [from = 0, to = 0] = (id.split(':')[1] ?? '').split('-').map(Number)
  return from <= to ? month >= from && month <= to : month >= from || month <= to
}
