import { parentPort, workerData } from 'node:worker_threads'
import { makePapers, type PapersJob } from '../services/makePapers'

/** Makes the papers it is started with, beside the server, and hands over the file. */
const made = await makePapers(workerData as PapersJob)
parentPort!.postMessage(made, made ? [made.file.buffer as ArrayBuffer] : [])
