import { z } from 'zod'
import { bedSchema } from '../../shared/bedSchema'
import { gardenSchema } from '../../shared/gardenSchema'
import type { Db } from './Db'
import { insertBed } from './queries/beds'
import { hasGardens, insertGarden } from './queries/gardens'

const demoSchema = z.object({ id: z.string(), garden: gardenSchema, beds: z.array(z.object({ id: z.string(), bed: bedSchema })) })

/** Puts a demo garden into a database that has never held one; leaves any other alone. True when it did. */
export async function seedDemo(db: Db, demo: unknown): Promise<boolean> {
  const { id, garden, beds } = demoSchema.parse(demo)
  return db.transaction(async (tx) => {
    if (await hasGardens(tx)) return false
    await insertGarden(tx, id, garden)
    for (const { id: bedId, bed } of beds) await insertBed(tx, bedId, id, bed)
    return true
  })
}
