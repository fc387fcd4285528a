import { removeAccount } from '../../../db/queries/accounts'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const id = idOf(event, 'account')
  if (!(await db.transaction((tx) => removeAccount(tx, id))))
    throw refuse(422, 'That account is not there, or it is the last owner: make another owner first.')
  return { removed: true }
})
