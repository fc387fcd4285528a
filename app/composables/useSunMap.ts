import { obstaclesOf, shadowOutlines, slantOf, solarNoon, sunPosition, sunSteps } from '~~/core/light'

const MINUTE_MS = 60_000
const YEAR = 2026

/** The sun over the site: where it stands at the hour chosen, the shadows of that hour, and the map of hours. */
export const useSunMap = createSharedComposable(() => {
  const bedStore = useBedStore()
  const siteStore = useSiteStore()
  const ground = useGroundStore()
  const place = computed(
    () =>
      bedStore.garden?.value.place ?? {
        latitude: 45,
        longitude: 0,
        lastFrost: '05-01',
        firstFrost: '10-15',
        hardinessZone: '6',
        town: '',
      },
  )
  const northDeg = computed(() => siteStore.resolved.northDeg)
  const obstacles = computed(() => obstaclesOf(siteStore.resolved, place.value.latitude, ground.year))
  const sun = computed(() =>
    sunPosition(
      new Date(
        solarNoon(YEAR, ground.month, ground.day, place.value.latitude, place.value.longitude).getTime() +
          ground.minutes * MINUTE_MS,
      ),
      place.value.latitude,
      place.value.longitude,
    ),
  )
  /** The sun's way over the day, for the ring: azimuth and minutes after noon. */
  const way = computed(() =>
    sunSteps(ground.month, place.value.latitude, place.value.longitude, 10, YEAR, ground.day),
  )
  const day = computed(() => ({
    first: (way.value[0]?.afterNoonH ?? -6) * 60,
    last: (way.value[way.value.length - 1]?.afterNoonH ?? 6) * 60,
    hours: way.value.reduce((n, s) => n + s.hours, 0),
  }))
  watch(day, ({ first, last }) => {
    ground.minutes = Math.round(Math.min(last, Math.max(first, ground.minutes)))
  })

  const shadows = computed(() =>
    ground.shade !== 'shadows' || sun.value.altitudeDeg < 0.5
      ? []
      : shadowOutlines(obstacles.value, slantOf(sun.value, northDeg.value), ground.month),
  )

  const map = useHoursMap({ place, northDeg, obstacles })
  return { sun, way, day, shadows, northDeg, ...map }
})
