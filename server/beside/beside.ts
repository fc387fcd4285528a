import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fail, type Result } from '../../core/result'
import type { BesideInput, BesideName, BesideValue } from './besideJobs'
import { Helper } from './Helper'

/** What waits for one another: who reckons a large garden or brings one in keeps nobody from opening and saving. */
type Lane = 'bodies' | 'files' | 'reads' | 'gardens' | 'papers'
interface Place {
  readonly lane: Lane
  /** Time that a job may take, ms; what takes longer is refused. */
  readonly mostMs: number
  /** A stored garden may be as large as it has grown: what does not fit is tried once more with so much memory, MB. */
  readonly againMb?: number
}
const PLACES: Readonly<Record<BesideName, Place>> = {
  body: { lane: 'bodies', mostMs: 5000 },
  edit: { lane: 'bodies', mostMs: 5000 },
  archive: { lane: 'files', mostMs: 20_000 },
  plants: { lane: 'files', mostMs: 10_000 },
  plantFile: { lane: 'files', mostMs: 10_000 },
  prices: { lane: 'files', mostMs: 10_000 },
  nursery: { lane: 'files', mostMs: 10_000 },
  beds: { lane: 'reads', mostMs: 10_000, againMb: 700 },
  earlierBed: { lane: 'reads', mostMs: 10_000 },
  ownPlants: { lane: 'reads', mostMs: 10_000 },
  pack: { lane: 'gardens', mostMs: 30_000, againMb: 700 },
  reckon: { lane: 'gardens', mostMs: 30_000, againMb: 700 },
  papers: { lane: 'papers', mostMs: 600_000, againMb: 700 },
}
/** Memory of a process for what it keeps, MB: with its own, less than 200. */
const MOST_MB = 100
/** Processes of a lane. */
const MOST_AT_ONCE = 2
/** Processes without work that are kept, for so long, ms. */
const MOST_IDLE = 2
const IDLE_MS = 60_000
/** Beside the built server; while developing and in unit tests there is none, and the work is done where it is asked. */
const workerFile = () => join(dirname(process.argv[1] ?? ''), 'workers', 'beside.mjs')

const TOO_LONG = 'it takes longer than there is time for. Split it into smaller parts.'
const TOO_LARGE = 'it needs more memory than there is for it. Split it into smaller parts.'

interface Queue {
  running: number
  readonly waiting: (() => void)[]
}
const queue = (): Queue => ({ running: 0, waiting: [] })
const queues: Readonly<Record<Lane, Queue>> = {
  bodies: queue(),
  files: queue(),
  reads: queue(),
  gardens: queue(),
  papers: queue(),
}

/**
 * Does a job in a process beside the server, within its time and memory: what goes beyond them fails in words. `gone` ends it, and it
 * rejects then.
 */
export async function beside<N extends BesideName>(
  name: N,
  input: BesideInput<N>,
  gone?: AbortSignal,
): Promise<Result<BesideValue<N>>> {
  if (!existsSync(workerFile())) {
    const { BESIDE_JOBS } = await import('./besideJobs')
    return (await BESIDE_JOBS[name](input as never)) as Result<BesideValue<N>>
  }
  const { lane } = PLACES[name]
  await turn(queues[lane])
  try {
    return (await inHelper({ name, input }, gone)) as Result<BesideValue<N>>
  } finally {
    pass(queues[lane])
  }
}

async function turn(lane: Queue) {
  if (lane.running >= MOST_AT_ONCE)
    await new Promise<void>((next) => {
      lane.waiting.push(next)
    })
  lane.running++
}
function pass(lane: Queue) {
  lane.running--
  lane.waiting.shift()?.()
}

interface Job {
  readonly name: BesideName
  readonly input: unknown
}

async function inHelper(job: Job, gone?: AbortSignal): Promise<Result<unknown>> {
  const { mostMs, againMb } = PLACES[job.name]
  const helper = idleHelper() ?? new Helper(workerFile(), MOST_MB)
  let end = await helper.work(job, mostMs, gone)
  if (end === 'full' && againMb) {
    const larger = new Helper(workerFile(), againMb)
    end = await larger.work(job, 2 * mostMs, gone)
    larger.end()
  }
  if (end === 'late') return fail(TOO_LONG)
  if (end === 'full') return fail(TOO_LARGE)
  rest(helper)
  return end.result as Result<unknown>
}

/** A process without work, which ends when none comes. */
const idle: { readonly helper: Helper; readonly ending: NodeJS.Timeout }[] = []

function idleHelper(): Helper | undefined {
  for (let last = idle.pop(); last; last = idle.pop()) {
    clearTimeout(last.ending)
    if (last.helper.isSound) return last.helper
  }
  return undefined
}
function rest(helper: Helper) {
  if (!helper.isSound) return
  if (idle.length >= MOST_IDLE) return helper.end()
  const ending = setTimeout(() => {
    idle.splice(
      idle.findIndex((i) => i.helper === helper),
      1,
    )
    helper.end()
  }, IDLE_MS).unref()
  idle.push({ helper, ending })
}
