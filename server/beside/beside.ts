import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { fail, type Result } from '../../core/result'
import type { BesideInput, BesideName, BesideValue } from './besideJobs'
import { handOver } from './handOver'

/** What waits for one another: who reckons a large garden or brings one in keeps nobody from opening and saving. */
type Lane = 'bodies' | 'files' | 'reads' | 'gardens'
interface Place {
  readonly lane: Lane
  /** Time that a thread may take, ms; what takes longer is refused. */
  readonly mostMs: number
}
const PLACES: Readonly<Record<BesideName, Place>> = {
  body: { lane: 'bodies', mostMs: 5000 },
  edit: { lane: 'bodies', mostMs: 5000 },
  archive: { lane: 'files', mostMs: 20_000 },
  plants: { lane: 'files', mostMs: 10_000 },
  plantFile: { lane: 'files', mostMs: 10_000 },
  prices: { lane: 'files', mostMs: 10_000 },
  nursery: { lane: 'files', mostMs: 10_000 },
  beds: { lane: 'reads', mostMs: 10_000 },
  earlierBed: { lane: 'reads', mostMs: 10_000 },
  ownPlants: { lane: 'reads', mostMs: 10_000 },
  pack: { lane: 'gardens', mostMs: 30_000 },
  reckon: { lane: 'gardens', mostMs: 30_000 },
}
/** Memory of a thread: what is sent in is held short, a stored garden may be as large as it has grown. */
const MOST_MB: Readonly<Record<Lane, number>> = { bodies: 160, files: 160, reads: 700, gardens: 700 }
const YOUNG_MB = 24
/** Threads of a lane. */
const MOST_AT_ONCE = 2
/** Beside the built server; while developing and in unit tests there is none, and the work is done where it is asked. */
const workerFile = () => join(dirname(process.argv[1] ?? ''), 'workers', 'beside.mjs')

const TOO_LONG = 'it takes too long to read. Split it into smaller parts, or export it again.'
const TOO_LARGE = 'it needs more memory than there is for it. Split it into smaller parts.'

interface Task {
  readonly name: BesideName
  readonly input: unknown
  readonly gone: AbortSignal | undefined
  readonly done: (result: Result<unknown>) => void
  readonly broken: (error: Error) => void
}

/** A thread without work, which ends when none comes. */
interface Idle {
  readonly worker: Worker
  readonly ending: NodeJS.Timeout
}
interface Queue {
  readonly idle: Idle[]
  readonly waiting: Task[]
  running: number
}
const queue = (): Queue => ({ idle: [], waiting: [], running: 0 })
const queues: Readonly<Record<Lane, Queue>> = { bodies: queue(), files: queue(), reads: queue(), gardens: queue() }

/** Does a job in a thread, within its time and memory: what goes beyond them fails in words. `gone` ends it, and it rejects then. */
export async function beside<N extends BesideName>(
  name: N,
  input: BesideInput<N>,
  gone?: AbortSignal,
): Promise<Result<BesideValue<N>>> {
  if (!existsSync(workerFile())) {
    const { BESIDE_JOBS } = await import('./besideJobs')
    return (await BESIDE_JOBS[name](input as never)) as Result<BesideValue<N>>
  }
  return new Promise((done, broken) => {
    const { lane } = PLACES[name]
    queues[lane].waiting.push({ name, input, gone, done: done as Task['done'], broken })
    next(lane)
  })
}

function next(lane: Lane) {
  const { waiting, idle, running } = queues[lane]
  if (running >= MOST_AT_ONCE) return
  const task = waiting.shift()
  if (!task) return
  queues[lane].running++
  void inThread(idleThread(idle) ?? newThread(lane), task).finally(() => {
    queues[lane].running--
    next(lane)
  })
}

/** After so long without work a thread gives its memory back, ms. */
const IDLE_MS = 60_000

function idleThread(idle: Idle[]): Worker | undefined {
  const last = idle.pop()
  clearTimeout(last?.ending)
  return last?.worker
}
function rest(worker: Worker, idle: Idle[]) {
  const ending = setTimeout(() => {
    idle.splice(
      idle.findIndex((i) => i.worker === worker),
      1,
    )
    void worker.terminate()
  }, IDLE_MS).unref()
  idle.push({ worker, ending })
}

function newThread(lane: Lane): Worker {
  const worker = new Worker(workerFile(), {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB[lane], maxYoungGenerationSizeMb: YOUNG_MB },
  })
  worker.unref()
  return worker
}

interface Said {
  readonly result?: Result<unknown>
  readonly error?: string
}

/** One job in one thread; a thread that failed, took too long or is not waited for is not used again. */
async function inThread(worker: Worker, task: Task): Promise<void> {
  const { name, input, gone, done, broken } = task
  const listening = new AbortController()
  const sound = await new Promise<boolean>((ended) => {
    const drop = (tell: () => void) => {
      tell()
      ended(false)
    }
    const leave = () => drop(() => broken(new Error('Nobody waits for this any more.')))
    if (gone?.aborted) return leave()
    gone?.addEventListener('abort', leave, { once: true, signal: listening.signal })
    const late = setTimeout(() => drop(() => done(fail(TOO_LONG))), PLACES[name].mostMs)
    listening.signal.addEventListener('abort', () => clearTimeout(late))
    hear(worker, listening.signal, {
      message: ({ result, error }: Said) => {
        if (result) done(result)
        else broken(new Error(error))
        ended(true)
      },
      error: (error: NodeJS.ErrnoException) => {
        const isMemory = error.code === 'ERR_WORKER_OUT_OF_MEMORY'
        drop(() => (isMemory ? done(fail(TOO_LARGE)) : broken(error)))
      },
      exit: () => drop(() => broken(new Error('The work beside the server ended early.'))),
    })
    worker.postMessage({ name, input }, handOver(input))
  })
  listening.abort()
  if (sound) {
    rest(worker, queues[PLACES[name].lane].idle)
    return
  }
  worker.on('error', () => undefined)
  await worker.terminate()
}

/** Listens until told to stop; a thread keeps listeners of its own that must stay. */
function hear(worker: Worker, until: AbortSignal, { message, error, exit }: Listeners) {
  worker.on('message', message).on('error', error).on('exit', exit)
  until.addEventListener('abort', () => worker.off('message', message).off('error', error).off('exit', exit))
}
interface Listeners {
  readonly message: (said: Said) => void
  readonly error: (error: NodeJS.ErrnoException) => void
  readonly exit: () => void
}
