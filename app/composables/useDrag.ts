/** Fetched once a page has something to drag: its pictures need not wait for it. */
const dragKit = () => import('interactjs').then((m) => m.default)

/** Where the hand is: pixels from the element's left top, and on the page. */
export interface HandAt {
  readonly x: number
  readonly y: number
  readonly clientX: number
  readonly clientY: number
  /** What was pressed when the drag began. */
  readonly target: Element
}

export interface Drag {
  /** The hand begins to move, `from` where it was pressed; false when there is nothing to drag here. */
  readonly begin?: (from: HandAt) => boolean
  readonly move: (at: HandAt, by: { readonly dx: number; readonly dy: number }) => void
  readonly end: (at: HandAt, by: { readonly dx: number; readonly dy: number }) => void
  /** Escape: everything as it was. */
  readonly cancel?: () => void
}

/** Pixels before a press becomes a drag. */
const TOLERANCE_PX = 3

interface DragEvent {
  readonly client: { readonly x: number; readonly y: number }
  readonly clientX0: number
  readonly clientY0: number
  readonly target: Element
  readonly interaction: { stop: () => void }
}

/** The one way of dragging: an element, or those in it that match `from`, by mouse, pen or finger; Escape lets go. */
export function useDrag(element: Readonly<Ref<Element | null>>, drag: Drag, from?: string) {
  let start: HandAt | null = null
  let stop: (() => void) | null = null
  let pressed: Element | null = null
  const press = (event: Event) => {
    pressed = event.target instanceof Element ? event.target : null
  }
  const place = (clientX: number, clientY: number, target: Element): HandAt => {
    const box = element.value!.getBoundingClientRect()
    return { x: clientX - box.left, y: clientY - box.top, clientX, clientY, target }
  }
  const escape = (event: KeyboardEvent) => {
    if (event.key !== 'Escape' || !start) return
    start = null
    stop?.()
    drag.cancel?.()
  }
  const by = (at: HandAt) => ({ dx: at.clientX - start!.clientX, dy: at.clientY - start!.clientY })
  const at = (event: DragEvent) => place(event.client.x, event.client.y, start!.target)

  let unset = () => {}
  let isGone = false
  async function begin(held: HTMLElement) {
    const interact = await dragKit()
    if (isGone) return
    unset = () => interact(held).unset()
    interact.pointerMoveTolerance(TOLERANCE_PX)
    interact(held)
      .draggable({
        ...(from ? { allowFrom: from } : {}),
        listeners: {
          start: (event: DragEvent) => {
            start = place(event.clientX0, event.clientY0, pressed ?? event.target)
            stop = () => event.interaction.stop()
            if (drag.begin && !drag.begin(start)) {
              start = null
              stop()
            }
          },
          move: (event: DragEvent) => {
            if (start) drag.move(at(event), by(at(event)))
          },
          end: (event: DragEvent) => {
            if (start) drag.end(at(event), by(at(event)))
            start = null
          },
        },
      })
      .styleCursor(false)
  }
  onMounted(() => {
    if (!element.value) return
    void begin(element.value as HTMLElement)
    element.value.addEventListener('pointerdown', press)
    addEventListener('keydown', escape)
  })
  onBeforeUnmount(() => {
    isGone = true
    removeEventListener('keydown', escape)
    unset()
  })
}
