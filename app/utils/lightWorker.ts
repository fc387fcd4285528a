import type { BedLightInput, LightHours, LightInput } from '~~/core/light'
import type { LightAnswer, LightRequest } from '~/workers/lightJobs'

/** A piece of work under way in the light worker. */
export interface LightWork {
  readonly result: Promise<{ hours: LightHours | null; worked: number }>
  cancel(): void
}

const TIMEOUT_MS = 120_000

let worker: Worker | null = null
let nextId = 1
const waiting = new Map<number, (answer: LightAnswer) => void>()

function theWorker(): Worker {
  if (worker) return worker
  worker = new Worker(new URL('../workers/light.worker.ts', import.meta.url), { type: 'module' })
  worker.onmessage = ({ data }: MessageEvent<LightAnswer>) => waiting.get(data.id)?.(data)
  worker.onerror = (event) => {
    for (const [id, take] of waiting)
      take({ id, kind: 'error', message: event.message || 'The light worker stopped.' })
    worker = null
  }
  return worker
}

/** Asks the light worker; a result that was cancelled or took too long rejects. */
export function askLight(
  job: { readonly job: 'bed'; readonly input: BedLightInput } | { readonly job: 'map'; readonly input: LightInput },
  progress: (share: number) => void,
): LightWork {
  const id = nextId++
  const result = new Promise<{ hours: LightHours | null; worked: number }>((done, fail) => {
    const end = (act: () => void) => {
      clearTimeout(timer)
      waiting.delete(id)
      act()
    }
    const timer = setTimeout(
      () =>
        end(() => fail(new Error('The light took too long to work out. Try a smaller site, or fewer obstacles.'))),
      TIMEOUT_MS,
    )
    waiting.set(id, (answer) => {
      if (answer.kind === 'progress') progress(answer.share)
      else if (answer.kind === 'error') end(() => fail(new Error(answer.message)))
      else end(() => done({ hours: answer.hours, worked: answer.worked }))
    })
    theWorker().postMessage({ id, ...job } satisfies LightRequest)
  })
  return {
    result,
    cancel: () => {
      if (waiting.delete(id)) theWorker().postMessage({ id, job: 'cancel' } satisfies LightRequest)
    },
  }
}
