import { applyEdit } from '~~/core/edit'
import { makeScene, picturesAt, type Scene } from '~~/core/scene'
import type { Aspect } from '~~/core/see'
import type { Moment } from '~~/core/time'
import { whenIdle } from '~/painters/whenIdle'

/** Long after a bed has opened, so that it takes nothing from what is shown. */
const REST_MS = 900
const ROUNDS = 12
const STEP_M = 0.05

/** Moves a drift a little, as the hand would, and lets what comes of it go. */
function* rehearsed(scene: Scene, moment: Moment, aspect: Aspect): Generator<unknown> {
  const { drifts } = scene.bed
  for (let i = 0; i < ROUNDS && drifts.length > 0; i++) {
    const { id, at } = drifts[i % drifts.length]!
    const { bed } = applyEdit(scene.bed, { kind: 'changeDrift', driftId: id, change: { at: at + STEP_M } })
    const moved = makeScene({ ...scene.input, bed }, { frame: scene.frame, before: scene })
    const { elevation, plan } = picturesAt(moved, moment, aspect)
    yield [elevation, plan]
  }
}

let isWarm = false

/** Once a bed rests, goes through some moves without showing them: the browser then knows the way when the hand makes its first. */
export function useRehearsal() {
  const { scene } = useScene()
  const { aspect } = useAspect()
  const compose = useComposeStore()
  let stop = () => {}
  const { start, stop: callOff } = useTimeoutFn(
    () => {
      if (isWarm || !scene.value || !aspect.value) return
      isWarm = true
      stop = whenIdle(rehearsed(scene.value, compose.moment, aspect.value))
    },
    REST_MS,
    { immediate: false },
  )
  onMounted(start)
  onBeforeUnmount(() => {
    callOff()
    stop()
  })
}
