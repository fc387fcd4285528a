import { z } from 'zod'
import {
  textSchema,
  idSchema,
  briefSchema,
  gardenSchema,
  logEntrySchema,
  siteSchema,
  supplySchema,
  tickSchema,
} from '../core/model'
import { bedSchema } from '../core/bed'

export const ARCHIVE_FORMAT = 'amber-terrace-garden'
export const ARCHIVE_VERSION = 1
export const ARCHIVE_FILE = 'garden.json'

/** The most that an archive holds of what there are many of: asked before any of it is looked at. */
export const ARCHIVE_LIMITS = {
  beds: 200,
  plants: 2000,
  drawings: 5000,
  ticks: 100_000,
  log: 200_000,
  letters: 10_000,
  changes: 5000,
  pictures: 5000,
} as const

const cells = z.record(textSchema(60), textSchema(1000))

/** `garden.json` of a garden archive; pictures lie beside it in `drawings/`. Described in docs/garden-archive.md. */
export const archiveSchema = z.object({
  format: z.literal(ARCHIVE_FORMAT, { error: 'This is not a garden archive.' }),
  version: z
    .number()
    .int()
    .min(1)
    .max(
      ARCHIVE_VERSION,
      `The archive was written by a newer Amber Terrace; this one reads version ${ARCHIVE_VERSION}.`,
    ),
  garden: gardenSchema,
  beds: z.array(z.object({ id: idSchema, bed: bedSchema })).max(ARCHIVE_LIMITS.beds),
  site: siteSchema,
  brief: briefSchema.nullable().default(null),
  /** What is decided about getting plants and materials; null when nothing is. */
  supply: supplySchema.nullable().default(null),
  /** Letters that stand on papers already, by plant id. */
  letters: z.record(textSchema(200), textSchema(8)).default({}),
  /** What was done to single plants on site. */
  ticks: z.array(tickSchema).max(ARCHIVE_LIMITS.ticks).default([]),
  /** What happened, an entry each; photos lie among the drawings. */
  log: z.array(logEntrySchema).max(ARCHIVE_LIMITS.log).default([]),
  /** Cells of library plants that the garden changed, by plant id. */
  changes: z.record(textSchema(200), cells).default({}),
  /** The user's own plants that the beds use, a row's cells each. */
  plants: z.array(cells).max(ARCHIVE_LIMITS.plants),
  drawings: z
    .array(
      z.object({
        id: idSchema,
        file: z.string().regex(/^drawings\/[A-Za-z0-9_-]+\.(png|jpg)$/),
        mediaType: z.enum(['image/png', 'image/jpeg']),
      }),
    )
    .max(ARCHIVE_LIMITS.drawings),
  /** The garden's photos of plants: plant id → drawing id. */
  pictures: z.record(textSchema(200), idSchema).default({}),
})
export type GardenArchive = z.infer<typeof archiveSchema>

/** What an archive has one of; its lists and tables are checked one by one. */
export const archiveHeadSchema = archiveSchema.pick({
  format: true,
  version: true,
  garden: true,
  site: true,
  brief: true,
  supply: true,
})
/** The JSON Schema of `garden.json`, as archives are read: published in docs/garden-archive.schema.json. */
export const archiveJsonSchema = () =>
  z.toJSONSchema(archiveSchema, { io: 'input', unrepresentable: 'any', target: 'draft-2020-12' })
