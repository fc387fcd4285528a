import { otherMonths, picturesAt, type Pictures } from '~/utils/picturesAt'
import { whenIdle } from '~/painters/whenIdle'

const REST_MS = 350

/** Once the bed rests, lets a painter draw the year's other months ahead while nothing else is to do; the months nearest first. */
export function useAhead(pxPerM: () => number, ahead: (pictures: readonly Pictures[]) => Iterator<void> | undefined) {
  const { scene } = useScene()
  const compose = useComposeStore()
  let stop = () => {}
  watchDebounced(() => [scene.value, compose.moment.year, pxPerM()] as const, ([now, year]) => {
    stop()
    if (!now) return
    const { month } = compose.moment
    const steps = ahead([...otherMonths(month), month].map((m) => picturesAt(now, { month: m, year })))
    if (steps) stop = whenIdle(steps)
  }, { debounce: REST_MS, immediate: true })
  onBeforeUnmount(() => stop())
}
