import {
  bedLightHours,
  changedLight,
  lightHours,
  type BedLightInput,
  type LightHours,
  type LightInput,
} from '~~/core/light'
import type { LightAnswer, LightRequest } from './lightJobs'

const cancelled = new Set<number>()
let last: { input: LightInput; hours: LightHours } | null = null

const send = (answer: LightAnswer) => {
  postMessage(answer)
}
/** Lets a cancel come in between two months. */
const breathe = () =>
  new Promise<void>((done) => {
    setTimeout(done)
  })

onmessage = ({ data }: MessageEvent<LightRequest>) => {
  if (data.job === 'cancel') {
    cancelled.add(data.id)
    return
  }
  void answer(data).catch((error: unknown) => {
    send({ id: data.id, kind: 'error', message: error instanceof Error ? error.message : String(error) })
  })
}

async function answer(request: Exclude<LightRequest, { job: 'cancel' }>) {
  const work = request.job === 'bed' ? bedWork(request.input) : mapWork(request.input)
  for (;;) {
    const step = work.next()
    if (step.done) {
      if (request.job === 'map' && step.value.hours) last = { input: request.input, hours: step.value.hours }
      send({ id: request.id, kind: 'result', ...step.value })
      return
    }
    send({ id: request.id, kind: 'progress', share: step.value })
    await breathe()
    if (cancelled.delete(request.id)) return
  }
}

type Work = Generator<number, { hours: LightHours | null; worked: number }>

function* bedWork(input: BedLightInput): Work {
  return { hours: yield* bedLightHours(input), worked: 1 }
}

/** The whole map, or only the cells that obstacles which moved since the last one shade and shaded. */
function* mapWork(input: LightInput): Work {
  const same =
    last && JSON.stringify({ ...last.input, obstacles: [] }) === JSON.stringify({ ...input, obstacles: [] })
  if (last && same) return yield* changedLight(input, last.input.obstacles, last.hours)
  return { hours: yield* lightHours(input), worked: 1 }
}
