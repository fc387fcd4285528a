import { readdirSync, readFileSync } from 'node:fs'

/** Who has the data folder open: a process, told from a later one of the same number by when it began. */
export interface LockHolder {
  readonly pid: number
  readonly started: string
}

/** A process that was killed is at its end within this, ms. */
const END_MS = 5000
const LOOK_MS = 20

export const thisProcess = (): LockHolder => ({ pid: process.pid, started: startOf(process.pid) })

/** Whether a holder still has it. One that was killed is waited for: its threads may write until the last has ended. */
export function livesOn(holder: LockHolder): boolean {
  for (let waited = 0; waited < END_MS; waited += LOOK_MS) {
    if (!isListed(holder)) return false
    const states = threadStates(holder.pid)
    if (states.every(hasEnded)) return false
    // It may have gone from the list in between.
    if (!hasEnded(states[0]!)) return isListed(holder)
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, LOOK_MS)
  }
  return true
}

/** Whether a thread does nothing any more: a zombie is listed until its parent has looked, and some parents never do. */
const hasEnded = (state: string) => state === 'Z' || state === 'X'

function isListed({ pid, started }: LockHolder): boolean {
  try {
    process.kill(pid, 0)
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EPERM') return false
  }
  return startOf(pid) === started
}

/** The states of a process's threads, its first one first; that of one that runs where the system does not tell. */
function threadStates(pid: number): string[] {
  try {
    const threads = readdirSync(`/proc/${pid}/task`).filter((thread) => thread !== String(pid))
    const first = fieldsOf(`${pid}`)[0] ?? 'R'
    return [first, ...threads.map((thread) => fieldsOf(`${pid}/task/${thread}`)[0] ?? 'X')]
  } catch {
    return ['R']
  }
}

/** What the kernel says of a process or thread after its name: its state first, when it began as the twentieth. */
function fieldsOf(of: string): string[] {
  try {
    const stat = readFileSync(`/proc/${of}/stat`, 'utf8')
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')
  } catch {
    return []
  }
}

/** When a process began, in the kernel's own count, so that a reused number is not taken for it; empty where /proc is missing. */
const startOf = (pid: number): string => fieldsOf(`${pid}`)[19] ?? ''
