import { bedSchema } from '../../core/bed'
import { gardenSchema, briefSchema, siteSchema, type Brief } from '../../core/model'
import { saveBrief } from './queries/briefs'
import { z } from 'zod'
import type { Db, Queryable } from './Db'
import { insertBed } from './queries/beds'
import { hasGardens, insertGarden, setGardenRemoved } from './queries/gardens'
import { saveSite } from './queries/sites'

const demoSchema = z.object({
  id: z.string(),
  garden: gardenSchema,
  beds: z.array(z.object({ id: z.string(), bed: bedSchema })),
  site: siteSchema.optional(),
  brief: briefSchema.optional(),
})

const LOCK = 4310002

type Demo = z.infer<typeof demoSchema>

/** Puts the demo gardens into a database that has never held one; leaves any other alone. True when it did. */
export async function seedDemo(db: Db, ...demos: readonly unknown[]): Promise<boolean> {
  const gardens = demos.map((demo) => demoSchema.parse(demo))
  return db.transaction(async (tx) => {
    await tx.query('SELECT pg_advisory_xact_lock($1)', [LOCK])
    if (await hasGardens(tx)) return false
    for (const garden of gardens) await insertDemo(tx, garden)
    return true
  })
}

/** Puts the demo gardens beside whatever is there: one that was removed comes back, one that is there stays. Ids of those made anew. */
export async function addDemo(db: Db, ...demos: readonly unknown[]): Promise<string[]> {
  const gardens = demos.map((demo) => demoSchema.parse(demo))
  return db.transaction(async (tx) => {
    await tx.query('SELECT pg_advisory_xact_lock($1)', [LOCK])
    const made: string[] = []
    for (const garden of gardens) {
      if (await setGardenRemoved(tx, garden.id, false)) continue
      await insertDemo(tx, garden)
      made.push(garden.id)
    }
    return made
  })
}

async function insertDemo(tx: Queryable, { id, garden, beds, site, brief }: Demo) {
  await insertGarden(tx, id, garden)
  for (const { id: bedId, bed } of beds) await insertBed(tx, bedId, id, bed)
  if (site) await saveSite(tx, id, 0, site)
  if (brief) await saveBrief(tx, id, 0, brief as Brief)
}
