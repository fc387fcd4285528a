import { randomUUID } from 'node:crypto'
import { createInterface } from 'node:readline/promises'
import { newAccountSchema } from '../../shared/peopleSchema'
import { describeIssues } from '../../shared/wire'
import { findByLogin, hasAccounts, insertAccount, setPassword } from '../db/queries/accounts'
import { sealPassword } from '../people/password'
import { runTool, withStore } from './stoppedStore'

/** `npm run account -- <login> [name]`: makes an account, the first of them an owner; for one that is there it sets a new password. */
async function main() {
  const [, , login = '', ...name] = process.argv
  const asked = createInterface({ input: process.stdin, output: process.stdout })
  const password = process.env.AMBER_PASSWORD ?? (await asked.question('Password (at least 10 characters): '))
  asked.close()
  const read = newAccountSchema.safeParse({ login, name: name.join(' ') || login, password })
  if (!read.success) throw new Error(describeIssues(read.error))
  const account = read.data
  await withStore(async (db) => {
    const there = await findByLogin(db, account.login)
    const sealed = await sealPassword(account.password)
    const owner = !(await hasAccounts(db))
    await db.transaction(async (tx) => {
      if (there) return setPassword(tx, there.id, sealed)
      await insertAccount(tx, { ...account, id: randomUUID(), owner, password: sealed })
    })
    const made = owner ? 'made, the owner of this store' : 'made; the owner gives it its gardens under People'
    console.log(`Account “${account.login}” ${there ? 'has a new password' : made}.`)
  })
}

runTool(main)
