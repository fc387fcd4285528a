import { makeBackup } from '../../backup/backups'

/** Makes a backup now, read back and checked. */
export default defineEventHandler(async (event) => {
  const { db, version } = await useStore()
  const at = new Date()
  const label = `by-hand-${at.toISOString().slice(11, 19).replace(/:/g, '')}`
  const { file, bytes, gardens } = await makeBackup(db, backupFolder(), { version, at, label })
  setResponseStatus(event, 201)
  return { file, bytes, gardens: gardens.length }
})
