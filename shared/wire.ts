import { z } from 'zod'
import type { Bed } from '../core/bed'
import type { Brief } from '../core/brief'
import type { Plant } from '../core/plant'
import type { Site } from '../core/site'
import { bedSchema } from './bedSchema'
import { gardenSchema, type Garden, type Stored } from './gardenSchema'
import { briefSchema } from './briefSchema'
import { siteSchema } from './siteSchema'

export type StoredGarden = Stored<Garden>
/** A garden's site; revision 0 when none was ever saved. */
export type StoredSite = Stored<Site>
export type StoredBed = Stored<Bed> & { readonly gardenId: string }

const revision = z.number().int().min(0)
export const saveBedSchema = z.object({ revision, bed: bedSchema })
export const saveGardenSchema = z.object({ revision, garden: gardenSchema })
export const saveSiteSchema = z.object({ revision, site: siteSchema })
export const newBedSchema = z.object({ bed: bedSchema })
export const newGardenSchema = z.object({ garden: gardenSchema })

/** A garden with its beds, for the list. */
export interface GardenSummary {
  readonly garden: StoredGarden
  readonly beds: readonly StoredBed[]
}
export interface SavedAnswer {
  readonly revision: number
  readonly savedAt: string
}
/** The body of a 409: the version that is stored now. */
export interface ConflictAnswer<T> {
  readonly stored: T
}
/** Plants for a garden: the library's and the user's own, with the garden's changes; which are own, which are changed, and the garden's photos (plant id → drawing id). */
export interface LibraryAnswer {
  readonly plants: readonly Plant[]
  readonly own: readonly string[]
  readonly changed: readonly string[]
  readonly pictures: Readonly<Record<string, string>>
}
export type StoredBrief = Stored<Brief>
export const saveBriefSchema = z.object({ revision, brief: briefSchema })
export const changePlantSchema = z.object({ cells: z.record(z.string().max(40), z.string().max(400)) })
/** What an import would do or did; `errors` name row and column. */
export interface ImportAnswer {
  readonly taken: number
  readonly added: readonly string[]
  readonly replaced: readonly string[]
}

/** The first thing wrong with a value, with its place: `ground.ph: pH can be at most 10.` */
export function describeIssues(error: z.ZodError): string {
  return error.issues
    .slice(0, 5)
    .map((i) => (i.path.length > 0 ? `${i.path.join('.')}: ${i.message}` : i.message))
    .join(' ')
}
