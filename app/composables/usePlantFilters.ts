import { laneNames } from '~~/core/bed'
import { isLaneOf } from '~~/core/layout'
import { KINDS, searchPlants, type Kind, type Plant, type PlantFilter } from '~~/core/plant'
import { libraryMonth, MONTH_NAMES } from '~~/core/time'

/** What plants are asked for: by name, kind, layer, month and all else; each choice tells how many would remain. */
export function usePlantFilters() {
  const store = useBedStore()
  const library = useLibraryStore()
  const { scene, climate } = useScene()
  const text = ref('')
  const kind = ref<'all' | Kind>('all')
  const lane = ref('any')
  const month = ref('any')
  const fits = ref(true)
  const evergreen = ref(false)
  const safe = ref(false)
  const scent = ref(false)
  const count = computed(() => store.bed?.laneShares.length ?? 3)
  const more = ref<PlantFilter>({})
  const filter = computed<PlantFilter>(() => ({
    ...more.value,
    text: text.value,
    ...(kind.value === 'all' ? {} : { kind: kind.value }),
    ...(fits.value && scene.value ? { site: scene.value.site } : {}),
    ...(month.value === 'any' ? {} : { flowerMonth: libraryMonth(Number(month.value), climate.value) }),
    evergreen: evergreen.value,
    withoutHazards: safe.value,
    fragrant: scent.value,
  }))
  const isOfLane = (p: Plant, i: number) => isLaneOf(p, i, count.value, store.bed?.form.kind)
  const inLane = (p: Plant) => lane.value === 'any' || isOfLane(p, Number(lane.value))
  /** How many would remain with one filter turned, told before it is turned. */
  const remain = (change: PlantFilter) =>
    searchPlants(library.plants, { ...filter.value, ...change }).filter(inLane).length
  const kinds = computed(() => [
    { label: 'all kinds', value: 'all' },
    ...KINDS.map((k) => ({ label: `${k}s (${remain({ kind: k })})`, value: k })),
  ])
  const lanes = computed(() => [
    { label: 'any lane', value: 'any' },
    ...laneNames(count.value, store.bed?.form.kind).map((label, i) => ({
      label: `for ${label.toLowerCase()} (${searchPlants(library.plants, filter.value).filter((p) => isOfLane(p, i)).length})`,
      value: String(i),
    })),
  ])
  const months = computed(() => [
    { label: 'any month', value: 'any' },
    ...MONTH_NAMES.map((label, i) => ({
      label: `flowers in ${label} (${remain({ flowerMonth: libraryMonth(i + 1, climate.value) })})`,
      value: String(i + 1),
    })),
  ])
  const found = computed(() => searchPlants(library.plants, filter.value).filter(inLane))
  /** What bears the name, whatever the filters say. */
  const named = computed(() => (text.value.trim() ? searchPlants(library.plants, { text: text.value }) : []))
  function loosen() {
    kind.value = 'all'
    lane.value = 'any'
    month.value = 'any'
    fits.value = evergreen.value = safe.value = scent.value = false
    more.value = {}
  }
  const fitsLabel = computed(() => {
    const many = scene.value ? remain({ site: scene.value.site }) : 0
    return fits.value ? 'suits this bed' : `suits this bed (${many})`
  })
  return {
    text,
    kind,
    lane,
    month,
    fits,
    evergreen,
    safe,
    scent,
    more,
    remain,
    kinds,
    lanes,
    months,
    found,
    named,
    loosen,
    fitsLabel,
  }
}
