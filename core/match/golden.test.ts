import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { CLIMATES, ofScenes, scenes } from '../../tests/support/goldenBeds'
import { library, plants } from '../../tests/support/library'
import { climateOf } from '../time'
import { blends, pairContrast } from './contrast'
import { pairScore, partners, sharedNeeds } from './partners'
import { rankPlants } from './rankPlants'
import { standIns, unlikeness } from './standIn'
import { DIRECTIONS, swaps } from './swap'

const some = plants.filter((_, i) => i % 9 === 0)
const site = scenes.get(5)!.site

describe('golden matches', () => {
  it('pairs', () =>
    expect(
      some.slice(0, 20).map((a) => {
        const with_ = some.map((b) => [
          pairContrast(a, b),
          blends(a, b),
          pairScore(a, b, 6),
          sharedNeeds(a, b),
          unlikeness(a, b),
        ])
        return `${a.id} ${figures(with_)}`
      }),
    ).toMatchSnapshot())
  it('partners and swaps', () => {
    const seed = library.get('nepeta-x-faassenii')!
    for (const size of [2, 3, 5] as const)
      for (const bias of [0, 1])
        expect(
          partners(plants, {
            seed: size === 5 ? null : seed,
            size,
            site,
            month: 8,
            bias,
            maxHeightM: 1.2,
            most: 4,
          }).map((g) => `${g.plants.map((p) => p.id).join(' + ')} ${g.score.toFixed(2)} ${g.reasons.join('; ')}`),
        ).toMatchSnapshot()
    for (const direction of DIRECTIONS)
      expect(
        swaps(plants, library.get('hydrangea-quercifolia')!, site, direction).map(
          (s) => `${s.plant.id} ${s.cost.toFixed(3)}`,
        ),
      ).toMatchSnapshot()
  })
  it('stand-ins and ranking for every bed', () =>
    expect(
      ofScenes((scene, seed) => {
        const climate = climateOf(CLIMATES[seed % 4]!)
        const ranked = rankPlants(some, {
          climate,
          site: scene.site,
          depthM: scene.frame.depths.greatest,
          requirements: scene.requirements,
          theme: scene.theme,
          months: [3, 7, 12],
        })
        const first = scene.placement.plants[0]?.plant ?? plants[0]!
        const limits = {
          maxHeightM: 1.5,
          minHeightM: 0.2,
          maxSpreadM: 1.4,
          where: (p: { hazards: readonly string[] }) => p.hazards.length === 0,
        }
        return `${standIns(first, scene, limits, 3)
          .map((p) => p.id)
          .join(' ')} ${figures(ranked.map((p) => p.id))}`
      }),
    ).toMatchSnapshot())
})
