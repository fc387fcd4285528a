import { z } from 'zod'
import { bedSchema } from '../core/bed'
import type { MoneyPlan, PriceColumns, PriceListRead } from '../core/count'
import { editSchema } from '../core/edit'
import type { Manner } from '../core/measure'
import {
  BED_KINDS,
  briefSchema,
  careTickSchema,
  gardenSchema,
  logEntrySchema,
  orderSchema,
  schoolChanges,
  siteSchema,
  supplySchema,
  tickSchema,
  type Frozen,
} from '../core/model'
import type { Plant } from '../core/plant'
import type { SiteSheet } from '../core/setout'
import { liveEventSchema } from './live'
import { ROLES } from './peopleSchema'
import { NOTE_KINDS } from './shareSchema'

const text = z.string()
const texts = z.array(text)
const count = z.number()
/** What the same core reckons on the server: known by its parts, which are the core's types. */
const reckoned = <T extends object>(...parts: readonly (keyof T & string)[]) =>
  z.custom<T>((value) => typeof value === 'object' && value !== null && parts.every((p) => p in value), {
    error: `Expected ${parts.join(', ')}.`,
  })
const plants = z.array(reckoned<Plant>('id', 'botanicalName', 'commonName', 'foliageHeightM', 'spreadM'))

/** What is stored under an id with a revision that grows by one with each save. */
const head = { id: text, revision: count, savedAt: text }
const stored = <S extends z.ZodType>(value: S) => z.object({ ...head, value })
const how = z.enum(['edit', 'undo', 'redo'])
/** One of the latest steps of a bed, with what takes it back: undo goes on from it. */
const historyStep = z.object({ how, name: text, inverse: editSchema })
const storedBed = stored(bedSchema).extend({
  gardenId: text,
  /** Oldest first, when the bed is opened for work. */
  steps: z.array(historyStep).optional(),
})
const storedGarden = stored(gardenSchema)
const storedSupply = stored(supplySchema)
/** A bed in the list of gardens: what is said of it, and whether a picture of it as it is now is kept. */
const bedCard = z.object({
  id: text,
  name: text,
  revision: count,
  savedAt: text,
  facts: z.object({ kind: z.enum(BED_KINDS), lengthM: count, depthM: count, drifts: count, plants: count }),
  /** Names the state of bed, site and brief: a picture drawn from another is out of date. */
  shows: text,
  hasPicture: z.boolean(),
})
/** A bed to be looked at, not edited: wall and viewpoint are the site's where it takes them from there. */
const shownBed = z.object({
  bed: bedSchema,
  garden: gardenSchema,
  /** Changed figures of schools, as the garden's brief has them. */
  schools: schoolChanges,
})
const shareNote = z.object({
  id: text,
  shareId: text,
  bedId: text,
  revision: count,
  alongM: count.nullable(),
  kind: z.enum(NOTE_KINDS),
  who: z.enum(['client', 'designer']),
  said: text,
  answers: text.nullable(),
  settled: z.boolean(),
  at: text,
})
/** A link as the designer sees it; the link itself is told once, when it is made. */
const shareInfo = z.object({
  id: text,
  name: text,
  ends: text,
  hasWord: z.boolean(),
  schedule: z.boolean(),
  papers: z.boolean(),
  madeAt: text,
  revoked: z.boolean(),
})
const account = { id: text, login: text, name: text, owner: z.boolean() }
const roles = z.record(text, z.enum(ROLES))
const backup = z.object({ file: text, day: text, bytes: count, at: text })

