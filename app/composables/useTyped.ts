/** How long the hand rests before what was typed is taken over, ms. */
const REST_MS = 900

/**
 * A figure that is being typed: taken over once the hand rests and when the page goes, without a word and without touching the box; when
 * the box is left, what does not read is said. `take` is told which.
 */
export function useTyped(take: (quiet: boolean) => void) {
  const typing = ref(false)
  const quietly = () => {
    if (typing.value) take(true)
  }
  const rested = useDebounceFn(quietly, REST_MS)
  const onInput = () => {
    typing.value = true
    void rested()
  }
  const leave = () => {
    typing.value = false
    take(false)
  }
  useEventListener('pagehide', quietly)
  if (import.meta.client) useEventListener(document, 'visibilitychange', quietly)
  onBeforeUnmount(quietly)
  return { typing, onInput, leave }
}
