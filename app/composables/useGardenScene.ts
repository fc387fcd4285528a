import type { Bed } from '~~/core/model'
import { newBed } from '~~/core/bed'
import { layGarden, neighboursOf, placeNeighbours, type LaidBed } from '~~/core/garden'
import type { PlacedPlant } from '~~/core/layout'
import type { StoredBed } from '~~/shared/answers'

const NO_PLANTS: readonly PlacedPlant[] = []

/** The one garden under all its beds: the bed under the hand as the site has it, and the plants of the other beds in its plan. */
export const useGardenScene = createSharedComposable(() => {
  const store = useBedStore()
  const site = useSiteStore()
  const library = useLibraryStore()
  const brief = useBriefStore()
  const stored = shallowRef<readonly StoredBed[]>([])

  async function loadBeds(gardenId = store.garden?.id) {
    if (gardenId) stored.value = await ask('beds', `/api/gardens/${gardenId}/beds`)
  }

  const isOpen = computed(() => site.id !== null && site.id === store.garden?.id)
  const viewpoint = computed(() => store.bed?.viewpoint ?? null)
  const outline = computed(() => store.bed?.outline ?? null)
  const form = computed(() => store.bed?.form ?? null)
  const wall = computed(() => store.bed?.wall ?? null)
  const ground = computed(() => store.bed?.ground ?? null)
  const name = computed(() => store.bed?.name ?? '')
  /** The bed without its plants: the same object while only plants change. */
  const bare = computed<Bed | null>(() =>
    outline.value && form.value && viewpoint.value && ground.value
      ? {
          ...newBed(name.value, 1, 1),
          outline: outline.value,
          form: form.value,
          wall: wall.value,
          viewpoint: viewpoint.value,
          ground: ground.value,
        }
      : null,
  )
  // Laid again when the site or the bed itself changes, not with every plant: wall, viewpoint and surroundings stay the same objects.
  const laid = computed<LaidBed | null>(() => {
    if (!isOpen.value || !store.id || !bare.value) return null
    return layGarden(site.resolved, [{ id: store.id, bed: bare.value }]).beds.get(store.id) ?? null
  })
  const place = computed(() => site.resolved.beds.find((b) => b.bedId === store.id) ?? null)
  const hasPlace = computed(() => place.value !== null)
  const hasSiteWall = computed(() => !!place.value?.against && laid.value?.bed.wall !== wall.value)
  const hasSiteView = computed(() => !!place.value?.viewFrom && laid.value?.bed.viewpoint !== viewpoint.value)
  const siteWall = computed(() => (hasSiteWall.value ? (laid.value?.bed.wall ?? null) : undefined))

  /** The bed as it is worked on, with its wall and its viewpoint from the site where it takes them from there. */
  const bed = computed<Bed | null>(() => store.bed && asLaid(store.bed))
  /** A state of the bed, earlier or now, as its site has it. */
  function asLaid(own: Bed): Bed {
    if (!hasSiteWall.value && !hasSiteView.value) return own
    return {
      ...own,
      ...(siteWall.value === undefined ? {} : { wall: siteWall.value }),
      ...(hasSiteView.value ? { viewpoint: laid.value!.bed.viewpoint } : {}),
    }
  }

  const others = computed(() =>
    layGarden(
      site.resolved,
      stored.value.filter((b) => b.id !== store.id).map((b) => ({ id: b.id, bed: b.value })),
    ),
  )
  /** A bed that opens shows itself first; what grows beside it comes when there is time. */
  const isAlone = ref(false)
  let turn = 0
  function beginAlone() {
    turn++
    isAlone.value = true
  }
  async function bringNeighbours(pause: () => Promise<unknown>) {
    const mine = ++turn
    await pause()
    try {
      const placing = placeNeighbours(others.value, store.id ?? '', library.byId, brief.brief.schools)
      while (mine === turn && !placing.next().done) await pause()
    } finally {
      // Whatever became of it: the bed is judged, and what is wrong shows where the neighbours are used.
      if (mine === turn) isAlone.value = false
    }
  }
  const neighbours = computed<readonly PlacedPlant[]>(() => {
    const here = laid.value
    if (isAlone.value || !here?.transform || library.byId.size === 0) return NO_PLANTS
    const beds = new Map(others.value.beds).set(here.id, here)
    const found = neighboursOf({ ...others.value, beds }, here.id, library.byId, brief.brief.schools)
    return found.length > 0 ? found : NO_PLANTS
  })

  return {
    ...{ stored, loadBeds, bare, bed, asLaid, laid, neighbours, hasPlace, hasSiteWall, hasSiteView },
    ...{ isAlone, beginAlone, bringNeighbours },
  }
})
