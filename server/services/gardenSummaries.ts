import { layGarden } from '../../core/garden'
import { resolveSite } from '../../core/site'
import type { GardenSummary, StoredBed, StoredGarden } from '../../shared/wire'
import type { Queryable } from '../db/Db'
import { listBeds } from '../db/queries/beds'
import { listSchoolChanges } from '../db/queries/briefs'
import { listGardens } from '../db/queries/gardens'
import { findSite } from '../db/queries/sites'

/** Every garden with its beds, each with the wall and the viewpoint that it has from its site. */
export async function gardenSummaries(db: Queryable): Promise<GardenSummary[]> {
  const beds = await listBeds(db)
  const schools = await listSchoolChanges(db)
  const summaryOf = async (garden: StoredGarden): Promise<GardenSummary> => {
    const own = beds.filter((b) => b.gardenId === garden.id)
    const site = resolveSite((await findSite(db, garden.id)).value)
    const laid = layGarden(
      site,
      own.map((b) => ({ id: b.id, bed: b.value })),
    )
    const asLaid = (b: StoredBed): StoredBed => ({ ...b, value: laid.beds.get(b.id)!.bed })
    return { garden, beds: own.map(asLaid), schools: schools.get(garden.id) ?? {} }
  }
  return Promise.all((await listGardens(db)).map(summaryOf))
}
