import { z } from 'zod'
import {
  dayOfCalendar,
  logEntrySchema,
  tickSchema,
  textSchema,
  idSchema,
  plantIdSchema,
  gardenSchema,
  briefSchema,
  siteSchema,
  careTickSchema,
  orderSchema,
  supplySchema,
} from '../core/model'
import { bedSchema } from '../core/bed'
import { editSchema } from '../core/edit'

/** Revisions are counted in 32 bits by the database. */
export const revisionSchema = z
  .number()
  .int()
  .min(0)
  .max(2 ** 31 - 2, 'There is no such revision.')

const revision = revisionSchema
export const saveBedSchema = z.object({ revision, bed: bedSchema })
/** Ids of the edits that a save carries, the newest last: a save sent again is known by them. */
const saves = z.array(idSchema).max(5000).default([])
/** One edit as it is sent and kept: told apart by its id, made as an edit, as an undo or as a redo. */
export const sentEditSchema = z.object({ id: idSchema, how: z.enum(['edit', 'undo', 'redo']), edit: editSchema })
export type SentEdit = z.infer<typeof sentEditSchema>
export const saveEditsSchema = z.object({ revision, edits: z.array(sentEditSchema).min(1).max(5000) })

export const saveGardenSchema = z.object({ revision, garden: gardenSchema })
export const saveSiteSchema = z.object({ revision, site: siteSchema, saves })
export const newBedSchema = z.object({ bed: bedSchema })
export const newGardenSchema = z.object({ garden: gardenSchema })

export const saveBriefSchema = z.object({ revision, brief: briefSchema, saves })
export const saveSupplySchema = z.object({ revision, supply: supplySchema, saves })
/** An order that is shown to the simulated nursery, and the day. */
export const nurseryAskSchema = z.object({ order: orderSchema, today: dayOfCalendar })
export const sendLogSchema = z.object({
  entries: z.array(logEntrySchema).max(5000, 'At most 5,000 entries at once.'),
})
export const sendTicksSchema = z.object({ ticks: z.array(tickSchema).max(5000, 'At most 5,000 ticks at once.') })
export const changePlantSchema = z.object({ cells: z.record(textSchema(40), textSchema(400)) })
/** Figures of a plant that a garden's log taught; an empty text goes back to the library's. */
export const learnedSchema = z.object({ plantId: plantIdSchema, cells: z.record(textSchema(40), textSchema(400)) })
/** What became of tasks of care, by their ids; null: open again. */
export const careTicksSchema = z.object({ ticks: z.record(textSchema(200), careTickSchema.nullable()) })

const many = (what: string) =>
  z.number().int(`${what} is a whole number.`).min(0, `${what} is at least 0.`).max(366, `${what} is at most 366.`)

/** How many of the latest days, weeks and months keep a backup. */
export const keepRuleSchema = z
  .object({ daily: many('Days'), weekly: many('Weeks'), monthly: many('Months') })
  .refine((r) => r.daily + r.weekly + r.monthly > 0, 'At least one backup must be kept.')

/** The first thing wrong with a value, with its place: `ground.ph: pH can be at most 10.` */
export function describeIssues(error: z.ZodError): string {
  return error.issues
    .slice(0, 5)
    .map((i) => (i.path.length > 0 ? `${i.path.join('.')}: ${i.message}` : i.message))
    .join(' ')
}
