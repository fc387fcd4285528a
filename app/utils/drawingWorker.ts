import type { DrawingAnswer, DrawingAsk } from '~/workers/drawingJobs'

/** Reading a garden's drawing takes a moment; what takes longer is no drawing of a garden. */
const LONGEST_MS = 20_000

/** Reads a drawing in a worker of its own, which is ended when `cancel` fires or it takes too long. */
export function readDrawing(ask: DrawingAsk, cancel: AbortSignal): Promise<DrawingAnswer> {
  const worker = new Worker(new URL('../workers/drawing.worker.ts', import.meta.url), { type: 'module' })
  let late: ReturnType<typeof setTimeout> | undefined
  return new Promise<DrawingAnswer>((resolve) => {
    const say = (error: string) => resolve({ ok: false, error })
    late = setTimeout(
      () => say('The drawing takes too long to read: nothing was changed. Save only the layers of the plan.'),
      LONGEST_MS,
    )
    cancel.addEventListener('abort', () => say('Reading was stopped: nothing was changed.'))
    worker.onmessage = ({ data }: MessageEvent<DrawingAnswer>) => resolve(data)
    worker.onerror = () => say('The drawing could not be read: nothing was changed.')
    worker.postMessage(ask)
  }).finally(() => {
    clearTimeout(late)
    worker.terminate()
  })
}
