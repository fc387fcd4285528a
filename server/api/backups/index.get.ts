import { keepRuleSchema } from '~~/shared/wire'
import type { BackupsAnswer } from '~~/shared/answers'
import { listBackups } from '../../backup/backups'
import { KEEP } from '../../backup/keptBackups'
import { readSetting } from '../../db/queries/settings'

/** The backups there are, where they lie, and how many are kept. */
export default defineEventHandler(async (): Promise<BackupsAnswer> => {
  const { db } = await useStore()
  const folder = backupFolder()
  return { folder, backups: listBackups(folder), keep: await readSetting(db, 'backups', keepRuleSchema, KEEP) }
})
