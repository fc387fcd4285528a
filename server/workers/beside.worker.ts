import { parentPort } from 'node:worker_threads'
import type { Result } from '../../core/result'
import { BESIDE_JOBS, type BesideName } from '../beside/besideJobs'
import { handOver } from '../beside/handOver'

/** Does the jobs it is sent, one after another, and hands bytes over without copying them. */
parentPort!.on('message', ({ name, input }: { name: BesideName; input: never }) => {
  void (async () => {
    try {
      const result: Result<unknown> = await BESIDE_JOBS[name](input)
      parentPort!.postMessage({ result }, result.ok ? handOver(result.value) : [])
    } catch (error) {
      parentPort!.postMessage({ error: error instanceof Error ? error.message : String(error) })
    }
  })()
})
