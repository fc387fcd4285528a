import { words, sunClass } from '~~/core/plant'
import { levelsOf, siteGrid, sunAt, type LightHours, type Obstacle } from '~~/core/light'
import { growingMonths } from '~~/core/time'
import type { Point } from '~~/core/geometry'

const REST_MS = 200

interface Sky {
  readonly place: Readonly<Ref<{ latitude: number; longitude: number; lastFrost: string; firstFrost: string }>>
  readonly northDeg: Readonly<Ref<number>>
  readonly obstacles: Readonly<Ref<Obstacle[]>>
}

/** The map of hours of sun over the site, worked out in the worker while it is asked for. */
export function useHoursMap({ place, northDeg, obstacles }: Sky) {
  const siteStore = useSiteStore()
  const ground = useGroundStore()
  const { laid } = useSite()
  const hours = shallowRef<LightHours | null>(null)
  const progress = ref(1)
  const problem = ref('')
  const worked = ref(0)
  let stop = () => {}

  const input = computed(() => {
    if (import.meta.server || (ground.shade !== 'month' && ground.shade !== 'season')) return null
    const { things } = siteStore.resolved
    const grid = siteGrid(
      things,
      laid.value.flatMap((b) => b.outlines.flat()),
    )
    const levels = levelsOf(things, grid)
    return {
      obstacles: obstacles.value,
      grid,
      latitude: place.value.latitude,
      longitude: place.value.longitude,
      northDeg: northDeg.value,
      ...(levels ? { levels } : {}),
    }
  })
  watchDebounced(
    input,
    (now) => {
      stop()
      problem.value = ''
      if (!now) {
        progress.value = 1
        return
      }
      progress.value = 0
      const work = askLightMap(now, (share) => {
        progress.value = share
      })
      stop = () => {
        work.cancel()
        progress.value = 1
      }
      work.result.then(
        (answer) => {
          hours.value = answer.hours
          worked.value = answer.worked
          progress.value = 1
        },
        (error: unknown) => {
          progress.value = 1
          problem.value = error instanceof Error ? error.message : String(error)
        },
      )
    },
    { debounce: REST_MS, immediate: true },
  )

  const season = computed(() => growingMonths(place.value.lastFrost, place.value.firstFrost))
  /** Hours of each cell for the map that is shown; null without one. */
  const shown = computed<Float32Array | null>(() => {
    const h = hours.value
    if (!h || (ground.shade !== 'month' && ground.shade !== 'season')) return null
    const months = ground.shade === 'month' ? [ground.month] : season.value
    return Float32Array.from(
      { length: h.grid.cols * h.grid.rows },
      (_, i) => months.reduce((n, m) => n + sunAt(h, m, i), 0) / months.length,
    )
  })
  /** What the map says at a place, in words. */
  function readAt(p: Point): string {
    const h = hours.value
    if (!h || !shown.value) return ''
    const c = Math.floor((p.x - h.grid.x0) / h.grid.cellM)
    const r = Math.floor((p.y - h.grid.y0) / h.grid.cellM)
    if (c < 0 || r < 0 || c >= h.grid.cols || r >= h.grid.rows) return ''
    const value = shown.value[r * h.grid.cols + c]!
    const months = ground.shade === 'month' ? [ground.month] : season.value
    const mean = (of: (m: LightHours['months'][number]) => Float32Array) =>
      (months.reduce((n, m) => n + of(h.months[m - 1]!)[r * h.grid.cols + c]!, 0) / months.length).toFixed(1)
    return (
      `${value.toFixed(1)} h here: ${words(sunClass(value))} (${mean((m) => m.morning)} before noon, ` +
      `${mean((m) => m.afternoon)} after, ${mean((m) => m.dappled)} dappled)`
    )
  }

  return { hours, shown, progress, problem, worked, season, readAt, cancel: () => stop() }
}
