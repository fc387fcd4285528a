import { expose } from 'comlink'
import { partners, swaps, type Direction, type PartnerAsk } from '~~/core/match'
import type { Plant, SiteConditions } from '~~/core/plant'

let library: readonly Plant[] = []

const jobs = {
  library(plants: readonly Plant[]) {
    library = plants
  },
  partners: (ask: PartnerAsk) => partners(library, ask),
  swaps: (from: Plant, site: SiteConditions, direction: Direction, most: number) =>
    swaps(library, from, site, direction, most),
}
export type MatchJobs = typeof jobs
expose(jobs)
