import { readdirSync, readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { BrokenBackup } from '../backup/backupFile'
import { listBackups, makeBackup } from '../backup/backups'
import { countRows, restoreStore } from '../backup/restoreStore'
import { dataFolderPath, takeDataFolder } from '../db/dataFolder'
import { migrate, toMigrations } from '../db/migrate'
import { openPglite } from '../db/openPglite'
import { openPostgres } from '../db/openPostgres'

const [, , wanted] = process.argv
const migrationFolder = process.env.AMBER_MIGRATIONS!
const folder = process.env.AMBER_BACKUP_DIR || join(dataFolderPath(), 'backups')

/** `npm run restore [-- file]`: without a file it lists the backups; with one it puts the store back and counts it over. */
async function main() {
  const there = listBackups(folder)
  if (!wanted) {
    console.log(there.length > 0 ? `Backups in ${folder}:` : `No backups in ${folder}.`)
    for (const b of there) console.log(`  ${b.file}  ${(b.bytes / 1048576).toFixed(1)} MB`)
    console.log('Put one back with: npm run restore -- <file>')
    return
  }
  const path = there.some((b) => b.file === wanted) ? join(folder, wanted) : resolve(wanted)
  const files = readdirSync(migrationFolder).map(
    (f) => [f, readFileSync(join(migrationFolder, f), 'utf8')] as const,
  )
  const migrations = toMigrations(new Map(files))
  const { db, release } = await open()
  try {
    await migrate(db, migrations)
    const at = new Date()
    const label = `before-restore-${at.toISOString().slice(11, 19).replace(/:/g, '')}`
    const before = await makeBackup(db, folder, { version: migrations[migrations.length - 1]!.number, at, label })
    const end = await restoreStore(db, path, migrations)
    const counts = await countRows(db)
    const odd = Object.entries(end.rows).filter(([table, n]) => counts[table] !== n)
    if (odd.length > 0) throw new BrokenBackup(`${odd.map(([t]) => t).join(', ')} were not put back whole.`)
    console.log(`Put back: ${end.gardens.map((g) => g.name).join(', ') || 'no garden'} (every row counted).`)
    console.log(`What was there before lies in ${before.file}.`)
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

main().catch((error: unknown) => {
  console.error(
    error instanceof BrokenBackup ? `Nothing was changed: ${error.message}` : String((error as Error).message),
  )
  process.exit(1)
})
