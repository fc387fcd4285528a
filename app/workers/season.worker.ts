import { expose } from 'comlink'
import type { Plant } from '~~/core/plant'
import { makeScene, type SceneInput } from '~~/core/scene'
import { tapestry, tenYears, type BedYear, type Tapestry } from '~~/core/season'

/** The year of a bed as a tapestry, and its ten years. */
export interface BedSeasons {
  readonly cloth: Tapestry
  readonly years: readonly BedYear[]
}
let library: ReadonlyMap<string, Plant> = new Map()

const jobs = {
  library(plants: readonly Plant[]) {
    library = new Map(plants.map((p) => [p.id, p]))
  },
  year(sent: Omit<SceneInput, 'library'>, year: number): BedSeasons {
    const scene = makeScene({ ...sent, library })
    return { cloth: tapestry(scene, year), years: tenYears(scene) }
  },
}
export type SeasonJobs = typeof jobs
expose(jobs)
