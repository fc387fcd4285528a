import { z } from 'zod'
import { idSchema, nameSchema, textSchema } from '../core/model'

const words = z.string().trim().min(1, 'A note needs words.').pipe(textSchema(1000, 'A note'))

export const newShareSchema = z.object({
  name: nameSchema,
  ends: z.iso.date({ error: 'An end such as 2026-12-31.' }),
  /** Empty: the link is enough. */
  word: z.union([z.literal(''), z.string().min(4, 'A word has at least 4 characters.').max(60)]).default(''),
  schedule: z.boolean().default(false),
  papers: z.boolean().default(false),
})
export const NOTE_KINDS = ['note', 'approve', 'change'] as const
/** What a client says of a bed as it was at a revision: a note at a place, that it is good so, or that it be changed. */
export const clientNoteSchema = z.object({
  bedId: idSchema,
  revision: z.number().int().min(1),
  alongM: z.number().min(0).max(1000).nullable().default(null),
  kind: z.enum(NOTE_KINDS),
  said: z.string().trim().pipe(textSchema(1000, 'A note')).default(''),
})
export const answerNoteSchema = z.object({ answers: idSchema, said: words })
export const settleNoteSchema = z.object({ id: idSchema, settled: z.boolean() })
