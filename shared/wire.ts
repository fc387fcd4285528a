import { z } from 'zod'
import {
  dayOfCalendar,
  logEntrySchema,
  tickSchema,
  textSchema,
  type Bed,
  type SchoolChanges,
  type Brief,
  type Site,
  idSchema,
  plantIdSchema,
  gardenSchema,
  type Garden,
  briefSchema,
  siteSchema,
  type Supply,
  careTickSchema,
  orderSchema,
  supplySchema,
} from '../core/model'
import { bedSchema, type BedFacts } from '../core/bed'
import { editSchema, type Edit } from '../core/edit'
import type { Plant } from '../core/plant'
import type { PriceColumns, PriceListRead } from '../core/count'

/** Revisions are counted in 32 bits by the database. */
export const revisionSchema = z
  .number()
  .int()
  .min(0)
  .max(2 ** 31 - 2, 'There is no such revision.')
/** What is stored under an id with a revision that grows by one with each save. */
export interface Stored<T> {
  readonly id: string
  readonly revision: number
  readonly savedAt: string
  readonly value: T
}
export type StoredGarden = Stored<Garden>
/** A garden's site; revision 0 when none was ever saved. */
export type StoredSite = Stored<Site>
/** A bed as stored; opened for work it brings its latest steps along. */
export type StoredBed = Stored<Bed> & { readonly gardenId: string; readonly steps?: readonly HistoryStep[] }

const revision = revisionSchema
export const saveBedSchema = z.object({ revision, bed: bedSchema })
/** Ids of the edits that a save carries, the newest last: a save sent again is known by them. */
const saves = z.array(idSchema).max(5000).default([])
/** One edit as it is sent and kept: told apart by its id, made as an edit, as an undo or as a redo. */
export const sentEditSchema = z.object({ id: idSchema, how: z.enum(['edit', 'undo', 'redo']), edit: editSchema })
export type SentEdit = z.infer<typeof sentEditSchema>
export const saveEditsSchema = z.object({ revision, edits: z.array(sentEditSchema).min(1).max(5000) })

/** An entry of a bed's history: what was done, when, and the revision it led to. */
export interface HistoryEntry {
  readonly id: string
  readonly revision: number
  readonly at: string
  readonly how: 'edit' | 'undo' | 'redo'
  readonly name: string
}
/** The latest steps of a bed, oldest first, with what takes each back: undo goes on from them. */
export interface HistoryStep {
  readonly how: 'edit' | 'undo' | 'redo'
  readonly name: string
  readonly inverse: Edit
}
export const saveGardenSchema = z.object({ revision, garden: gardenSchema })
export const saveSiteSchema = z.object({ revision, site: siteSchema, saves })
export const newBedSchema = z.object({ bed: bedSchema })
export const newGardenSchema = z.object({ garden: gardenSchema })

/** A bed in the list of gardens: what is said of it, and whether a picture of it as it is now is kept. */
export interface BedCard {
  readonly id: string
  readonly name: string
  readonly revision: number
  readonly savedAt: string
  readonly facts: BedFacts
  /** Names the state of bed, site and brief: a picture drawn from another is out of date. */
  readonly shows: string
  readonly hasPicture: boolean
}
/** A garden with its beds, for the list. */
export interface GardenSummary {
  readonly garden: StoredGarden
  readonly beds: readonly BedCard[]
}
/** A bed to be looked at, not edited: wall and viewpoint are the site's where it takes them from there. */
export interface ShownBed {
  readonly bed: Bed
  readonly garden: Garden
  /** Changed figures of schools, as the garden's brief has them. */
  readonly schools: SchoolChanges
}
export interface SavedAnswer {
  readonly revision: number
  readonly savedAt: string
}
/**
 * Plants for a garden: the library's and the user's own, with the garden's changes; which are own, which are
 * changed, and the garden's photos (plant id → drawing id).
 */
export interface LibraryAnswer {
  readonly plants: readonly Plant[]
  readonly own: readonly string[]
  readonly changed: readonly string[]
  readonly pictures: Readonly<Record<string, string>>
}
export type StoredBrief = Stored<Brief>
export const saveBriefSchema = z.object({ revision, brief: briefSchema, saves })
/** A garden's supply with the letters that stand on papers already, by plant id. */
export type StoredSupply = Stored<Supply>
export type SupplyAnswer = StoredSupply & { readonly issued: Readonly<Record<string, string>> }
export const saveSupplySchema = z.object({ revision, supply: supplySchema, saves })
/** An order that is shown to the simulated nursery, and the day. */
export const nurseryAskSchema = z.object({ order: orderSchema, today: dayOfCalendar })
/** What a price list holds, how it was read, and what of it fits. */
export interface PricesAnswer {
  readonly headings: readonly string[]
  readonly columns: PriceColumns
  readonly encoding: string
  readonly rows: number
  readonly sample: readonly (readonly string[])[]
  readonly offers: PriceListRead['offers']
  readonly unknown: PriceListRead['unknown']
  readonly errors: PriceListRead['errors']
}
export const sendLogSchema = z.object({
  entries: z.array(logEntrySchema).max(5000, 'At most 5,000 entries at once.'),
})
export const sendTicksSchema = z.object({ ticks: z.array(tickSchema).max(5000, 'At most 5,000 ticks at once.') })
export const changePlantSchema = z.object({ cells: z.record(textSchema(40), textSchema(400)) })
/** Figures of a plant that a garden's log taught; an empty text goes back to the library's. */
export const learnedSchema = z.object({ plantId: plantIdSchema, cells: z.record(textSchema(40), textSchema(400)) })
/** What became of tasks of care, by their ids; null: open again. */
export const careTicksSchema = z.object({ ticks: z.record(textSchema(200), careTickSchema.nullable()) })
/** What an import would do or did; `errors` name row and column. */
export interface ImportAnswer {
  readonly taken: number
  readonly added: readonly string[]
  readonly replaced: readonly string[]
}

/** What a garden archive brings or brought; `id` is the new garden's, null while it is only looked at. */
export interface ArchiveAnswer {
  readonly id: string | null
  readonly name: string
  readonly beds: readonly string[]
  readonly entries: number
  readonly drawings: number
  readonly plants: {
    /** New here: they stand in the library of all gardens from then on. */
    readonly fresh: readonly string[]
    /** Known here with other figures: the new garden alone has those of the archive. */
    readonly differing: readonly { readonly name: string; readonly columns: readonly string[] }[]
    readonly same: number
  }
}

/** Something that was removed: of which garden or town it is, and until when it can be brought back. */
export interface TrashItem {
  readonly kind: 'garden' | 'bed' | 'plant'
  /** Empty for a plant. */
  readonly gardenId: string
  readonly id: string
  readonly name: string
  readonly place: string
  readonly removedAt: string
  readonly until: string
}
/** Backups of the whole store, newest first, where they lie and how many are kept. */
export interface BackupsAnswer {
  readonly folder: string
  readonly keep: { readonly daily: number; readonly weekly: number; readonly monthly: number }
  readonly backups: readonly {
    readonly file: string
    readonly day: string
    readonly bytes: number
    readonly at: string
  }[]
}

/** The first thing wrong with a value, with its place: `ground.ph: pH can be at most 10.` */
export function describeIssues(error: z.ZodError): string {
  return error.issues
    .slice(0, 5)
    .map((i) => (i.path.length > 0 ? `${i.path.join('.')}: ${i.message}` : i.message))
    .join(' ')
}
