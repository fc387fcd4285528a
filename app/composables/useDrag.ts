/** Where the hand is: pixels from the element's left top, and on the page. */
export interface HandAt {
  readonly x: number
  readonly y: number
  readonly clientX: number
  readonly clientY: number
  /** What was pressed when the drag began. */
  readonly target: Element
}

/** Pixels that the hand has gone. */
export interface Gone {
  readonly dx: number
  readonly dy: number
}

export interface Drag {
  /** The hand begins to move, `from` where it was pressed; false when there is nothing to drag here. */
  readonly begin?: (from: HandAt) => boolean
  /** Comes in its turn (see turns.ts): of moves that wait only the last. */
  readonly move: (at: HandAt, by: Gone) => void
  /**
   * Shows at once, at next to no cost, where the hand is and how far ahead of the last move made; false where it cannot. Without a place
   * the hand has let go.
   */
  readonly lead?: (ahead: Gone, at?: HandAt) => boolean
  readonly end: (at: HandAt, by: Gone) => void
  /** Escape, or a second finger: everything as it was. */
  readonly cancel?: () => void
}

/** Pixels before a press becomes a drag; a finger that rests is never quite still. */
const TOLERANCE_PX = 3
const FINGER_PX = 8
const AT_REST: Gone = { dx: 0, dy: 0 }

/** The one way of dragging: an element, or those in it that match `from`, by mouse, pen or finger; Escape lets go. */
export function useDrag(element: Readonly<Ref<HTMLElement | SVGElement | null>>, drag: Drag, from = '*') {
  const turns = useTurns()
  let pressed: HandAt | null = null
  let isMoving = false
  let hand: HandAt | undefined
  let gone: Gone = AT_REST
  let made: Gone = AT_REST

  function place({ clientX, clientY }: PointerEvent, target: Element): HandAt {
    const box = element.value!.getBoundingClientRect()
    return { x: clientX - box.left, y: clientY - box.top, clientX, clientY, target }
  }
  const by = (at: HandAt) => ({ dx: at.clientX - pressed!.clientX, dy: at.clientY - pressed!.clientY })
  const lead = (at?: HandAt) => drag.lead?.({ dx: gone.dx - made.dx, dy: gone.dy - made.dy }, at) ?? false
  function rest() {
    turns.drop()
    gone = made = AT_REST
    if (isMoving) lead()
    pressed = null
    isMoving = false
  }
  function letGo() {
    if (isMoving) drag.cancel?.()
    rest()
  }

  function press(event: PointerEvent) {
    letGo()
    const target = event.target as Element
    if (event.isPrimary && target.closest(from)) pressed = place(event, target)
  }
  function move(event: PointerEvent) {
    if (!pressed || !event.isPrimary) return
    const at = place(event, pressed.target)
    const { dx, dy } = by(at)
    const least = event.pointerType === 'touch' ? FINGER_PX : TOLERANCE_PX
    if (!isMoving && Math.hypot(dx, dy) < least) return
    if (!isMoving && drag.begin?.(pressed) === false) pressed = null
    if (!pressed) return
    isMoving = true
    gone = { dx, dy }
    hand = at
    const move = () => {
      drag.move(at, { dx, dy })
      made = { dx, dy }
      lead(hand)
    }
    turns.move(move, lead(at))
  }
  function end(event: PointerEvent) {
    if (event.type === 'pointercancel') return letGo()
    if (!pressed || !event.isPrimary) return
    if (isMoving) {
      const at = place(event, pressed.target)
      drag.end(at, by(at))
    }
    rest()
  }

  useDraggable(element, {
    // Two fingers on a picture go nearer and keep their moves from getting here.
    capture: false,
    onStart: (_, event) => press(event),
    onMove: (_, event) => move(event),
    onEnd: (_, event) => end(event),
  })
  useEventListener('keydown', (event) => event.key === 'Escape' && letGo())
  // Before a picture takes two fingers for itself.
  useEventListener('pointerdown', (event) => !event.isPrimary && letGo(), { capture: true })
  // What is dragged is neither marked as text nor carried off as a picture.
  useEventListener(element, 'dragstart', (event) => event.preventDefault())
  useEventListener(document, 'selectstart', (event) => isMoving && event.preventDefault())
}
