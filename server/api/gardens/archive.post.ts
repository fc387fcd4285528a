import { BrokenArchive } from '~~/server/archive/checkedList'
import { setRole } from '../../db/queries/accounts'
import { unpackGarden } from '../../beside/unpackGarden'

/** Takes a garden archive whole, as a new garden, or not at all; with `?dry=1` it only says what would come in. */
export default defineEventHandler(async (event) => {
  const dry = getQuery(event).dry === '1'
  const bytes = await readRawBody(event, false)
  const { db, library } = await useStore()
  try {
    const answer = await unpackGarden(db, bytes ?? new Uint8Array(), { library, dry, gone: goneOf(event) })
    const { account } = whoOf(event)
    if (account && answer.id) await db.transaction((tx) => setRole(tx, account.id, answer.id!, 'owner'))
    setResponseStatus(event, dry ? 200 : 201)
    return answer
  } catch (error) {
    if (error instanceof BrokenArchive) throw refuse(422, error.message)
    throw error
  }
})
