import { proxy, type Remote } from 'comlink'
import type { BedLightInput, LightInput } from '~~/core/light'
import type { LightJobs, LitHours } from '~/workers/light.worker'

/** A piece of work under way in the light worker. */
export interface LightWork {
  readonly result: Promise<LitHours>
  /** Ends it between two months; its result then never comes. */
  cancel(): void
}

const LONGEST_MS = 120_000
let nextId = 1
const worker = keptWorker<LightJobs>(
  () => new Worker(new URL('../workers/light.worker.ts', import.meta.url), { type: 'module' }),
)

function askLight(
  progress: (share: number) => void,
  call: (jobs: Remote<LightJobs>, id: number, progress: (share: number) => void) => Promise<LitHours>,
): LightWork {
  const id = nextId++
  let cancelled = false
  const tell = (share: number) => {
    if (!cancelled) progress(share)
  }
  const answer = worker.ask((jobs) => call(jobs, id, proxy(tell)), LONGEST_MS)
  return {
    result: new Promise((done, fail) => {
      answer.then(
        (lit) => !cancelled && done(lit),
        (why: unknown) => !cancelled && fail(why as Error),
      )
    }),
    cancel: () => {
      if (cancelled) return
      cancelled = true
      void worker.ask((jobs) => jobs.cancel(id))
    },
  }
}

/** Hours of sun in a bed, worked out in the light worker; a result that took too long rejects. */
export const askBedLight = (input: BedLightInput, progress: (share: number) => void) =>
  askLight(progress, (jobs, id, tell) => jobs.bed(id, input, tell))

/** Hours of sun over the whole site. */
export const askLightMap = (input: LightInput, progress: (share: number) => void) =>
  askLight(progress, (jobs, id, tell) => jobs.map(id, input, tell))
