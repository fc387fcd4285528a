// npm run build: checks the plant library, then builds; a broken row stops it.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { root, run, stampBuild } from './machine.mjs'

run('npx', ['--no-install', 'tsx', 'scripts/check-library.ts'])
run('npx', ['--no-install', 'nuxt', 'build'], { stdio: process.env.AMBER_VERBOSE ? 'inherit' : ['ignore', 'ignore', 'inherit'] })
await makeEmptyDatabase()
stampBuild()

/** An empty database as an archive beside the server, so that the first start of a new data folder is quick. */
async function makeEmptyDatabase() {
  const { PGlite } = await import('@electric-sql/pglite')
  const lite = await PGlite.create()
  const archive = await lite.dumpDataDir('gzip')
  writeFileSync(join(root, '.output', 'server', 'empty-database.tgz'), Buffer.from(await archive.arrayBuffer()))
  await lite.close()
}
