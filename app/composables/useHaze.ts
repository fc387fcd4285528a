import { circlePath, type Paint } from '~~/core/draw'
import { caredBed } from '~~/core/scene'
import { selfSown } from '~~/core/season'

const DOT_M = 0.05

/** The haze of self-sown plants over the plan, where the bed's school lets them: dots of their leaf, not places. */
export function useHaze() {
  const { settled } = useScene()
  const { aspect } = useAspect()
  const bed = useBedStore()
  const compose = useComposeStore()
  const haze = computed(() => {
    const scene = settled.value?.scene
    if (!scene || bed.bed?.school !== 'lush') return []
    return selfSown(scene, compose.moment.year, caredBed('', scene).open)
  })
  const paints = computed<readonly Paint[]>(() =>
    haze.value.flatMap(({ plant, places }) =>
      places.map((p): Paint => {
        const { x, y } = aspect.value!.turn(p)
        return { path: circlePath(x, -y, DOT_M), fill: plant.flowerColour ?? plant.foliage.summer, alpha: 0.5 }
      }),
    ),
  )
  return { haze, paints }
}
