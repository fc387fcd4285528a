/** What opens beside or beneath a button, without a dialog or menu of its own that minds Escape itself. */
const OPENED = 'button[aria-expanded="true"]:not([aria-haspopup])'

const follows = (a: Element, b: Element) => (a.compareDocumentPosition(b) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0
/** Whether an element lies in the row that a button of a table opened, or in the button's own. */
function isOfRow(opener: Element, element: Element): boolean {
  const [row, own] = [element.closest('tr'), opener.closest('tr')]
  return !row || !own || row === own || own.nextElementSibling === row
}

/** The button that opened what an element stands in: the nearest open one before it, no farther than its part of the page. */
export function openerOf(element: Element): HTMLButtonElement | null {
  for (let around = element.parentElement; around; around = around.parentElement) {
    const before = [...around.querySelectorAll<HTMLButtonElement>(OPENED)].filter(
      (b) => isShown(b) && follows(b, element) && isOfRow(b, element),
    )
    if (before.length > 0) return before[before.length - 1]!
    if (around.matches('section, aside, main, [role="tabpanel"], #content')) return null
  }
  return null
}

/** Escape in a form that a row or a button opened closes it again, and gives the button the focus back. */
export function useEscape() {
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (event.key !== 'Escape' || event.defaultPrevented || !(event.target instanceof HTMLElement)) return
    if (event.target.closest('[role="dialog"], [role="menu"], [role="listbox"], [popover]')) return
    const isOwn = event.target.matches(OPENED)
    const opener = isOwn ? (event.target as HTMLButtonElement) : openerOf(event.target)
    if (!opener) return
    event.preventDefault()
    // A figure that is still being typed is taken first, as it is when its box is left.
    event.target.blur()
    opener.click()
    opener.focus()
  })
}
