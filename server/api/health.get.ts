import { version } from '~~/package.json'
import { freeMb, LEAST_FREE_MB, roomTrouble } from '../db/storeTrouble'
import { dataFolderPath } from '../db/dataFolder'

const NEARLY_FULL_MB = 200
const PATIENCE_MS = 150

/** Whether the store answers and takes changes: asked of the database itself, and of the disk it lies on. */
export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const asked = db.query('SELECT 1 AS one').then(() => 'answers')
  asked.catch(() => undefined)
  const busy = new Promise<string>((done) => setTimeout(done, PATIENCE_MS, 'busy').unref())
  // A store at work on something long is not a broken one; one that fails is.
  await Promise.race([asked, busy])
  if (process.env.DATABASE_URL) return { status: 'ok', version }
  const folder = dataFolderPath()
  const trouble = roomTrouble(folder)
  const free = freeMb(folder)
  if (trouble) {
    setResponseStatus(event, trouble.status)
    return { status: 'full', version, message: trouble.words }
  }
  const left = Math.floor(free - LEAST_FREE_MB)
  return free < NEARLY_FULL_MB
    ? {
        status: 'nearly full',
        version,
        message: `There are ${left} MB left for changes where the gardens are kept.`,
      }
    : { status: 'ok', version }
})
