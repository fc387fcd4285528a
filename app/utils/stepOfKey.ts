const BACK = new Set(['ArrowLeft', 'ArrowDown'])
const ON = new Set(['ArrowRight', 'ArrowUp'])

/** One step on or back by an arrow key; 0 for all others. */
export function stepOfKey(event: KeyboardEvent): -1 | 0 | 1 {
  if (ON.has(event.key)) return 1
  return BACK.has(event.key) ? -1 : 0
}
/** The tab that a key leads to from one of `many`; null for other keys. The row goes round. */
export function stepOfTabs(key: string, from: number, many: number): number | null {
  if (key === 'Home') return 0
  if (key === 'End') return many - 1
  if (key === 'ArrowRight' || key === 'ArrowDown') return (from + 1) % many
  if (key === 'ArrowLeft' || key === 'ArrowUp') return (from - 1 + many) % many
  return null
}
