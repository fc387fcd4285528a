import type { LogEntry } from '../../../core/model'
import { fullEntry, slimEntry, type SlimEntry } from '../../../core/log'
import type { Queryable } from '../Db'

/** All entries of a garden's log, as a JSON text of a list of slim ones: it goes to the browser as it is, without being read here. */
export async function logAsJson(db: Queryable, gardenId: string): Promise<string> {
  const [row] = await db.query<{ list: string | null }>(
    "SELECT '[' || string_agg(value, ',') || ']' AS list FROM log_entry WHERE garden_id = $1",
    [gardenId],
  )
  return row?.list ?? '[]'
}

/** All entries of a garden's log; those taken out are among them and say so. */
export const listLog = async (db: Queryable, gardenId: string): Promise<LogEntry[]> =>
  (JSON.parse(await logAsJson(db, gardenId)) as SlimEntry[]).map(fullEntry)

/** Joins entries of a device with those that are there: the later word of each holds, on the same instant that of the later device name. */
export async function joinStoredLog(db: Queryable, gardenId: string, entries: readonly LogEntry[]): Promise<void> {
  if (entries.length === 0) return
  await joinLogJson(db, gardenId, JSON.stringify(onceEach(entries).map(slimEntry)))
}

/** Joins entries that are a JSON text of slim ones already, each of them once. */
export async function joinLogJson(db: Queryable, gardenId: string, entries: string): Promise<void> {
  await db.query(
    `INSERT INTO log_entry (garden_id, id, day, value, changed, device)
     SELECT $1, e->>'id', (e->>'day')::date, e::text, (e->>'changed')::timestamptz, e->>'device'
     FROM jsonb_array_elements($2::jsonb) AS e
     ON CONFLICT (garden_id, id) DO UPDATE
       SET day = excluded.day, value = excluded.value, changed = excluded.changed, device = excluded.device, told_at = now()
       WHERE (excluded.changed, excluded.device) > (log_entry.changed, log_entry.device)`,
    [gardenId, entries],
  )
}

/** One statement must not meet the same entry twice. */
const onceEach = (entries: readonly LogEntry[]): LogEntry[] => {
  const last = new Map<string, LogEntry>()
  for (const e of entries) {
    const there = last.get(e.id)
    if (!there || e.changed >= there.changed) last.set(e.id, e)
  }
  return [...last.values()]
}
