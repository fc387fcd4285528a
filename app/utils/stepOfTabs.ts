/** The tab that a key leads to from one of `many`; null for other keys. The row goes round. */
export function stepOfTabs(key: string, from: number, many: number): number | null {
  if (key === 'Home') return 0
  if (key === 'End') return many - 1
  if (key === 'ArrowRight' || key === 'ArrowDown') return (from + 1) % many
  if (key === 'ArrowLeft' || key === 'ArrowUp') return (from - 1 + many) % many
  return null
}
