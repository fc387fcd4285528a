import { otherMonths, picturesAt, type Pictures, type Scene } from '~~/core/scene'
import type { Aspect } from '~~/core/see'
import type { PlaceMonth } from '~~/core/time'
import { whenIdle } from '~/painters/whenIdle'

const REST_MS = 800

/** One after another: each is made only when the painter wants it. */
function* listsOf<T>(
  { scene, year, aspect }: { readonly scene: Scene; readonly year: number; readonly aspect: Aspect },
  months: readonly PlaceMonth[],
  of: (pictures: Pictures) => T,
): Generator<T> {
  for (const month of months) yield of(picturesAt(scene, { month, year }, aspect))
}

/** Once the bed rests, lets a painter draw the year's other months ahead while nothing else is to do; the months nearest first. */
export function useAhead<T>(
  pxPerM: () => number,
  of: (pictures: Pictures) => T,
  ahead: (lists: Iterable<T>) => Iterator<void> | undefined,
) {
  const { scene } = useScene()
  const compose = useComposeStore()
  const { aspect } = useAspect()
  const store = useBedStore()
  let stop = () => {}
  const shown = () => [scene.value, aspect.value, compose.moment.year, pxPerM()] as const
  // What is no longer wanted takes nothing from the hand.
  watch(shown, () => stop())
  watchDebounced(
    () => [...shown(), store.dragging] as const,
    ([now, from, year, , isDragging]) => {
      stop()
      if (!now || !from || isDragging) return
      const { month } = compose.moment
      const steps = ahead(listsOf({ scene: now, year, aspect: from }, [...otherMonths(month), month], of))
      if (steps) stop = whenIdle(steps)
    },
    { debounce: REST_MS, immediate: true },
  )
  onBeforeUnmount(() => stop())
}
