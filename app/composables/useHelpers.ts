/** The sheet of keys and the command box: open or not, for the whole app. */
export const useHelpers = () => ({
  keys: useState('key-sheet', () => false),
  box: useState('command-box', () => false),
})

/** Whether an event comes from where people type: single keys are letters there. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return !!target?.closest(
    'input, textarea, select, [contenteditable], [role="combobox"], [role="listbox"], [role="menu"]',
  )
}
