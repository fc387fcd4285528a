import { randomUUID } from 'node:crypto'
import { newGardenSchema } from '~~/shared/wire'
import { setRole } from '../../db/queries/accounts'
import { insertGarden } from '../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const { garden } = await readChecked(event, newGardenSchema)
  const { db } = await useStore()
  setResponseStatus(event, 201)
  const { account } = whoOf(event)
  return db.transaction(async (tx) => {
    const stored = await insertGarden(tx, randomUUID(), garden)
    if (account) await setRole(tx, account.id, stored.id, 'owner')
    return stored
  })
})
