import { bodiesOf, type Scene } from '~~/core/scene'
import { monthColours, type ColourShare } from '~~/core/season'
import type { PlaceMonth } from '~~/core/time'
import { whenIdle } from '~/painters/whenIdle'

const MOST = 5

/** The leading colours of each month of the year that is shown, worked out month by month while nothing else is to do. */
export function useMonthColours(settled: Readonly<Ref<{ readonly scene: Scene } | null>>) {
  const compose = useComposeStore()
  const months = shallowRef<readonly (readonly ColourShare[])[]>([])
  let stop = () => {}
  function* of(scene: Scene, year: number) {
    const found = []
    for (let month = 1; month <= 12; month++) {
      found.push(monthColours(bodiesOf(scene, { month: month as PlaceMonth, year }), MOST))
      yield
    }
    months.value = found
  }
  if (import.meta.client)
    watch(
      () => [settled.value?.scene ?? null, compose.moment.year] as const,
      ([scene, year]) => {
        stop()
        if (scene) stop = whenIdle(of(scene, year))
        else months.value = []
      },
      { immediate: true },
    )
  return months
}
