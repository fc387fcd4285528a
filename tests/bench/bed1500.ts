import type { Bed, Drift } from '../../core/model'
import { rectangle } from '../../core/bed'
import { plants, testBed } from '../support/library'

const LENGTH_M = 108
const STANDING = plants.filter((p) => p.kind !== 'climber' && p.kind !== 'tree' && p.spacingHabit !== 'weaves')

/** A display border of 1,500 plants in 160 drifts, three lanes, 108 × 5 m. */
export function bed1500(): Bed {
  const tall = STANDING.filter((p) => p.foliageHeightM >= 0.7 && p.spreadM <= 1.3)
  const middle = STANDING.filter((p) => p.foliageHeightM >= 0.3 && p.foliageHeightM < 0.7 && p.spreadM <= 0.7)
  const low = STANDING.filter((p) => p.foliageHeightM < 0.3 && p.spreadM <= 0.5)
  const drifts: Drift[] = []
  const lanes = [
    { from: tall, n: 40, count: 3 },
    { from: middle, n: 60, count: 9 },
    { from: low, n: 60, count: 14 },
  ]
  lanes.forEach(({ from, n, count }, lane) => {
    for (let i = 0; i < n; i++)
      drifts.push({
        id: `l${lane}d${i}`,
        plantId: from[(i * 7) % from.length]!.id,
        lane,
        count,
        pattern: 'mass',
        at: ((i + 0.5) / n) * LENGTH_M,
        everyM: 1,
      })
  })
  return testBed({ name: 'Display border', outline: rectangle(LENGTH_M, 5), drifts })
}
