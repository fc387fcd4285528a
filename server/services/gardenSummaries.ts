import { findBrief } from '../db/queries/briefs'
import { layGarden } from '../../core/garden'
import { resolveSite } from '../../core/site'
import type { GardenSummary, ShownBed } from '../../shared/answers'
import type { Queryable } from '../db/Db'
import { bedCardsOf } from '../db/queries/bedCards'
import { findBed } from '../db/queries/beds'
import { findGarden, listGardens, type ListAsk } from '../db/queries/gardens'
import { findSite } from '../db/queries/sites'

/** A part of the list of gardens, each with what is said of its beds, and how many answer in all. */
export async function gardenSummaries(
  db: Queryable,
  ask: ListAsk,
): Promise<{ readonly list: GardenSummary[]; readonly total: number }> {
  const { gardens, total } = await listGardens(db, ask)
  const cards = await bedCardsOf(
    db,
    gardens.map((g) => g.id),
  )
  return { list: gardens.map((garden) => ({ garden, beds: cards.get(garden.id) ?? [] })), total }
}

/** A bed as it is looked at: laid in its garden, with its schools; null when it is not there. */
export async function shownBed(db: Queryable, bedId: string): Promise<ShownBed | null> {
  const stored = await findBed(db, bedId)
  const garden = stored && (await findGarden(db, stored.gardenId))
  if (!garden) return null
  const site = resolveSite((await findSite(db, garden.id)).value)
  const { schools } = (await findBrief(db, garden.id)).value
  const laid = layGarden(site, [{ id: bedId, bed: stored.value }])
  return { bed: laid.beds.get(bedId)!.bed, garden: garden.value, schools }
}
