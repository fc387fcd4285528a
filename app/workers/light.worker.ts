import { bedLightHours, bothWindows, lightHours, reachOf, type GridWindow, type LightHours, type LightInput } from '~~/core/light'
import { differing, type LightAnswer, type LightRequest } from './lightJobs'

const cancelled = new Set<number>()
let last: { input: LightInput; hours: LightHours } | null = null

const send = (answer: LightAnswer) => { postMessage(answer) }
/** Lets a cancel come in between two months. */
const breathe = () => new Promise<void>((done) => { setTimeout(done) })

onmessage = ({ data }: MessageEvent<LightRequest>) => {
  if (data.job === 'cancel') { cancelled.add(data.id); return }
  void answer(data).catch((error: unknown) => { send({ id: data.id, kind: 'error', message: error instanceof Error ? error.message : String(error) }) })
}

async function answer(request: Exclude<LightRequest, { job: 'cancel' }>) {
  const { work, worked } = request.job === 'bed' ? { work: bedLightHours(request.input), worked: 1 } : mapWork(request.input)
  for (;;) {
    const step = work.next()
    if (step.done) {
      if (request.job === 'map' && step.value) last = { input: request.input, hours: step.value }
      send({ id: request.id, kind: 'result', hours: step.value, worked })
      return
    }
    send({ id: request.id, kind: 'progress', share: step.value })
    await breathe()
    if (cancelled.delete(request.id)) return
  }
}

/** The whole map, or only the cells that obstacles which moved since the last one can shade. */
function mapWork(input: LightInput): { work: Generator<number, LightHours>; worked: number } {
  const same = last && JSON.stringify({ ...last.input, obstacles: [] }) === JSON.stringify({ ...input, obstacles: [] })
  if (!last || !same) return { work: lightHours(input), worked: 1 }
  const { before, after } = differing(last.input.obstacles, input.obstacles)
  const window = [...before, ...after].reduce<GridWindow | null>((w, o) => bothWindows(w, reachOf(o, input)), null)
  if (!window) return { work: lightHours(input, { before: last.hours, window: { c0: 0, c1: 0, r0: 0, r1: 0 } }), worked: 0 }
  const cells = (window.c1 - window.c0) * (window.r1 - window.r0)
  return { work: lightHours(input, { before: last.hours, window }), worked: cells / (input.grid.cols * input.grid.rows) }
}
