import { setRoleSchema } from '~~/shared/peopleSchema'
import { findAccount, setRole } from '../../db/queries/accounts'
import { findGarden } from '../../db/queries/gardens'

/** Gives an account a role in a garden, or takes it away. */
export default defineEventHandler(async (event) => {
  const { accountId, gardenId, role } = await readChecked(event, setRoleSchema)
  const { db } = await useStore()
  if (!(await findAccount(db, accountId))) throw notFound('account')
  if (!(await findGarden(db, gardenId))) throw notFound('garden')
  await db.transaction((tx) => setRole(tx, accountId, gardenId, role))
  return { role }
})
