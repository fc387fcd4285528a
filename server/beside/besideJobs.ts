import type { Bed, Order } from '../../core/model'
import { fail, ok, type Result } from '../../core/result'
import {
  plantFromCells,
  plantsCsv,
  plantsJson,
  readPlants,
  readPlantsJson,
  type Plant,
  type PlantCells,
  type RowError,
} from '../../core/plant'
import type { Day } from '../../core/time'
import { BODIES, type BodyName } from '../../shared/bodies'
import { describeIssues, type SentEdit } from '../../shared/wire'
import type { ArchiveRows } from '../archive/archiveRows'
import { BrokenArchive } from '../archive/checkedList'
import type { ArchiveParts } from '../archive/zipArchive'
import { bedOfText, type BedText } from '../db/queries/beds'
import { ownPlantRowTexts } from '../db/queries/ownPlants'
import { earlierBed, editBed, type EditedBed } from '../services/editBed'
import type { PapersJob, PapersMade } from '../services/makePapers'
import { askNurseryOfTexts, type NurseryAsk } from '../services/nursery'
import { plantOfText, plantText } from '../services/plantTexts'
import type { GardenRows } from '../services/gardenRows'
import type { ReckoningName } from '../services/reckonings'
import type { PriceTable } from '../services/priceTable'

interface ReckonJob {
  readonly rows: GardenRows
  readonly what: ReckoningName
  /** Today. */
  readonly now: Day
  readonly ask: unknown
}

interface EditJob {
  readonly bed: Bed
  readonly revision: number
  readonly edits: readonly SentEdit[]
}
/** A plant list as it is taken in: names, and the rows to be stored as JSON texts of not too many each. */
type ListRead =
  | {
      readonly ok: true
      readonly named: readonly Pick<Plant, 'id' | 'botanicalName'>[]
      readonly rows: readonly string[]
    }
  | { readonly ok: false; readonly errors: readonly RowError[] }

/**
 * What is done in processes beside the server, so that no file and no body holds it: plain data in, plain data out. What only some jobs
 * need, such as what writes PDF and workbooks, is loaded with them: each process keeps what it loaded.
 */
export const BESIDE_JOBS = {
  /** A garden archive into rows. */
  archive: async ({ bytes }: { readonly bytes: Uint8Array }): Promise<Result<ArchiveRows>> => {
    const { readArchive } = await import('../archive/readArchive')
    try {
      return ok(readArchive(bytes))
    } catch (error) {
      if (error instanceof BrokenArchive) return fail(error.message)
      throw error
    }
  },
  /** A garden's parts into an archive. */
  pack: async (parts: ArchiveParts): Promise<Result<Uint8Array>> => {
    const { zipArchive } = await import('../archive/zipArchive')
    return ok(zipArchive(parts))
  },
  /** A plant list, CSV or JSON. */
  plants: ({ text, json }: { readonly text: string; readonly json: boolean }): Result<ListRead> => {
    const read = json ? readPlantsJson(text) : readPlants(text)
    if (!read.ok) return ok(read)
    const named = read.plants.map(({ id, botanicalName }) => ({ id, botanicalName }))
    return ok({ ok: true, named, rows: ownPlantRowTexts(read.rows) })
  },
  /** Own plants by their cells, checked again: each a JSON text as its cells are. */
  ownPlants: ({ cells }: { readonly cells: readonly string[] }): Result<string[]> =>
    ok(cells.map((text) => plantText(plantFromCells(JSON.parse(text) as PlantCells)))),
  /** Plants as a file. */
  plantFile: ({
    plants,
    as,
  }: {
    readonly plants: readonly string[]
    readonly as: 'csv' | 'json'
  }): Result<string> => ok((as === 'json' ? plantsJson : plantsCsv)(plants.map(plantOfText))),
  /** A price list, CSV or XLSX. */
  prices: async ({ bytes }: { readonly bytes: Uint8Array }): Promise<Result<PriceTable>> => {
    const { readPriceTable } = await import('../services/priceTable')
    return readPriceTable(bytes)
  },
  /** Figures and files of a stored garden. */
  reckon: async ({ rows, what, now, ask }: ReckonJob): Promise<Result<unknown>> => {
    const [{ RECKONINGS }, { partsOfRows }] = await Promise.all([
      import('../services/reckonings'),
      import('../services/gardenRows'),
    ])
    return ok(await RECKONINGS[what](partsOfRows(rows), now, ask as never))
  },
  /** Papers of a stored garden, into a file. */
  papers: async (job: PapersJob): Promise<Result<PapersMade>> => {
    const { makePapers } = await import('../services/makePapers')
    return ok(await makePapers(job))
  },
  /** Stored beds, read and checked, as the JSON text of an answer. */
  beds: ({ beds }: { readonly beds: readonly BedText[] }): Result<string> =>
    ok(JSON.stringify(beds.map(bedOfText))),
  /** A step with the simulated nursery. */
  nursery: ({ plants, ask }: { readonly plants: readonly string[]; readonly ask: NurseryAsk }): Result<Order> =>
    ok(askNurseryOfTexts(plants, ask)),
  /** Edits applied to a bed. */
  edit: ({ bed, revision, edits }: EditJob): Result<EditedBed> => editBed(bed, revision, edits),
  /** A bed as it was. */
  earlierBed: (before: Parameters<typeof earlierBed>[0]): Result<Bed> => ok(earlierBed(before)),
  /** The body of a request against its schema. */
  body: ({ name, text }: { readonly name: BodyName; readonly text: string }): Result<unknown> => {
    const read = BODIES[name].safeParse(jsonOf(text))
    return read.success ? ok(read.data) : fail(describeIssues(read.error))
  },
} as const

export type BesideJobs = typeof BESIDE_JOBS
export type BesideName = keyof BesideJobs
export type BesideInput<N extends BesideName> = Parameters<BesideJobs[N]>[0]
export type BesideValue<N extends BesideName> =
  Awaited<ReturnType<BesideJobs[N]>> extends Result<infer T> ? T : never

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text) as unknown
  } catch {
    return undefined
  }
}
