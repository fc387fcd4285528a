import { critique, type Critique } from '~~/core/judge'
import type { Scene } from '~~/core/scene'

/** How often the judgement follows a drag, and how long it waits for the browser to have time, ms: the pictures go before it. */
const EVERY_MS = 150
const PATIENCE_MS = 250

/** The last judgement there was: the next scene and its judgement take over what did not change. */
export interface LastJudged {
  before?: Critique
}

/** The judgement of a scene; while the hand moves something it follows when there is time, so that the pictures need not wait. */
export function useJudged(scene: ComputedRef<Scene | null>, last: LastJudged, isDragging: () => boolean) {
  const fresh = computed<Critique | null>(() => {
    if (!scene.value) return null
    return (last.before = critique(scene.value, last.before))
  })
  const late = shallowRef<Critique | null>(null)
  let waits = false
  function follow() {
    waits = false
    late.value = fresh.value
  }
  function soon() {
    if (waits) return
    waits = true
    setTimeout(() => requestIdleCallback(follow, { timeout: PATIENCE_MS }), EVERY_MS)
  }
  /** When a bed opens its pictures come first, and the judgement once they stand there. */
  const isOpening = ref(true)
  function begin() {
    requestAnimationFrame(() =>
      requestIdleCallback(
        () => {
          // The judgement in one task, what is shown of it in the next.
          void fresh.value
          setTimeout(() => {
            isOpening.value = false
          })
        },
        { timeout: PATIENCE_MS },
      ),
    )
  }
  const waiting = computed(() => isDragging() || isOpening.value)
  watchEffect(() => {
    if (!waiting.value) late.value = fresh.value
    else if (isOpening.value && scene.value) begin()
    else if (scene.value) soon()
  })
  return computed(() => (waiting.value ? late.value : fresh.value))
}
