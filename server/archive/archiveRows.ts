import type { Brief, Supply, Site, Garden } from '../../core/model'
import type { PlantCells } from '../../core/plant'
import type { BedRow } from '../db/queries/beds'
import type { Drawing } from '../db/queries/drawings'
import type { OwnPlantRow } from '../db/queries/ownPlants'

/** A garden archive, checked and ready to be stored: what there are many of comes as JSON texts of so many rows each. */
export interface ArchiveRows {
  readonly gardenId: string
  readonly garden: Garden
  readonly beds: readonly BedRow[]
  readonly site: Site
  readonly brief: Brief | null
  readonly supply: Supply | null
  readonly letters: readonly (readonly [plantId: string, letters: string])[]
  readonly ticks: readonly string[]
  readonly entries: number
  readonly log: readonly string[]
  readonly changes: readonly (readonly [plantId: string, cells: PlantCells])[]
  readonly plants: readonly ArchivePlant[]
  readonly drawings: readonly (Drawing & { readonly plantId: string | null })[]
}

/** An own plant of an archive, with its cells as the program writes them, to be compared. */
export interface ArchivePlant extends OwnPlantRow {
  readonly plain: PlantCells
}

const ROWS_AT_ONCE = 500

/** A list as JSON texts of 500 items each: one statement stores one of them, and others are answered in between. */
export function inParts(list: readonly unknown[]): string[] {
  const parts: string[] = []
  for (let i = 0; i < list.length; i += ROWS_AT_ONCE) parts.push(JSON.stringify(list.slice(i, i + ROWS_AT_ONCE)))
  return parts
}
