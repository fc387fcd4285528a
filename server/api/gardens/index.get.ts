import type { GardenSummary } from '~~/shared/wire'
import { listBeds } from '../../db/queries/beds'
import { listSchoolChanges } from '../../db/queries/briefs'
import { listGardens } from '../../db/queries/gardens'

export default defineEventHandler(async (): Promise<GardenSummary[]> => {
  const { db } = await useStore()
  const beds = await listBeds(db)
  const schools = await listSchoolChanges(db)
  return (await listGardens(db)).map((garden) => ({
    garden,
    beds: beds.filter((b) => b.gardenId === garden.id),
    schools: schools.get(garden.id) ?? {},
  }))
})
