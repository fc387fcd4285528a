import { misfits } from '../plant'
import { pairContrast } from '../match'
import { soilCover, winterLeaf } from './cover'
import type { Finding } from './finding'
import { conditionsAt, touchingPairs, whole, type Scene, isKnownPlant } from '../scene'
import { monthInterest } from '../season'

export interface Score {
  readonly name: string
  readonly value: number
  readonly how: string
}

/** The bed's marks, 0-100, each with how it is reckoned; none for an empty bed. */
export function scores(scene: Scene, findings: readonly Finding[]): Score[] {
  const { plants } = scene.placement
  const { school } = scene
  if (plants.length === 0) return []
  const troubled = new Set(
    findings
      .filter((f) => f.rule === 'hidden' || f.rule === 'overlap' || f.rule === 'wall' || f.rule === 'window')
      .flatMap((f) => f.plants),
  )
  const pairs = touchingPairs(scene, whole).filter(
    (p) =>
      isKnownPlant(p.a) &&
      isKnownPlant(p.b) &&
      p.a.plant.id !== p.b.plant.id &&
      p.a.plant.spacingHabit !== 'weaves' &&
      p.b.plant.spacingHabit !== 'weaves',
  )
  const contrast =
    pairs.length === 0 ? 0 : pairs.reduce((sum, p) => sum + pairContrast(p.a.plant, p.b.plant), 0) / pairs.length
  const season = monthInterest(scene).reduce((sum, m) => sum + Math.min(1, m.interest / 0.4), 0) / 12
  const suited = plants.filter((p) => misfits(p.plant, conditionsAt(scene, p)).length === 0).length
  const kinds = new Set(plants.map((p) => p.plant.id)).size
  const bare = 1 - soilCover(scene)
  const winter = winterLeaf(scene)
  const percent = (n: number) => `${Math.round(n * 100)} %`
  return [
    {
      name: 'Layers',
      value: 100 * (1 - troubled.size / plants.length),
      how: 'Share of plants not hidden, crowded, against the wall or before glass.',
    },
    {
      name: 'Contrast',
      value: Math.min(100, contrast * 1.35),
      how: 'Mean of touching neighbours: texture 30, form 25, colour 25, height step 20.',
    },
    { name: 'Season', value: 100 * season, how: 'Months with flower or leaf of interest, in the third year.' },
    {
      name: 'Cover',
      value: 100 * Math.min(1, (1 - bare) / (1 - school.bareShare)),
      how: `${percent(bare)} of the soil stays bare when all is grown; ${school.name} allows ${percent(school.bareShare)}.`,
    },
    {
      name: 'Winter leaf',
      value: 100 * Math.min(1, school.evergreenShare > 0 ? winter / school.evergreenShare : 1),
      how: `${percent(winter)} of the mature canopy keeps its leaf; ${school.name} asks for ${percent(school.evergreenShare)}.`,
    },
    {
      name: 'Rhythm',
      value: 100 * Math.min(1, plants.length / kinds / 4.5),
      how: 'Plants a kind: groups and repeats against one of everything.',
    },
    {
      name: 'Fit to site',
      value: (100 * suited) / plants.length,
      how: 'Share of plants whose light, zone, water, soil and pH are met.',
    },
  ]
}
