import type { SentEdit } from '../../shared/wire'
import type { SavedAnswer } from '../../shared/answers'
import type { H3Event } from 'h3'
import { saveEdits, saveManyEdits } from '../beside/bedEdits'

/** Saves edits of a bed and answers, or refuses in words. */
export async function answerSave(
  event: H3Event,
  id: string,
  revision: number,
  edits: readonly SentEdit[],
): Promise<SavedAnswer> {
  const { db } = await useStore()
  const saved = isLargeBody(event)
    ? await saveManyEdits(db, id, revision, edits, goneOf(event))
    : await saveEdits(db, id, revision, edits)
  switch (saved.kind) {
    case 'saved':
      return saved.answer
    case 'stale':
      throw refuse(409, 'This bed was changed elsewhere since it was opened.', { stored: saved.stored })
    case 'unfit':
      throw refuse(422, saved.reason)
    case 'missing':
      throw notFound('bed')
  }
}
