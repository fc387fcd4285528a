import { expose } from 'comlink'
import {
  bedLightHours,
  changedLight,
  lightHours,
  type BedLightInput,
  type LightHours,
  type LightInput,
} from '~~/core/light'

/** Hours of sun, null when the work was cancelled, and the share of the cells that had to be worked out. */
export interface LitHours {
  readonly hours: LightHours | null
  readonly worked: number
}
type Work = Generator<number, LitHours>
type Progress = (share: number) => void

const cancelled = new Set<number>()
let last: { input: LightInput; hours: LightHours } | null = null

/** Lets a cancel come in between two months. */
const breathe = () => new Promise<void>((done) => setTimeout(done))

async function through(id: number, work: Work, progress: Progress): Promise<LitHours> {
  for (;;) {
    const step = work.next()
    if (step.done) return step.value
    progress(step.value)
    await breathe()
    if (cancelled.delete(id)) return { hours: null, worked: 0 }
  }
}

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

const jobs = {
  bed: (id: number, input: BedLightInput, progress: Progress) => through(id, bedWork(input), progress),
  async map(id: number, input: LightInput, progress: Progress): Promise<LitHours> {
    const answer = await through(id, mapWork(input), progress)
    if (answer.hours) last = { input, hours: answer.hours }
    return answer
  },
  cancel(id: number) {
    cancelled.add(id)
  },
}
export type LightJobs = typeof jobs
expose(jobs)
