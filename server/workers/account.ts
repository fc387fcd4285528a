import { randomUUID } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline/promises'
import { newAccountSchema } from '../../shared/peopleSchema'
import { describeIssues } from '../../shared/wire'
import { dataFolderPath, takeDataFolder } from '../db/dataFolder'
import { migrate, toMigrations } from '../db/migrate'
import { openPglite } from '../db/openPglite'
import { openPostgres } from '../db/openPostgres'
import { findByLogin, hasAccounts, insertAccount, setPassword } from '../db/queries/accounts'
import { sealPassword } from '../people/password'

/** `npm run account -- <login> [name]`: makes an account, the first of them an owner; for one that is there it sets a new password. */
async function main() {
  const [, , login = '', ...name] = process.argv
  const asked = createInterface({ input: process.stdin, output: process.stdout })
  const password = process.env.AMBER_PASSWORD ?? (await asked.question('Password (at least 10 characters): '))
  asked.close()
  const read = newAccountSchema.safeParse({ login, name: name.join(' ') || login, password })
  if (!read.success) throw new Error(describeIssues(read.error))
  const folder = process.env.AMBER_MIGRATIONS!
  const files = readdirSync(folder).map((f) => [f, readFileSync(join(folder, f), 'utf8')] as const)
  const { db, release } = await open()
  try {
    await migrate(db, toMigrations(new Map(files)))
    const there = await findByLogin(db, read.data.login)
    const sealed = await sealPassword(read.data.password)
    const owner = !(await hasAccounts(db))
    await db.transaction(async (tx) => {
      if (there) return setPassword(tx, there.id, sealed)
      await insertAccount(tx, { ...read.data, id: randomUUID(), owner, password: sealed })
    })
    const made = owner ? 'made, the owner of this store' : 'made; the owner gives it its gardens under People'
    console.log(`Account “${read.data.login}” ${there ? 'has a new password' : made}.`)
  } finally {
    await db.close()
    release()
  }
}

async function open() {
  if (process.env.DATABASE_URL)
    return { db: await openPostgres(process.env.DATABASE_URL), release: () => undefined }
  const { database, release } = takeDataFolder(dataFolderPath())
  return { db: await openPglite(database), release }
}

main().catch((error: unknown) => {
  console.error((error as Error).message)
  process.exit(1)
})
