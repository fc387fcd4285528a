import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { dataFolderPath, takeDataFolder } from '../db/dataFolder'
import type { Db } from '../db/Db'
import { migrate, toMigrations, type Migration } from '../db/migrate'
import { openPglite } from '../db/openPglite'
import { openPostgres } from '../db/openPostgres'

/** Opens the store for a tool, brought to the newest version, and closes it whatever happens. An embedded one must not be open. */
export async function withStore<T>(work: (db: Db, migrations: readonly Migration[]) => Promise<T>): Promise<T> {
  const folder = process.env.AMBER_MIGRATIONS!
  const texts = readdirSync(folder).map((f) => [f, readFileSync(join(folder, f), 'utf8')] as const)
  const migrations = toMigrations(new Map(texts))
  const { db, release } = await open()
  try {
    await migrate(db, migrations)
    return await work(db, migrations)
  } finally {
    await db.close()
    release()
  }
}

async function open() {
  if (process.env.DATABASE_URL)
    return { db: await openPostgres(process.env.DATABASE_URL), release: () => undefined }
  const { database, release } = takeDataFolder(dataFolderPath())
  return { db: await openPglite(database), release }
}

/** Runs a tool; what goes wrong is one line. */
export function runTool(main: () => Promise<void>, words: (error: Error) => string = (e) => e.message) {
  main().catch((error: unknown) => {
    console.error(words(error as Error))
    process.exit(1)
  })
}
