const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled):not([type="hidden"]), select:not(:disabled), textarea:not(:disabled), [tabindex]'

/** Whether an element is on the screen and not shut off. */
export const isShown = (e: HTMLElement): boolean =>
  e.getClientRects().length > 0 && !e.closest('[inert], [aria-hidden="true"]')

/** What in an element could have the focus, in the order of the page; also what is hidden now. */
export const allFocusable = (root: ParentNode): HTMLElement[] => [...root.querySelectorAll<HTMLElement>(FOCUSABLE)]

/** What in an element can have the focus, in the order of the page. */
export const focusableIn = (root: ParentNode): HTMLElement[] => allFocusable(root).filter(isShown)
