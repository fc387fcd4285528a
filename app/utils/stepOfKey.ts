const BACK = new Set(['ArrowLeft', 'ArrowDown'])
const ON = new Set(['ArrowRight', 'ArrowUp'])

/** One step on or back by an arrow key; 0 for all others. */
export function stepOfKey(event: KeyboardEvent): -1 | 0 | 1 {
  if (ON.has(event.key)) return 1
  return BACK.has(event.key) ? -1 : 0
}
