import { focusableIn } from '~/utils/focusable'

const STEPS: Readonly<Record<string, (at: number, last: number) => number>> = {
  ArrowDown: (at, last) => Math.min(last, at + 1),
  ArrowUp: (at) => Math.max(0, at - 1),
  Home: () => 0,
  End: (_, last) => last,
}
/** What needs the arrows itself. */
const OWN_ARROWS =
  'input:not([type="checkbox"]), textarea, select, [role="combobox"], [role="slider"], [role="radio"], [role="tab"]'
const KEPT = 'roving'

/** The rows of a list as one stop of the Tab key: up and down, Home and End go through them, Tab through what the row holds. */
function roving(holder: HTMLElement, rows: string) {
  let current: Element | null = null
  const all = () => [...holder.querySelectorAll<HTMLElement>(rows)]
  const close = (row: HTMLElement) => {
    for (const e of focusableIn(row)) {
      if (e.tabIndex < 0) continue
      e.dataset[KEPT] = e.getAttribute('tabindex') ?? ''
      e.tabIndex = -1
    }
  }
  const open = (row: HTMLElement) => {
    for (const e of [row, ...row.querySelectorAll<HTMLElement>(`[data-${KEPT}]`)]) {
      const was = e.dataset[KEPT]
      if (was === undefined) continue
      if (was === '') e.removeAttribute('tabindex')
      else e.setAttribute('tabindex', was)
      Reflect.deleteProperty(e.dataset, KEPT)
    }
  }
  function settle(to?: Element) {
    const list = all()
    current = to ?? (current?.isConnected ? current : (list[0] ?? null))
    for (const row of list) (row === current ? open : close)(row)
  }
  const rowOf = (target: EventTarget | null) => (target instanceof Element ? target.closest(rows) : null)
  holder.addEventListener('focusin', ({ target }) => {
    const row = rowOf(target)
    if (row && row !== current) settle(row)
  })
  holder.addEventListener('keydown', (event) => {
    const step = STEPS[event.key]
    const row = rowOf(event.target)
    if (!step || !row || (event.target as Element).matches(OWN_ARROWS) || event.ctrlKey || event.metaKey) return
    const list = all()
    const to = list[step(list.indexOf(row as HTMLElement), list.length - 1)]
    if (!to || to === row) return
    event.preventDefault()
    const column = focusableIn(row).indexOf(event.target as HTMLElement)
    settle(to)
    const there = focusableIn(to)
    ;(there[Math.max(0, column)] ?? there[0])?.focus()
  })
  settle()
  const watcher = new MutationObserver(() => settle())
  watcher.observe(holder, { childList: true, subtree: true })
  return watcher
}

const watchers = new WeakMap<HTMLElement, MutationObserver>()

/** `v-roving="'tbody tr'"`: see above. */
export default defineNuxtPlugin(({ vueApp }) => {
  vueApp.directive<HTMLElement, string>('roving', {
    mounted: (holder, { value }) => void watchers.set(holder, roving(holder, value)),
    unmounted: (holder) => watchers.get(holder)?.disconnect(),
    getSSRProps: () => ({}),
  })
})
