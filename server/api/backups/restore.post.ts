import { z } from 'zod'
import { BrokenBackup } from '../../backup/backupFile'
import { backupPath, makeBackup } from '../../backup/backups'
import { restoreStore } from '../../backup/restoreStore'

const askSchema = z.object({ file: z.string().max(200) })

/** Puts the whole store back as a backup has it; what is there now is backed up first. All of it or nothing. */
export default defineEventHandler(async (event) => {
  const { file } = await readChecked(event, askSchema)
  const { db, version, migrations } = await useStore()
  const at = new Date()
  try {
    const path = backupPath(backupFolder(), file)
    const label = `before-restore-${at.toISOString().slice(11, 19).replace(/:/g, '')}`
    const before = await makeBackup(db, backupFolder(), { version, at, label })
    const { gardens } = await restoreStore(db, path, migrations)
    return { gardens: gardens.map((g) => g.name), before: before.file }
  } catch (error) {
    if (error instanceof BrokenBackup) throw refuse(422, `Nothing was changed: ${error.message}`)
    throw error
  }
})
