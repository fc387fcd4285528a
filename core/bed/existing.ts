import type { Existing } from '../model'

/** Whether what stands there keeps its place. A moved plant and one taken out leave it free. */
export const keepsPlace = (e: Existing): boolean =>
  e.fate === 'keep' || e.fate === 'divide' || e.fate === 'cut-back' || e.fate === 'reserve'
/** Plants that a fate frees for use again: one moved, all divisions but the one that stays. */
export function freedBy({ fate, into }: Existing): number {
  if (fate === 'move') return 1
  return fate === 'divide' ? Math.max(0, into - 1) : 0
}
