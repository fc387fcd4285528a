import { linkBeds } from '../../core/garden'
import type { Db, Queryable } from '../db/Db'
import { listBedsOf } from '../db/queries/beds'
import { isDataStepDone, noteDataStep } from '../db/queries/dataSteps'
import { gardensWithPlacedBeds } from '../db/queries/sites'
import { findSite, saveSite } from '../db/queries/sites'

/** Beds that lie along a wall of their site are laid against it, where the wall has all that the bed says of its own. */
async function linkStoredBeds(db: Db) {
  for (const id of await gardensWithPlacedBeds(db)) {
    await db.transaction((tx) => linkBedsOf(tx, id))
    // Others are let in between.
    await new Promise((next) => setImmediate(next))
  }
}

async function linkBedsOf(tx: Queryable, gardenId: string) {
  const { value: site, revision } = await findSite(tx, gardenId)
  if (site.beds.every((b) => b.against !== undefined)) return
  const beds = new Map((await listBedsOf(tx, gardenId)).map((b) => [b.id, b.value]))
  const linked = linkBeds(site, beds)
  if (linked !== site) await saveSite(tx, gardenId, revision, linked)
}

const STEPS: Readonly<Record<string, (db: Db) => Promise<void>>> = { 'beds against walls': linkStoredBeds }

/**
 * Does what has not been done yet to stored data, a garden at a time: it may be ended in the middle and begun again, and the server answers
 * meanwhile. The names of the steps done now.
 */
export async function runDataSteps(db: Db): Promise<string[]> {
  const done: string[] = []
  for (const [name, step] of Object.entries(STEPS)) {
    if (await isDataStepDone(db, name)) continue
    await step(db)
    await noteDataStep(db, name)
    done.push(name)
  }
  return done
}
