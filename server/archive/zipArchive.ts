import { strToU8, zipSync } from 'fflate'
import type { Bed, Brief, Supply, LogEntry, Tick, Site, Garden } from '../../core/model'
import { kindsOf } from '../../core/bed'
import { plantId, type PlantCells } from '../../core/plant'
import { archiveSchema, ARCHIVE_FILE, ARCHIVE_FORMAT, ARCHIVE_VERSION } from '../../shared/archiveSchema'
import { bedOfText, type BedText } from '../db/queries/beds'
import type { Drawing } from '../db/queries/drawings'

/** Everything that a garden's archive holds, as it is stored. */
export interface ArchiveParts {
  readonly garden: Garden
  readonly beds: readonly BedText[]
  readonly site: Site
  readonly brief: Brief | null
  readonly supply: Supply | null
  readonly letters: ReadonlyMap<string, string>
  readonly ticks: readonly Tick[]
  readonly log: readonly LogEntry[]
  readonly changes: ReadonlyMap<string, PlantCells>
  /** The cells of all there are, as texts: those that the garden speaks of come with it. */
  readonly own: readonly string[]
  readonly drawings: readonly Drawing[]
  readonly pictures: ReadonlyMap<string, string>
}

/** Every plant that a bed speaks of: in its drifts and their mixes, varied parts, its shortlist, its orders, and what stands there. */
const plantsNamedBy = (bed: Bed): string[] => [
  ...bed.drifts.flatMap(kindsOf),
  ...(bed.form.kind === 'court' ? (bed.form.variants ?? []).map((v) => v.withId) : []),
  ...bed.shortlist,
  ...bed.sets.flatMap((s) => s.plantIds),
  ...bed.buying.map((b) => b.plantId),
  ...bed.existing.map((e) => e.plantId),
]

/** A garden as one zip: its texts as JSON, its pictures beside it. */
export function zipArchive({ letters, changes, pictures, drawings, site, ...parts }: ArchiveParts): Uint8Array {
  const { supply, log, own, ...rest } = parts
  const beds = parts.beds.map(bedOfText).map(({ id, value }) => ({ id, bed: value }))
  const supplied = supply ? [...supply.lines, ...supply.trays].map((l) => l.plantId) : []
  const logged = log.flatMap((e) => [e.plantId, e.toPlantId])
  const used = new Set([...beds.flatMap((b) => plantsNamedBy(b.bed)), ...supplied, ...logged])
  const files = drawings.map(({ id, mediaType }) => ({
    id,
    file: `drawings/${id}.${mediaType === 'image/png' ? 'png' : 'jpg'}`,
    mediaType,
  }))
  const archive = archiveSchema.parse({
    format: ARCHIVE_FORMAT,
    version: ARCHIVE_VERSION,
    ...rest,
    ...{ supply, log, beds },
    plants: own
      .map((text) => JSON.parse(text) as PlantCells)
      .filter((cells) => used.has(plantId(cells.botanical_name ?? ''))),
    // A bed that lies against nothing says so: only archives of older versions leave it open.
    site: { ...site, beds: site.beds.map((b) => ({ ...b, against: b.against ?? null })) },
    letters: Object.fromEntries(letters),
    changes: Object.fromEntries(changes),
    drawings: files,
    pictures: Object.fromEntries(pictures),
  })
  return zipSync({
    [ARCHIVE_FILE]: strToU8(JSON.stringify(archive, null, 1)),
    // Pictures are packed in themselves.
    ...Object.fromEntries(drawings.map((d, i) => [files[i]!.file, [d.bytes, { level: 0 as const }] as const])),
  } as Parameters<typeof zipSync>[0])
}
