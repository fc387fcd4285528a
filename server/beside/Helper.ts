import { fork, type ChildProcess } from 'node:child_process'
import { setPriority } from 'node:os'
import { H3Error } from 'h3'

/** Room for what is made and thrown away, MB: it is swept out often, and counts beside the rest. */
const YOUNG_MB = 8
/** Threads of a process share one store of memory: one for each keeps a tenth more than is used. */
const ONE_ARENA = { MALLOC_ARENA_MAX: '1' }

/** How a job ended: with what it made; not within its time; or without memory enough. */
type Ended = { readonly result: unknown } | 'late' | 'full'

interface HelperJob {
  readonly name: string
  readonly input: unknown
}
interface Said {
  readonly result?: unknown
  readonly error?: string
}

/**
 * A process beside the server that does jobs one after another. Its memory is its own: where a thread that runs out of it takes the whole
 * server along, a process ends alone.
 */
export class Helper {
  private readonly child: ChildProcess

  constructor(
    file: string,
    /** Memory that it may take for what it keeps, MB. */
    mostMb: number,
  ) {
    this.child = fork(file, [], {
      serialization: 'advanced',
      execArgv: [`--max-old-space-size=${mostMb}`, `--max-semi-space-size=${YOUNG_MB}`],
      env: { ...process.env, ...ONE_ARENA },
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    })
    stepBack(this.child.pid)
    // What it says of its end is heard where a job is under way.
    this.child.on('error', () => undefined)
    this.child.unref()
    this.child.channel?.unref()
  }

  /** Whether it can be given another job. */
  get isSound(): boolean {
    return this.child.connected && this.child.exitCode === null && this.child.signalCode === null
  }

  end(): void {
    this.child.kill('SIGKILL')
  }

  /** Does one job within its time, ms; `gone` ends it, and it rejects then, as it does when the job throws. */
  async work(job: HelperJob, mostMs: number, gone?: AbortSignal): Promise<Ended> {
    const listening = new AbortController()
    try {
      const end = await this.outcome(job, mostMs, gone, listening.signal)
      if (end === 'late') this.end()
      return end
    } catch (error) {
      this.end()
      throw error
    } finally {
      listening.abort()
    }
  }

  private outcome(
    job: HelperJob,
    mostMs: number,
    gone: AbortSignal | undefined,
    signal: AbortSignal,
  ): Promise<Ended> {
    const { child } = this
    return new Promise((ended, broken) => {
      const left = () => broken(nobodyWaits())
      if (gone?.aborted) return left()
      gone?.addEventListener('abort', left, { signal })
      const late = setTimeout(() => ended('late'), mostMs)
      const said = ({ result, error }: Said) => (error === undefined ? ended({ result }) : broken(new Error(error)))
      const over = (code: number | null, by: string | null) =>
        isFull(code, by)
          ? ended('full')
          : broken(new Error(`The work beside the server ended early (${by ?? code}).`))
      child.on('message', said).on('exit', over).on('error', broken)
      signal.addEventListener('abort', () => {
        clearTimeout(late)
        child.off('message', said).off('exit', over).off('error', broken)
      })
      child.send(job)
    })
  }
}

/** No failure of the server: it goes into no log. */
function nobodyWaits() {
  const error = new H3Error('Nobody waits for this any more.')
  error.statusCode = 499
  return error
}

/** Where both want the same core, the server comes first; a step of 4 leaves a process half as much as what else the machine does. */
const STEP = 4
function stepBack(pid: number | undefined) {
  try {
    if (pid) setPriority(pid, STEP)
  } catch {
    // A machine that does not let it is as it was.
  }
}

/** Node itself ends a process whose memory is full; the machine ends one that leaves it none. */
const FULL_CODE = 134
const isFull = (code: number | null, signal: string | null) =>
  code === FULL_CODE || signal === 'SIGABRT' || signal === 'SIGKILL' || signal === 'SIGTRAP' || signal === 'SIGILL'
