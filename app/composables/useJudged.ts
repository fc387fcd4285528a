import { critique, critiqueSteps, type Critique } from '~~/core/judge'
import type { Scene } from '~~/core/scene'

/** How often the judgement follows a drag, and how long it waits for the browser to have time, ms: the pictures go before it. */
const EVERY_MS = 150
const PATIENCE_MS = 250
/** How long the judgement holds the page at a time, ms, and while the hand moves something. */
const SLICE_MS = 8
const HELD_SLICE_MS = 4
/** Under the hand it takes one part of the time in so many: that of a large bed comes less often. */
const ONE_PART_IN = 5

/** The last judgement there was: the next scene and its judgement take over what did not change. */
export interface LastJudged {
  before?: Critique
}

/** When to wait: while the hand moves something, and while the scene is not yet all there is. */
interface Waits {
  readonly isDragging: () => boolean
  readonly isWhole: () => boolean
}

/** The judgement of a scene; while the hand moves something it follows when there is time, so that the pictures need not wait. */
export function useJudged(scene: ComputedRef<Scene | null>, last: LastJudged, { isDragging, isWhole }: Waits) {
  const fresh = computed<Critique | null>(() => {
    if (!scene.value) return null
    if (last.before?.scene === scene.value) return last.before
    return (last.before = critique(scene.value, last.before))
  })
  const late = shallowRef<Critique | null>(null)
  /** Judges a scene piece by piece between other work, until it is called off. */
  function inPieces(now: Scene, isWanted: () => boolean, done: (judged: Critique, tookMs: number) => void) {
    const steps = critiqueSteps(now, last.before)
    let tookMs = 0
    function go() {
      if (!isWanted()) return
      const from = performance.now()
      const until = from + (isDragging() ? HELD_SLICE_MS : SLICE_MS)
      while (performance.now() < until) {
        const step = steps.next()
        if (!step.done) continue
        last.before = step.value
        return done(step.value, tookMs + performance.now() - from)
      }
      tookMs += performance.now() - from
      setTimeout(go)
    }
    requestIdleCallback(go, { timeout: PATIENCE_MS })
  }

  /** While the hand moves something: the scene as it stood when there was time, even if the hand is further by now. */
  let waits = false
  let everyMs = EVERY_MS
  function soon() {
    if (waits) return
    waits = true
    setTimeout(() => {
      waits = false
      const now = scene.value
      if (!now || !isDragging()) return
      waits = true
      inPieces(
        now,
        () => (waits = isDragging()),
        (judged, tookMs) => {
          waits = false
          everyMs = Math.max(EVERY_MS, tookMs * (ONE_PART_IN - 1))
          late.value = judged
          if (scene.value !== now) soon()
        },
      )
    }, everyMs)
  }
  /** When a bed opens its pictures come first, then the judgement, then what is shown of it; a newer scene is judged instead. */
  const isOpening = ref(true)
  let begun: Scene | null = null
  function begin(now: Scene) {
    begun = now
    const isWanted = () => begun === now
    const show = () => setTimeout(() => (isOpening.value = false))
    requestAnimationFrame(() => inPieces(now, isWanted, show))
  }
  const waiting = computed(() => isDragging() || isOpening.value)
  watchEffect(() => {
    if (!waiting.value) late.value = fresh.value
    else if (isOpening.value && scene.value && isWhole()) begin(scene.value)
    else if (scene.value && isDragging()) soon()
  })
  return computed(() => (waiting.value ? late.value : fresh.value))
}
