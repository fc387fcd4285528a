// Starts the built server, waits until it answers, prints its address, and stays until it is stopped.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import {
  answers,
  checkFolder,
  checkNode,
  checkPort,
  ensureBuild,
  ensurePackages,
  root,
  setAside,
  settings,
} from './machine.mjs'

export async function launch({ demo = false, reset = false } = {}) {
  checkNode()
  const { host, port, folder } = settings()
  if (!process.env.DATABASE_URL) checkFolder(folder)
  await checkPort(host, port)
  ensurePackages()
  ensureBuild()
  if (reset && !process.env.DATABASE_URL) setAside(folder)
  const env = {
    ...process.env,
    HOST: host,
    NITRO_HOST: host,
    NITRO_PORT: String(port),
    AMBER_DATA_DIR: folder,
    NODE_ENV: 'production',
    ...(demo ? { AMBER_SEED_DEMO: '1' } : {}),
  }
  const server = spawn(process.execPath, [join(root, '.output', 'server', 'index.mjs')], {
    env,
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  let stopping = false
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      stopping = true
      server.kill(signal)
    })
  server.on('exit', (code) => process.exit(stopping ? 0 : code || 1))
  const shown = host.includes(':') ? `[${host}]` : host
  // Every address of this machine: it is asked at the nearest.
  const near = { '0.0.0.0': '127.0.0.1', '::': '[::1]' }[host] ?? shown
  await answers(`http://${near}:${port}/api/health`)
  console.log(
    `Amber Terrace is at http://${shown}:${port} (data in ${process.env.DATABASE_URL ? 'PostgreSQL' : folder}). Ctrl C stops it.`,
  )
}
