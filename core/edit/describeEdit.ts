import type { Edit } from './edit'

/** What an edit does, in a few words, for the undo button and the log. */
export function describeEdit(edit: Edit): string {
  switch (edit.kind) {
    case 'addDrift':
      return 'add drift'
    case 'removeDrift':
      return 'remove drift'
    case 'changeDrift':
      return edit.change.plantId
        ? 'swap plant'
        : edit.change.count !== undefined
          ? 'change count'
          : edit.change.lane !== undefined
            ? 'change lane'
            : 'move drift'
    case 'setPins':
      return 'move plant'
    case 'accept':
      return 'accept finding'
    case 'unaccept':
      return 'reopen finding'
    case 'setBuying':
      return 'change order'
    case 'setShortlist':
      return 'change shortlist'
    case 'setBed':
      return `change ${Object.keys(edit.change).join(', ')}`
    case 'setExisting':
      return 'change what stands there'
    case 'replace':
      return 'take the other version'
    case 'all':
      return edit.name
  }
}
