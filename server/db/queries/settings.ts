import type { z } from 'zod'
import type { Queryable } from '../Db'

/** A setting of the whole store; `usual` while none was made, or when it no longer reads. */
export async function readSetting<T>(db: Queryable, name: string, schema: z.ZodType<T>, usual: T): Promise<T> {
  const [row] = await db.query<{ value: unknown }>('SELECT value FROM setting WHERE name = $1', [name])
  const read = schema.safeParse(row?.value)
  return read.success ? read.data : usual
}

export async function saveSetting(db: Queryable, name: string, value: unknown): Promise<void> {
  await db.query(
    'INSERT INTO setting (name, value) VALUES ($1, $2::jsonb) ON CONFLICT (name) DO UPDATE SET value = excluded.value',
    [name, JSON.stringify(value)],
  )
}
