import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** Runs `npm run account` on a data folder that no server has open; what it said. */
export function makeAccount(folder: string, login: string, password: string, name = login): string {
  const done = spawnSync(process.execPath, ['scripts/account.mjs', login, name], {
    cwd: root,
    env: { ...process.env, AMBER_DATA_DIR: folder, AMBER_PASSWORD: password, DATABASE_URL: '' },
    encoding: 'utf8',
  })
  return done.stdout + done.stderr
}
