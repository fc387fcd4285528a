import { linkBeds } from '../../core/garden'
import type { Db, Queryable } from '../db/Db'
import { listBedsOf } from '../db/queries/beds'
import { claimDataStep } from '../db/queries/dataSteps'
import { listGardens } from '../db/queries/gardens'
import { findSite, saveSite } from '../db/queries/sites'

/** Beds that lie along a wall of their site are laid against it, where the wall has all that the bed says of its own. */
async function linkStoredBeds(tx: Queryable) {
  for (const garden of await listGardens(tx)) {
    const { value: site, revision } = await findSite(tx, garden.id)
    const beds = new Map((await listBedsOf(tx, garden.id)).map((b) => [b.id, b.value]))
    const linked = linkBeds(site, beds)
    if (linked !== site) await saveSite(tx, garden.id, revision, linked)
  }
}

const STEPS: Readonly<Record<string, (tx: Queryable) => Promise<void>>> = { 'beds against walls': linkStoredBeds }

/** Does what has not been done yet to stored data, each step in a transaction of its own; the names of those done now. */
export async function runDataSteps(db: Db): Promise<string[]> {
  const done: string[] = []
  for (const [name, step] of Object.entries(STEPS)) {
    await db.transaction(async (tx) => {
      if (!(await claimDataStep(tx, name))) return
      await step(tx)
      done.push(name)
    })
  }
  return done
}
