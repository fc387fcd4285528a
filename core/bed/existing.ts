import type { PlaceMonth } from '../time'

export const FATES = ['keep', 'move', 'divide', 'cut-back', 'take-out', 'reserve'] as const
export type Fate = (typeof FATES)[number]
export const CONDITIONS = ['good', 'tired', 'poor'] as const

/**
 * A plant that stands in the bed already, or a gap kept for one to come: its place (plan), its size today and what
 * becomes of it. Metres.
 */
export interface Existing {
  readonly id: string
  readonly name: string
  /** Its kind by the library; empty when it is not known. */
  readonly plantId: string
  readonly x: number
  readonly y: number
  readonly heightM: number
  readonly spreadM: number
  readonly condition: (typeof CONDITIONS)[number]
  readonly fate: Fate
  /** Into how many it is divided; 1 otherwise. */
  readonly into: number
  /** The month in which it is to be moved or divided; null or left out while that is not said. */
  readonly month?: PlaceMonth | null | undefined
  readonly note: string
}

/** Whether what stands there keeps its place. A moved plant and one taken out leave it free. */
export const keepsPlace = (e: Existing): boolean =>
  e.fate === 'keep' || e.fate === 'divide' || e.fate === 'cut-back' || e.fate === 'reserve'
/** Plants that a fate frees for use again: one moved, all divisions but the one that stays. */
export function freedBy({ fate, into }: Existing): number {
  if (fate === 'move') return 1
  return fate === 'divide' ? Math.max(0, into - 1) : 0
}
