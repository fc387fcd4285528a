import type { Direction, PartnerAsk, Partnership, Swap } from '~~/core/match'
import type { Plant, SiteConditions } from '~~/core/plant'
import type { MatchJobs } from '~/workers/match.worker'

const LONGEST_MS = 20_000
let library: readonly Plant[] = []
const worker = keptWorker<MatchJobs, readonly Plant[]>(
  () => new Worker(new URL('../workers/match.worker.ts', import.meta.url), { type: 'module' }),
  { known: () => library, tell: (jobs, plants) => jobs.library(plants) },
)

/** Partners of a plant or for an empty place, worked out in the match worker. */
export function askPartners(plants: readonly Plant[], ask: PartnerAsk): Promise<readonly Partnership[]> {
  library = plants
  return worker.ask((jobs) => jobs.partners(ask), LONGEST_MS)
}

/** Stand-ins for a plant, worked out in the match worker. */
export function askSwaps(
  plants: readonly Plant[],
  from: Plant,
  site: SiteConditions,
  direction: Direction,
  most = 6,
): Promise<readonly Swap[]> {
  library = plants
  return worker.ask((jobs) => jobs.swaps(from, site, direction, most), LONGEST_MS)
}
