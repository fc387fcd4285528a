import type { Plant } from '~~/core/plant'
import type { BedSeasons, SeasonJobs } from '~/workers/season.worker'
import type { SentScene } from '~/workers/look.worker'

let library: readonly Plant[] = []
const worker = keptWorker<SeasonJobs, readonly Plant[]>(
  () => new Worker(new URL('../workers/season.worker.ts', import.meta.url), { type: 'module' }),
  { known: () => library, tell: (jobs, plants) => jobs.library(plants.map((p) => toRaw(p))) },
)

/** The year and the ten years of a bed, worked out in the season worker. */
export function askSeasons(plants: readonly Plant[], scene: SentScene, year: number): Promise<BedSeasons> {
  library = plants
  return worker.ask((jobs) => jobs.year(scene, year))
}
export const endSeasons = () => worker.end()
