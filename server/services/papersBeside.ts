import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'
import type { PapersJob, PapersMade } from './makePapers'

const MOST_AT_ONCE = 2
const MOST_MB = 1500
/** Much is made and thrown away: a small nursery for it would be swept all the time. */
const YOUNG_MB = 128
/** Beside the built server; while developing there is none, and papers are made in the server itself. */
const workerFile = () => join(dirname(process.argv[1] ?? ''), 'workers', 'papers.mjs')

let running = 0
const waiting: (() => void)[] = []

async function turn() {
  if (running >= MOST_AT_ONCE)
    await new Promise<void>((next) => {
      waiting.push(next)
    })
  running++
}
function done() {
  running--
  waiting.shift()?.()
}

/** Makes papers in a thread of their own, so that the server answers others meanwhile; `gone` ends it. Null: there is nothing to print. */
export async function papersBeside(job: PapersJob, gone: AbortSignal): Promise<PapersMade | null> {
  const file = workerFile()
  // What makes papers is large, and not loaded into the server where a thread does it.
  if (!existsSync(file)) return (await import('./makePapers')).makePapers(job)
  await turn()
  try {
    return await inThread(file, job, gone)
  } finally {
    done()
  }
}

function inThread(file: string, job: PapersJob, gone: AbortSignal): Promise<PapersMade | null> {
  const worker = new Worker(file, {
    workerData: job,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB, maxYoungGenerationSizeMb: YOUNG_MB },
  })
  return new Promise<PapersMade | null>((resolve, reject) => {
    const leave = () => reject(new Error('Nobody waits for these papers any more.'))
    gone.addEventListener('abort', leave)
    worker.once('message', resolve)
    worker.once('error', reject)
    worker.once('exit', () => reject(new Error('The papers could not be finished.')))
  }).finally(() => void worker.terminate())
}
