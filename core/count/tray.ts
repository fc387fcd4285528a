export const TRAY_STEPS = ['sown', 'germinated', 'prickedOut', 'hardenedOff', 'plantedOut'] as const
export type TrayStep = (typeof TRAY_STEPS)[number]

/** A tray, pan or box of one kind that is raised: its number, how many cells or seeds, what became of it and on which ISO days. */
export interface Tray {
  readonly id: string
  readonly number: number
  readonly plantId: string
  readonly cells: number
  readonly seeds: number
  /** ISO day on which it is to be sown. */
  readonly sow: string
  /** ISO days, by step, of what was done. */
  readonly done: Readonly<Partial<Record<TrayStep, string>>>
  /** How many came up or rooted; null while that was not counted. */
  readonly came: number | null
  readonly failed: boolean
}
