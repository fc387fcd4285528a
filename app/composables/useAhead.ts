import { otherMonths, picturesAt, type Pictures } from '~~/core/scene'
import { whenIdle } from '~/painters/whenIdle'

const REST_MS = 350

/** Once the bed rests, lets a painter draw the year's other months ahead while nothing else is to do; the months nearest first. */
export function useAhead(
  pxPerM: () => number,
  ahead: (pictures: readonly Pictures[]) => Iterator<void> | undefined,
) {
  const { scene } = useScene()
  const compose = useComposeStore()
  const { aspect } = useAspect()
  let stop = () => {}
  watchDebounced(
    () => [scene.value, aspect.value, compose.moment.year, pxPerM()] as const,
    ([now, from, year]) => {
      stop()
      if (!now || !from) return
      const { month } = compose.moment
      const steps = ahead([...otherMonths(month), month].map((m) => picturesAt(now, { month: m, year }, from)))
      if (steps) stop = whenIdle(steps)
    },
    { debounce: REST_MS, immediate: true },
  )
  onBeforeUnmount(() => stop())
}
