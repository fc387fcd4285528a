import { outlinesOf } from '~~/core/see'
import { bedFrame } from '~~/core/bed'
import { growingMonths } from '~~/core/time'
import { bedLight, type BedLight } from '~~/core/light'

const REST_MS = 250
/** The light is judged as the site stands today; the Ground screen shows how trees change it. */
const JUDGED_YEAR = 0

/** The computed light of the bed being worked on, by its place on the site; null while it is worked out, or when there is none. */
export const useBedLight = createSharedComposable(() => {
  const store = useBedStore()
  const site = useSiteStore()
  const light = shallowRef<BedLight | null>(null)
  const progress = ref(1)
  const problem = ref('')
  const year = ref(JUDGED_YEAR)
  const known = new Map<string, BedLight>()
  let stop = () => {}

  const input = computed(() => {
    const bed = store.kept
    const place = store.garden?.value.place
    if (
      import.meta.server ||
      !bed ||
      !place ||
      !store.id ||
      site.id !== store.garden?.id ||
      !site.resolved.beds.some((b) => b.bedId === store.id)
    )
      return null
    const frame = bedFrame(bed)
    return {
      frame,
      ask: {
        outlines: outlinesOf(bed, frame),
        site: { northDeg: site.resolved.northDeg, things: site.resolved.things, beds: site.resolved.beds },
        bedId: store.id,
        latitude: place.latitude,
        longitude: place.longitude,
        year: year.value,
      },
      season: growingMonths(place.lastFrost, place.firstFrost),
    }
  })

  watchDebounced(
    input,
    (now) => {
      stop()
      problem.value = ''
      if (!now) {
        light.value = null
        progress.value = 1
        return
      }
      const key = JSON.stringify([now.ask, now.season])
      const there = known.get(key)
      if (there) {
        light.value = there
        progress.value = 1
        return
      }
      progress.value = 0
      const work = askBedLight(now.ask, (share) => {
        progress.value = share
      })
      stop = () => work.cancel()
      work.result.then(
        ({ hours }) => {
          progress.value = 1
          light.value = hours ? bedLight(hours, now.season, now.frame) : null
          if (light.value) known.set(key, light.value)
        },
        (error: unknown) => {
          progress.value = 1
          problem.value = error instanceof Error ? error.message : String(error)
        },
      )
    },
    { debounce: REST_MS, immediate: true },
  )

  /** What the findings go by: nothing while the hours are typed by hand. */
  const judged = computed(() => (store.bed?.ground.sunByHand ? null : light.value))
  return { light, judged, progress, problem, cancel: () => stop() }
})
