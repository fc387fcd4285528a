import type { Queryable } from '../Db'

/** Whether a step that is done once was done. */
export const isDataStepDone = async (db: Queryable, name: string): Promise<boolean> =>
  (await db.query('SELECT 1 FROM data_step WHERE name = $1', [name])).length > 0

/** Notes that a step is done. */
export async function noteDataStep(db: Queryable, name: string): Promise<void> {
  await db.query('INSERT INTO data_step (name) VALUES ($1) ON CONFLICT DO NOTHING', [name])
}
