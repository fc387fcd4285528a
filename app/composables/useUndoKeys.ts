/** Ctrl or Cmd Z, and Shift Z or Y, anywhere but in a text box that has its own undo. */
export function useUndoKeys() {
  const { active } = useDesk()
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return
    const target = event.target as HTMLElement | null
    if (target?.closest('input, textarea, [contenteditable]')) return
    const key = event.key.toLowerCase()
    if (key !== 'z' && key !== 'y') return
    event.preventDefault()
    if (key === 'y' || event.shiftKey) active.value.redo()
    else active.value.undo()
  })
}
