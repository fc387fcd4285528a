import type { Bed } from '../../core/model'
import { bedSchema, bedFacts } from '../../core/bed'
import { applyEdit, describeEdit, type Edit } from '../../core/edit'
import { fail, ok, type Result } from '../../core/result'
import { describeIssues, type SentEdit } from '../../shared/wire'

/** A bed after edits, as it is stored: JSON texts but for its name. */
export interface EditedBed {
  readonly name: string
  readonly value: string
  readonly facts: string
  /** The edits with their names and what takes each back, as rows of the bed's history. */
  readonly rows: string
}

/** Applies edits to a bed of a revision, all of them; fails in words when what they lead to is no bed. */
export function editBed(bed: Bed, revision: number, edits: readonly SentEdit[]): Result<EditedBed> {
  let now = bed
  const rows = edits.map((sent, i) => {
    const done = applyEdit(now, sent.edit)
    now = done.bed
    return { ...sent, name: describeEdit(sent.edit), inverse: done.inverse, revision: revision + 1 + i }
  })
  const checked = bedSchema.safeParse(now)
  if (!checked.success) return fail(describeIssues(checked.error))
  const { name } = checked.data
  return ok({
    name,
    value: JSON.stringify(checked.data),
    facts: JSON.stringify(bedFacts(checked.data)),
    rows: JSON.stringify(rows),
  })
}

/** A bed that is a text, after edits that are. */
export const earlierBed = ({ bed, edits }: { readonly bed: string; readonly edits: readonly string[] }): Bed =>
  edits.reduce<Bed>((now, text) => applyEdit(now, JSON.parse(text) as Edit).bed, bedSchema.parse(JSON.parse(bed)))
