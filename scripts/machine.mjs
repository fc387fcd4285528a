// What every command needs of the machine: Node new enough, packages installed, the build fresh, the port free, the folder writable.
import { spawnSync } from 'node:child_process'
import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { createServer } from 'node:net'
import { homedir } from 'node:os'
import { join, resolve } from 'node:path'

export const root = resolve(import.meta.dirname ?? '.', '..')
const LEAST_NODE = [20, 19]
const SOURCES = [
  ...['app', 'core', 'server', 'shared', 'data', 'public', 'modules', 'texts'],
  ...['nuxt.config.ts', 'package-lock.json'],
]
const language = process.env.AMBER_LANGUAGE ?? 'en'
const STAMP = join(root, '.output', 'built.json')

/** Ends the process with one clear line. */
export function stop(line) {
  console.error(line)
  process.exit(1)
}

export function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  if (major < LEAST_NODE[0] || (major === LEAST_NODE[0] && minor < LEAST_NODE[1])) {
    stop(
      `Amber Terrace needs Node ${LEAST_NODE.join('.')} or newer; this is ${process.versions.node}. Install a newer Node and try again.`,
    )
  }
}

export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options })
  if (done.status !== 0)
    stop(`“${command} ${args.join(' ')}” failed${done.status === null ? '' : ` with ${done.status}`}.`)
}

/** Installs the packages when they are missing or older than the lock file. */
export function ensurePackages() {
  const mark = join(root, 'node_modules', '.package-lock.json')
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync(join(root, 'package-lock.json')).mtimeMs) return
  console.log('Installing packages…')
  // Not `npm ci`: it refuses a lock file without the packages of other platforms, which npm 11 leaves out.
  run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'])
}

function newest(path) {
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return readdirSync(path).reduce((most, name) => Math.max(most, newest(join(path, name))), stat.mtimeMs)
}

/** Whether what is built is newer than its sources, and in the language asked for. */
export function isBuilt() {
  const sources = Math.max(...SOURCES.map((s) => newest(join(root, s))))
  return existsSync(STAMP) && statSync(STAMP).mtimeMs > sources && builtIn() === language
}

export function ensureBuild() {
  if (isBuilt()) return
  console.log('Building (about a minute)…')
  run('npm', ['run', '--silent', 'build'])
}

/** The language of the build that is there. */
const builtIn = () => JSON.parse(readFileSync(STAMP, 'utf8')).language ?? 'en'

export const stampBuild = () => writeFileSync(STAMP, JSON.stringify({ at: new Date().toISOString(), language }))

export const settings = () => {
  const port = Number(process.env.PORT || 4310)
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    stop(`PORT must be a whole number from 1 to 65535; “${process.env.PORT}” came.`)
  return {
    host: process.env.HOST || '127.0.0.1',
    port,
    folder: resolve(process.env.AMBER_DATA_DIR || join(homedir(), '.amber-terrace')),
  }
}

export function checkFolder(folder) {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
  } catch (error) {
    stop(
      `The data folder ${folder} cannot be written (${error.code}). Give it to this user, or name another in AMBER_DATA_DIR.`,
    )
  }
}

/** Moves the database aside, so that a reset loses nothing. */
export function setAside(folder) {
  const database = join(folder, 'database')
  if (!existsSync(database)) return
  const aside = join(folder, `database-before-reset-${new Date().toISOString().replace(/[:.]/g, '-')}`)
  renameSync(database, aside)
  console.log(`The earlier data was moved to ${aside}.`)
}

export const checkPort = (host, port) =>
  new Promise((done) => {
    const probe = createServer()
    probe.once('error', (error) =>
      stop(
        error.code === 'EADDRINUSE'
          ? `Port ${port} on ${host} is in use. Stop what uses it, or choose another: PORT=${port + 1} npm run demo`
          : `Cannot listen on ${host}:${port} (${error.code}). Set HOST and PORT to an address of this machine.`,
      ),
    )
    probe.listen(port, host, () => probe.close(() => done()))
  })

const WAIT_MS = 60_000

/** Waits until an address answers; ends the process with one line when it does not. */
export async function answers(url) {
  const until = Date.now() + WAIT_MS
  while (Date.now() < until) {
    const ok = await fetch(url).then(
      (r) => r.ok,
      () => false,
    )
    if (ok) return
    await new Promise((done) => setTimeout(done, 100))
  }
  console.error(`The server did not answer within ${WAIT_MS / 1000} s.`)
  process.exit(1)
}

/** A port of loopback that nobody uses. */
export const freePort = () =>
  new Promise((done) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => done(port))
    })
  })
