import type { DrawingAnswer, DrawingAsk, DrawingJobs } from '~/workers/drawing.worker'

/** Reading a garden's drawing takes a moment; what takes longer is no drawing of a garden. */
const LONGEST_MS = 20_000

/** Reads a drawing in a worker of its own, which is ended when `cancel` fires or it takes too long. */
export async function readDrawing(ask: DrawingAsk, cancel: AbortSignal): Promise<DrawingAnswer> {
  const worker = keptWorker<DrawingJobs>(
    () => new Worker(new URL('../workers/drawing.worker.ts', import.meta.url), { type: 'module' }),
  )
  const began = performance.now()
  cancel.addEventListener('abort', worker.end)
  try {
    return await worker.ask<DrawingAnswer>((jobs) => jobs.read(ask), LONGEST_MS)
  } catch (error) {
    if (cancel.aborted) return { ok: false, error: 'Reading was stopped: nothing was changed.' }
    const late = performance.now() - began >= LONGEST_MS
    return {
      ok: false,
      error: late ? TOO_LONG : `The drawing could not be read (${(error as Error).message}): nothing was changed.`,
    }
  } finally {
    cancel.removeEventListener('abort', worker.end)
    worker.end()
  }
}
const TOO_LONG = 'The drawing takes too long to read: nothing was changed. Save only the layers of the plan.'
