import { accessSync, constants, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { homedir } from 'node:os'
import { join, resolve } from 'node:path'

const LOCK_FILE = 'in-use.json'

/** The folder the data lies in: `AMBER_DATA_DIR`, or one in the home folder. */
export const dataFolderPath = (env: NodeJS.ProcessEnv = process.env) =>
  resolve(env.AMBER_DATA_DIR || join(homedir(), '.amber-terrace'))

interface Holder {
  readonly pid: number
  readonly started: string
}

/**
 * Makes the folder, checks that it can be written, and takes it for this process alone. Returns where the database lies and
 * a function that lets go. A holder that was killed is recognised by its process id and start time.
 */
export function takeDataFolder(folder: string): { database: string; release: () => void } {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
  } catch (error) {
    throw new Error(
      `The data folder ${folder} cannot be written (${(error as NodeJS.ErrnoException).code ?? 'error'}). ` +
        'Give it to this user, or name another in AMBER_DATA_DIR.',
    )
  }
  const lock = join(folder, LOCK_FILE)
  const mine: Holder = { pid: process.pid, started: startOf(process.pid) }
  for (let tries = 0; ; tries++) {
    try {
      writeFileSync(lock, JSON.stringify(mine), { flag: 'wx' })
      break
    } catch (error) {
      const code = (error as NodeJS.ErrnoException).code
      if (code !== 'EEXIST' || tries > 3)
        throw new Error(`The data folder ${folder} cannot be taken (${code}). Name another in AMBER_DATA_DIR.`)
      const holder = readHolder(lock)
      if (holder && isAlive(holder))
        throw new Error(
          `Another Amber Terrace (process ${holder.pid}) has the data folder ${folder} open. Use that one, ` +
            'stop it, or name another folder in AMBER_DATA_DIR.',
        )
      rmSync(lock, { force: true })
    }
  }
  return {
    database: join(folder, 'database'),
    release: () => {
      if (readHolder(lock)?.pid === process.pid) rmSync(lock, { force: true })
    },
  }
}

function readHolder(lock: string): Holder | null {
  try {
    const value = JSON.parse(readFileSync(lock, 'utf8')) as Partial<Holder>
    return typeof value.pid === 'number' && typeof value.started === 'string'
      ? { pid: value.pid, started: value.started }
      : null
  } catch {
    return null
  }
}

function isAlive({ pid, started }: Holder): boolean {
  try {
    process.kill(pid, 0)
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EPERM') return false
  }
  return startOf(pid) === started
}

/** When a process began, in the kernel's own count, so that a reused number is not taken for it; empty where /proc is missing. */
function startOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? ''
  } catch {
    return ''
  }
}
