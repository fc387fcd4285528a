import { clamp } from '~~/core/geometry'

/** The nearest of a short bed, and how much of a long one is still seen from there, metres. */
const MOST = 8
const NEAREST_M = 4
const STEP = 1.4

/** How near all pictures are looked at, and how far along the bed, as a share of what does not fit. */
export const useAlong = createSharedComposable(() => {
  const store = useBedStore()
  const zoom = ref(1)
  const share = ref(0.5)
  const { aspect } = useAspect()
  const most = computed(() =>
    Math.max(MOST, aspect.value ? (aspect.value.lastX - aspect.value.firstX) / NEAREST_M : 0),
  )
  watch(
    () => store.id,
    () => {
      zoom.value = 1
      share.value = 0.5
    },
  )
  const nearer = () => {
    zoom.value = Math.min(most.value, Math.round(zoom.value * STEP * 100) / 100)
  }
  const farther = () => {
    zoom.value = Math.max(1, Math.round((zoom.value / STEP) * 100) / 100)
    if (zoom.value < 1.05) zoom.value = 1
  }
  /** Exactly so near, as two fingers say. */
  const nearAs = (to: number) => {
    zoom.value = clamp(to, 1, most.value)
  }
  const whole = () => {
    zoom.value = 1
  }
  const along = (by: number) => {
    share.value = clamp(share.value + by, 0, 1)
  }
  return { zoom, share, nearer, farther, nearAs, whole, along }
})
