/** What an earlier visit could not save: the revision it started from, what it made, and the edits that made it. */
export interface Unsaved {
  readonly revision: number
  readonly value: unknown
  readonly edits?: unknown
  /** What was saved at that revision. */
  readonly base?: unknown
}

const keyOf = (id: string) => `amber-terrace.unsaved.${id}`

/** Keeps an edit in the browser until the server has answered, so that a closed tab loses nothing. */
export function keepUnsaved(id: string, unsaved: Unsaved) {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify(unsaved))
  } catch {
    // A full or forbidden storage must not stop the work; the edit is still in memory.
  }
}

export function dropUnsaved(id: string) {
  try {
    localStorage.removeItem(keyOf(id))
  } catch {
    // See keepUnsaved.
  }
}

/** What an earlier visit could not save; its value is still to be checked. */
export function readUnsaved(id: string): Unsaved | null {
  try {
    const read = JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as Partial<Unsaved> | null
    if (!read || typeof read.revision !== 'number') return null
    return {
      revision: read.revision,
      value: read.value,
      ...(Array.isArray(read.edits) ? { edits: read.edits } : {}),
      ...(read.base === undefined ? {} : { base: read.base }),
    }
  } catch {
    return null
  }
}
