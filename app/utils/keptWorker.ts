import { wrap, type Remote } from 'comlink'

const BROKEN = 'What works this out in the background stopped; it is begun anew when it is asked again.'

interface Running<Jobs> {
  readonly jobs: Remote<Jobs>
  /** Fails when the worker breaks or is ended. */
  readonly broken: Promise<never>
  end(why: Error): void
}

/** A worker that is begun when it is first asked, and begun anew after it broke; whoever waits then is told. */
export interface KeptWorker<Jobs> {
  /** Asks for something of it. Rejects when it broke, was ended, or took longer than `longestMs`, which ends it. */
  ask<Answer>(call: (jobs: Remote<Jobs>) => Promise<Answer>, longestMs?: number): Promise<Answer>
  /** Ends it, and what it works on. */
  end(): void
  readonly isRunning: boolean
}

/** @param learn what a worker is told once, before anything else, each time it is begun or `known` gives something else. */
export function keptWorker<Jobs, Known = null>(
  begin: () => Worker,
  learn?: { readonly known: () => Known; readonly tell: (jobs: Remote<Jobs>, known: Known) => Promise<void> },
): KeptWorker<Jobs> {
  let running: Running<Jobs> | null = null
  let told: Known | undefined

  function start(): Running<Jobs> {
    const worker = begin()
    let fail: (why: Error) => void = () => undefined
    const broken = new Promise<never>((_, no) => (fail = no))
    broken.catch(() => undefined)
    const end = (why: Error) => {
      worker.terminate()
      if (running?.end === end) {
        running = null
        told = undefined
      }
      fail(why)
    }
    worker.addEventListener('error', (event) => end(new Error(event.message || BROKEN)))
    worker.addEventListener('messageerror', () => end(new Error(BROKEN)))
    return { jobs: wrap<Jobs>(worker), broken, end }
  }

  async function ready(at: Running<Jobs>) {
    if (!learn) return
    const known = learn.known()
    if (known === told) return
    told = known
    await learn.tell(at.jobs, known)
  }

  return {
    async ask(call, longestMs) {
      const at = (running ??= start())
      const late = longestMs && setTimeout(() => at.end(new Error('It took too long and was stopped.')), longestMs)
      try {
        return await Promise.race([ready(at).then(() => call(at.jobs)), at.broken])
      } finally {
        if (late) clearTimeout(late)
      }
    },
    end: () => running?.end(new Error('It was stopped.')),
    get isRunning() {
      return running !== null
    },
  }
}
