/**
 * Parts of a page one after another, a frame between each, so that the first stands there before the last is begun and the hand never
 * waits for all of them. The number of the stage reached, 0 at first.
 */
export function useStages(last: number) {
  const stage = ref(0)
  let isGone = false
  function next() {
    if (isGone) return
    stage.value++
    if (stage.value < last) later()
  }
  // A frame is asked for, then time after it: what was made is painted before the next part is.
  const later = () => requestAnimationFrame(() => setTimeout(next))
  onMounted(later)
  onBeforeUnmount(() => {
    isGone = true
  })
  return stage
}
