import { allFocusable, focusableIn, isShown } from '~/utils/focusable'

/** How long after an act a row it made may come, ms. */
const EXPECTS_MS = 1500
let expectedUntil = 0

/** Says that what is done now makes a row: the focus goes to it when it is there. Buttons that do so have `data-adds`. */
export function expectRow() {
  expectedUntil = performance.now() + EXPECTS_MS
}

const ROWS = 'li, tr, fieldset, article, section, details, form, .row'
const FIELDS = 'input, textarea, select'

/** What had the focus, all that could have it then in the order of the page, and what it stood in, innermost first. */
interface Place {
  readonly element: HTMLElement
  readonly order: readonly HTMLElement[]
  readonly holders: readonly HTMLElement[]
}

function placeOf(element: HTMLElement): Place {
  const holders: HTMLElement[] = []
  for (let holder = element.parentElement; holder; holder = holder.parentElement) holders.push(holder)
  return { element, order: allFocusable(document), holders }
}

/** What stands next to a place that is gone: after it or before it, in whatever of its surroundings is still there. */
function nextTo({ element, order, holders }: Place): HTMLElement | undefined {
  const at = order.indexOf(element)
  // Rather a button than a field: a field would keep the keys, undo among them, for itself.
  const isThere = (e: HTMLElement) => e.isConnected && !e.matches(FIELDS) && isShown(e)
  const after = order.slice(at + 1).find(isThere)
  const before = order.slice(0, Math.max(0, at)).findLast(isThere)
  const around = holders.find((h) => h.isConnected)
  return [after, before].find((e) => e && around?.contains(e)) ?? after ?? before
}

/**
 * The focus is never lost to who works by keys: when what had it goes (a finding mended or accepted, a row deleted, a card closed), it
 * moves to what stands there now. A row that was just made is handed it.
 */
export function useFocusKept() {
  let last: Place | null = null
  // A hand on the mouse is elsewhere on the page already.
  let byKeys = false
  useEventListener('keydown', () => (byKeys = true), { capture: true })
  useEventListener('pointerdown', () => (byKeys = false), { capture: true })
  useEventListener('focusin', ({ target }) => {
    if (target instanceof HTMLElement && target !== document.body) last = placeOf(target)
  })
  // Before the button itself hears of it: its row may be there as soon as it has.
  useEventListener(
    'click',
    ({ target }) => {
      if (target instanceof Element && target.closest('[data-adds]')) expectRow()
    },
    { capture: true },
  )
  // Another page begins anew.
  const route = useRoute()
  watch(
    () => route.path,
    () => {
      last = null
    },
    { flush: 'sync' },
  )

  function takeUp() {
    if (!last || last.element.isConnected || document.activeElement !== document.body) return
    if (byKeys) nextTo(last)?.focus()
    else last = null
  }

  function handOver(changes: readonly MutationRecord[]) {
    if (performance.now() > expectedUntil) return
    const added = changes.flatMap((c) => [...c.addedNodes]).filter((n) => n instanceof HTMLElement)
    const row = added.find((n) => n.matches(ROWS)) ?? added.find((n) => focusableIn(n).length > 0)
    const inRow = row ? focusableIn(row) : []
    const first = inRow.find((e) => e.matches(FIELDS)) ?? inRow[0]
    if (!first) return
    expectedUntil = 0
    const from = document.activeElement
    // A menu that closes gives the focus back to its button first. Who has gone to another field meanwhile is left there.
    setTimeout(() => {
      const at = document.activeElement
      if (at === from || !at?.matches(FIELDS)) first.focus()
    }, 60)
  }

  onMounted(() => {
    const watcher = new MutationObserver((changes) => {
      handOver(changes)
      // Dialogs and menus give the focus back themselves, with the next frame.
      if (last && !last.element.isConnected) requestAnimationFrame(() => requestAnimationFrame(takeUp))
    })
    watcher.observe(document.body, { childList: true, subtree: true })
    onScopeDispose(() => watcher.disconnect())
  })
}
