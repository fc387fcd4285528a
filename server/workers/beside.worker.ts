import type { Result } from '../../core/result'
import { BESIDE_JOBS, type BesideName } from '../beside/besideJobs'

interface Job {
  readonly name: BesideName
  readonly input: never
}

/** Does the jobs that the server sends, one after another, for as long as there is a server. */
process.on('message', ({ name, input }: Job) => {
  void (async () => {
    try {
      const result: Result<unknown> = await BESIDE_JOBS[name](input)
      process.send!({ result })
    } catch (error) {
      process.send!({ error: error instanceof Error ? error.message : String(error) })
    }
  })()
})
process.on('disconnect', () => process.exit())
