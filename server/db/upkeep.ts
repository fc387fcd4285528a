import type { Db } from './Db'

/** Tables that are written again and again: what a new version of a row replaced is free for the next one after this. */
const WRITTEN = [
  'bed',
  'bed_edit',
  'bed_snapshot',
  'bed_picture',
  'site',
  'site_thing',
  'survey_point',
  'bed_place',
] as const
const ALSO_WRITTEN = ['brief', 'supply', 'plant_change', 'tick', 'log_entry', 'drawing', 'garden'] as const

/** After so many changes the next quiet moment is used, ms without one; after so many it is done at once. */
const ENOUGH = 100
const AT_ONCE = 600
const QUIET_MS = 15_000

interface Upkeep {
  /** Call it after each change. */
  changed(): void
  stop(): void
}

/**
 * The embedded database has no helpers of its own beside it: this sweeps the tables, a statement at a time so that others are answered in
 * between, and writes its journal off.
 */
export function keepUp(db: Db, onError: (error: unknown) => void): Upkeep {
  let changes = 0
  let timer: NodeJS.Timeout | undefined
  let running = false
  const run = async () => {
    if (running) return
    running = true
    changes = 0
    try {
      await sweep(db)
    } catch (error) {
      onError(error)
    }
    running = false
  }
  return {
    changed: () => {
      changes++
      clearTimeout(timer)
      if (changes >= AT_ONCE) return void run()
      if (changes < ENOUGH) return
      timer = setTimeout(() => void run(), QUIET_MS)
      timer.unref()
    },
    stop: () => clearTimeout(timer),
  }
}

/** Frees what replaced rows took, and writes the journal off. */
export async function sweep(db: Db): Promise<void> {
  for (const table of [...WRITTEN, ...ALSO_WRITTEN]) {
    await db.query(`VACUUM (TRUNCATE false) ${table}`)
    await new Promise((next) => setImmediate(next))
  }
  await db.query('CHECKPOINT')
}
