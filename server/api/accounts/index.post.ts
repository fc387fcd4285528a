import { randomUUID } from 'node:crypto'
import { newAccountSchema } from '~~/shared/peopleSchema'
import { insertAccount } from '../../db/queries/accounts'
import { sealPassword } from '../../people/password'

export default defineEventHandler(async (event) => {
  const { password, ...said } = await readChecked(event, newAccountSchema)
  const { db } = await useStore()
  const id = randomUUID()
  const sealed = await sealPassword(password)
  if (!(await db.transaction((tx) => insertAccount(tx, { id, ...said, password: sealed }))))
    throw refuse(422, `The login “${said.login}” is taken: choose another.`)
  setResponseStatus(event, 201)
  return { id }
})
