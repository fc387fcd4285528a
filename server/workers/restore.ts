import { join, resolve } from 'node:path'
import { BrokenBackup } from '../backup/backupFile'
import { listBackups, makeBackup } from '../backup/backups'
import { countRows, restoreStore } from '../backup/restoreStore'
import { dataFolderPath } from '../db/dataFolder'
import { runTool, withStore } from './stoppedStore'

const [, , wanted] = process.argv
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
  await withStore(async (db, migrations) => {
    const at = new Date()
    const label = `before-restore-${at.toISOString().slice(11, 19).replace(/:/g, '')}`
    const version = migrations[migrations.length - 1]!.number
    const before = await makeBackup(db, folder, { version, at, label })
    const end = await restoreStore(db, path, migrations)
    const counts = await countRows(db)
    const odd = Object.entries(end.rows).filter(([table, n]) => counts[table] !== n)
    if (odd.length > 0) throw new BrokenBackup(`${odd.map(([t]) => t).join(', ')} were not put back whole.`)
    console.log(`Put back: ${end.gardens.map((g) => g.name).join(', ') || 'no garden'} (every row counted).`)
    console.log(`What was there before lies in ${before.file}.`)
  })
}

runTool(main, (e) => (e instanceof BrokenBackup ? `Nothing was changed: ${e.message}` : e.message))
