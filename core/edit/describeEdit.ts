import type { Edit } from './editSchema'

const NAMES: Readonly<Record<Exclude<Edit['kind'], 'changeDrift' | 'setBed' | 'all'>, string>> = {
  addDrift: 'add drift',
  removeDrift: 'remove drift',
  removePlant: 'take a plant out',
  setPins: 'move plant',
  accept: 'accept finding',
  unaccept: 'reopen finding',
  setBuying: 'change order',
  setShortlist: 'change shortlist',
  setExisting: 'change what stands there',
  replace: 'take the other version',
}

/** What an edit does, in a few words, for the undo button and the log. */
export function describeEdit(edit: Edit): string {
  switch (edit.kind) {
    case 'changeDrift':
      return describeChange(edit.change)
    case 'setBed':
      return `change ${Object.keys(edit.change).join(', ')}`
    case 'all':
      return edit.name
    default:
      return NAMES[edit.kind]
  }
}

function describeChange(change: Extract<Edit, { kind: 'changeDrift' }>['change']): string {
  if (change.plantId) return 'swap plant'
  if (change.count !== undefined) return 'change count'
  if (change.shape !== undefined || change.pattern) return 'change shape'
  return change.lane !== undefined ? 'change lane' : 'move drift'
}
