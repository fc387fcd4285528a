/** Where one finger drags nothing, it goes along the bed. */
const STILL = '.front'

/** Two fingers on pictures: apart is nearer, together farther, sideways along the bed. */
export function usePinch(element: Readonly<Ref<HTMLElement | null>>) {
  const { zoom, nearAs, along } = useAlong()
  const fingers = new Map<number, { x: number; y: number }>()
  let start: { apart: number; zoom: number; x: number } | null = null

  const apart = () => {
    const [a, b] = [...fingers.values()]
    return a && b ? { px: Math.hypot(a.x - b.x, a.y - b.y), x: (a.x + b.x) / 2 } : null
  }
  const stop = (event: Event) => {
    event.stopPropagation()
    event.preventDefault()
  }
  function down(event: PointerEvent) {
    if (event.pointerType !== 'touch') return
    fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
    const now = apart()
    if (fingers.size !== 2 || !now) return
    start = { apart: Math.max(1, now.px), zoom: zoom.value, x: now.x }
    stop(event)
  }
  /** So many pixels along the bed, where some of it does not fit. */
  function go(px: number) {
    const hidden = (element.value?.clientWidth ?? 0) * (zoom.value - 1)
    if (hidden > 1) along(px / hidden)
  }
  function move(event: PointerEvent) {
    if (!fingers.has(event.pointerId)) return
    const before = fingers.get(event.pointerId)!
    fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
    const now = apart()
    if (!start || !now) {
      if (fingers.size === 1 && (event.target as Element).closest(STILL)) go(before.x - event.clientX)
      return
    }
    stop(event)
    nearAs((start.zoom * now.px) / start.apart)
    go(start.x - now.x)
    start.x = now.x
  }
  function up(event: PointerEvent) {
    fingers.delete(event.pointerId)
    if (fingers.size < 2) start = null
  }
  useEventListener(element, 'pointerdown', down, { capture: true })
  useEventListener(element, 'pointermove', move, { capture: true })
  useEventListener(['pointerup', 'pointercancel'], up, { capture: true })
}
