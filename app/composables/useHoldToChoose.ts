/** How long a finger rests before what it rests on is chosen as well, ms, and how far it may stray meanwhile, px. */
const HOLD_MS = 450
const STILL_PX = 8

/**
 * A finger that rests on a drift chooses it beside the others, or lets it go of them, as a press with Shift does. `driftAt`: the drift
 * that a press lies on.
 */
export function useHoldToChoose(
  element: Readonly<Ref<HTMLElement | null>>,
  driftAt: (event: PointerEvent) => string | null,
) {
  const compose = useComposeStore()
  // The press itself may choose, and by that let the others go.
  let before: readonly string[] = []
  let hasHeld = false
  useEventListener(
    element,
    'pointerdown',
    () => {
      before = compose.allChosen()
      hasHeld = false
    },
    { capture: true },
  )
  onLongPress(
    element,
    (event) => {
      const drift = event.pointerType === 'touch' ? driftAt(event) : null
      if (!drift) return
      hasHeld = true
      compose.alsoChoose(drift, before)
    },
    { delay: HOLD_MS, distanceThreshold: STILL_PX },
  )
  // What follows a long press is not another one, nor the browser's own menu.
  useEventListener(
    element,
    ['click', 'contextmenu'],
    (event) => {
      if (!hasHeld) return
      event.stopPropagation()
      event.preventDefault()
    },
    { capture: true },
  )
}
