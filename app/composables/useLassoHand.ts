import { insideOf, type Point } from '~~/core/geometry'
import type { Aspect } from '~~/core/see'
import type { PlanHand } from './planHand'

const STEP_PX = 4

/** Choosing all drifts of which most plants lie within a line drawn round them. */
export function useLassoHand(
  aspect: Readonly<Ref<Aspect | null>>,
  pxPerM: () => number,
): PlanHand & { line: Readonly<Ref<readonly Point[]>> } {
  const compose = useComposeStore()
  const { scene } = useScene()
  const line = shallowRef<readonly Point[]>([])

  function caught(drawn: readonly Point[]): string[] {
    const isInside = insideOf(drawn)
    const counts = new Map<string, { within: number; all: number }>()
    for (const p of scene.value?.placement.plants ?? []) {
      const count = counts.get(p.driftId) ?? { within: 0, all: 0 }
      const within = isInside(aspect.value!.turn(p)) ? 1 : 0
      counts.set(p.driftId, { within: count.within + within, all: count.all + 1 })
    }
    return [...counts].filter(([, { within, all }]) => within * 2 > all).map(([id]) => id)
  }
  return {
    line,
    begin(at) {
      if (compose.tool !== 'lasso') return false
      line.value = [at]
      return true
    },
    move(at) {
      const last = line.value[line.value.length - 1]!
      if (Math.hypot(at.x - last.x, at.y - last.y) * pxPerM() >= STEP_PX) line.value = [...line.value, at]
    },
    end() {
      if (line.value.length > 2) compose.chooseMany(caught(line.value))
      line.value = []
      compose.tool = 'none'
    },
    letGo() {
      line.value = []
      compose.tool = 'none'
    },
  }
}