/** What the server answers and what a device keeps, by name: read as it comes in, so that nothing else is taken for it. */
export const ANSWERS = {
  accounts: z.array(z.object({ ...account, roles })),
  /** What a garden archive brings or brought; `id` is the new garden's, null while it is only looked at. */
  archive: z.object({
    id: text.nullable(),
    name: text,
    beds: texts,
    entries: count,
    drawings: count,
    plants: z.object({
      /** New here: they stand in the library of all gardens from then on. */
      fresh: texts,
      /** Known here with other figures: the new garden alone has those of the archive. */
      differing: z.array(z.object({ name: text, columns: texts })),
      same: count,
    }),
  }),
  backupMade: z.object({ file: text, gardens: count }),
  /** Backups of the whole store, newest first, where they lie and how many are kept. */
  backups: z.object({
    folder: text,
    keep: z.object({ daily: count, weekly: count, monthly: count }),
    backups: z.array(backup),
  }),
  bed: storedBed,
  beds: z.array(storedBed),
  brief: stored(briefSchema),
  careTicks: z.record(text, careTickSchema),
  drawing: z.object({ drawingId: text }),
  garden: storedGarden,
  gardenNames: z.array(z.object({ id: text, name: text })),
  gardens: z.array(z.object({ garden: storedGarden, beds: z.array(bedCard) })),
  /** Entries of a bed's history: what was done, when, and the revision it led to. */
  history: z.array(z.object({ id: text, revision: count, at: text, how, name: text })),
  /** What an import would do or did; `errors` name row and column. */
  imported: z.object({ taken: count, added: texts, replaced: texts }),
  keptLog: z.object({ waiting: z.array(logEntrySchema), entries: z.array(logEntrySchema) }),
  keptPhotos: texts,
  keptTicks: z.object({
    ticks: z.array(tickSchema),
    waiting: z.array(tickSchema),
    aside: z.object({ ticks: z.array(tickSchema), why: text }).optional(),
  }),
  keptWeek: z.object({
    ticks: z.record(text, careTickSchema),
    waiting: z.record(text, careTickSchema.nullable()),
    aside: z.object({ ticks: z.record(text, careTickSchema.nullable()), why: text }).optional(),
  }),
  /**
   * Plants for a garden: the library's and the user's own, with the garden's changes; which are own, which are changed, and the garden's
   * photos (plant id → drawing id).
   */
  /** Towns that begin with what was typed; districts are states or provinces where they are known by letters. */
  places: z.array(
    z.object({ town: text, district: text, country: text, latitude: z.number(), longitude: z.number() }),
  ),
  library: z.object({ plants, own: texts, changed: texts, pictures: z.record(text, text) }),
  live: liveEventSchema,
  log: z.array(logEntrySchema.partial().required({ id: true, day: true, kind: true, changed: true, device: true })),
  money: reckoned<MoneyPlan>('years', 'phases', 'total'),
  order: orderSchema,
  /** What a price list holds, how it was read, and what of it fits. */
  prices: z.object({
    headings: texts,
    columns: z.custom<PriceColumns>(),
    encoding: text,
    rows: count,
    sample: z.array(texts),
    offers: z.custom<PriceListRead['offers']>(Array.isArray),
    unknown: z.custom<PriceListRead['unknown']>(Array.isArray),
    errors: z.custom<PriceListRead['errors']>(Array.isArray),
  }),
  restored: z.object({ gardens: texts, before: text }),
  revision: bedSchema,
  saved: z.object({ revision: count, savedAt: text }),
  shareMade: z.object({ path: text }),
  /** What a client sees behind a link. */
  shared: z.object({
    name: text,
    forWhom: text,
    ends: text,
    southern: z.boolean(),
    manner: z.custom<Manner>((m) => typeof m === 'object' && m !== null && 'units' in m && 'region' in m),
    schedule: z.boolean(),
    papers: z.boolean(),
    letter: texts,
    beds: z.array(z.object({ id: text, name: text, revision: count })),
    notes: z.array(shareNote),
  }),
  sharedBed: shownBed.extend({ plants, revision: count }),
  shareNotes: z.array(shareNote),
  shares: z.object({ shares: z.array(shareInfo), notes: z.array(shareNote) }),
  shown: shownBed,
  site: stored(siteSchema),
  siteSheet: reckoned<SiteSheet>('gardenId', 'name', 'manner', 'beds', 'kinds', 'care', 'place'),
  /** A garden's supply with the letters that stand on papers already, by plant id. */
  supply: storedSupply.extend({ issued: z.record(text, text) }),
  ticks: z.array(tickSchema),
  /** What was removed: of which garden or town it is, and until when it can be brought back. */
  trash: z.array(
    z.object({
      kind: z.enum(['garden', 'bed', 'plant']),
      /** Empty for a plant. */
      gardenId: text,
      id: text,
      name: text,
      place: text,
      removedAt: text,
      until: text,
    }),
  ),
  /** Who is signed in; `local`: this machine itself, which needs no login. Roles by garden; empty where one may do everything. */
  who: z.object({ local: z.boolean(), account: z.object(account).nullable(), roles }),
} as const satisfies Record<string, z.ZodType>

/** What is edited and kept, each as it is stored. */
export const KEPT = { bed: bedSchema, brief: briefSchema, site: siteSchema, supply: supplySchema } as const
export type KeptName = keyof typeof KEPT

export type AnswerName = keyof typeof ANSWERS
export type Answer<N extends AnswerName> = Frozen<z.infer<(typeof ANSWERS)[N]>>

export type Stored<T> = Frozen<z.infer<z.ZodObject<typeof head>>> & { readonly value: T }
export type StoredGarden = Answer<'garden'>
export type StoredBed = Answer<'bed'>
export type StoredBrief = Answer<'brief'>
export type StoredSite = Answer<'site'>
export type StoredSupply = Stored<Answer<'supply'>['value']>
export type SupplyAnswer = Answer<'supply'>
export type HistoryEntry = Answer<'history'>[number]
export type HistoryStep = Frozen<z.infer<typeof historyStep>>
export type GardenSummary = Answer<'gardens'>[number]
export type BedCard = GardenSummary['beds'][number]
export type ShownBed = Answer<'shown'>
export type SavedAnswer = Answer<'saved'>
export type LibraryAnswer = Answer<'library'>
export type PricesAnswer = Answer<'prices'>
export type ImportAnswer = Answer<'imported'>
export type PlacesAnswer = Answer<'places'>
export type ArchiveAnswer = Answer<'archive'>
export type TrashItem = Answer<'trash'>[number]
export type BackupsAnswer = Answer<'backups'>
export type ShareNote = Frozen<z.infer<typeof shareNote>>
export type ShareInfo = Frozen<z.infer<typeof shareInfo>>
export type SharesAnswer = Answer<'shares'>
export type SharedGarden = Answer<'shared'>
export type AccountInfo = Answer<'accounts'>[number]
export type WhoAnswer = Answer<'who'>
