import type { Queryable } from '../../server/db/Db'
import { listBedsOf } from '../../server/db/queries/beds'
import { gardenIds } from '../../server/db/queries/gardens'

/** Every bed of every garden: for tests alone, the program never asks for them all. */
export async function everyBed(db: Queryable) {
  return (await Promise.all((await gardenIds(db)).map((id) => listBedsOf(db, id)))).flat()
}
