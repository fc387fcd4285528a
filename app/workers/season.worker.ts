import type { Plant } from '~~/core/plant'
import { makeScene } from '~~/core/scene'
import { tapestry, tenYears } from '~~/core/season'
import type { SeasonAnswer, SeasonAsk } from './seasonJobs'

let library: ReadonlyMap<string, Plant> = new Map()

onmessage = ({ data }: MessageEvent<SeasonAsk>) => {
  if (data.job === 'library') {
    library = new Map(data.plants.map((p) => [p.id, p]))
    return
  }
  try {
    const scene = makeScene({ ...data.scene, library })
    const cloth = tapestry(scene, data.year)
    postMessage({ number: data.number, cloth, years: tenYears(scene) } satisfies SeasonAnswer)
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error)
    postMessage({ number: data.number, message } satisfies SeasonAnswer)
  }
}
