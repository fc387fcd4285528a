import { existsSync, mkdirSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { PGlite } from '@electric-sql/pglite'
import type { Db } from '../../server/db/Db'
import { openPglite } from '../../server/db/openPglite'

const root = fileURLToPath(new URL('../..', import.meta.url))
const { version } = JSON.parse(
  readFileSync(join(root, 'node_modules/@electric-sql/pglite/package.json'), 'utf8'),
) as { version: string }
const temporary = join(root, 'tests', '.tmp')
const made = join(temporary, `first-${version}`)
const dump = join(made, 'dump.tar')

/** The folder of an empty database, made once for all tests: making one takes four seconds. */
export const FIRST = join(made, 'database')

/** An empty database in memory. */
export const memoryDb = (): Promise<Db> =>
  openPglite(undefined, existsSync(dump) ? { dump: new Blob([readFileSync(dump)]) } : {})

/** Makes it before the tests begin. */
export async function setup() {
  if (existsSync(made)) return
  mkdirSync(temporary, { recursive: true })
  const half = mkdtempSync(join(temporary, 'first-'))
  const db = await PGlite.create(join(half, 'database'))
  const file = await db.dumpDataDir('none')
  writeFileSync(join(half, 'dump.tar'), Buffer.from(await file.arrayBuffer()))
  await db.close()
  if (existsSync(made)) rmSync(half, { recursive: true })
  else renameSync(half, made)
}
