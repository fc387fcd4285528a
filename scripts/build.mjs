// npm run build: checks the plant library, then builds; a broken row stops it.
import { spawn } from 'node:child_process'
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { answers, freePort, root, run, stampBuild } from './machine.mjs'

run('npx', ['--no-install', 'tsx', 'scripts/check-library.ts'])
run('npx', ['--no-install', 'nuxt', 'build'], {
  stdio: process.env.AMBER_VERBOSE ? 'inherit' : ['ignore', 'ignore', 'inherit'],
})
run('npx', ['--no-install', 'tsx', 'scripts/bundleWorkers.ts'])
const data = mkdtempSync(join(tmpdir(), 'amber-first-'))
await makeDatabase('empty-database', '')
await makeDatabase('demo-database', '1')
rmSync(data, { recursive: true, force: true })
stampBuild()

/**
 * A database beside the server, migrated and seeded by the server itself, to be copied: so that the first start of a new data
 * folder is quick.
 */
async function makeDatabase(name, demo) {
  const server = join(root, '.output', 'server')
  const env = {
    ...process.env,
    NODE_ENV: 'production',
    AMBER_DATA_DIR: data,
    DATABASE_URL: '',
    AMBER_SEED_DEMO: demo,
    NITRO_HOST: '127.0.0.1',
    NITRO_PORT: String(await freePort()),
  }
  const child = spawn(process.execPath, [join(server, 'index.mjs')], {
    env,
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  const ended = new Promise((done) => child.on('exit', done))
  await answers(`http://127.0.0.1:${env.NITRO_PORT}/api/health`)
  child.kill('SIGTERM')
  await ended
  rmSync(join(server, name), { recursive: true, force: true })
  cpSync(join(data, 'database'), join(server, name), { recursive: true })
}
