import { once } from '../once'
import type { Plant } from '../plant'
import type { Scene } from './scene'

/** Plants of one kind that stand side by side in a lane, along the bed; metres. */
export interface LaneGroup {
  readonly plant: Plant
  readonly from: number
  readonly to: number
  readonly count: number
  /** Ground that they cover when grown, square metres. */
  readonly areaM2: number
}

/** The groups of each lane in their order along the bed; what weaves, carpets under others or climbs is none. */
export const laneGroups = once((scene: Scene): readonly (readonly LaneGroup[])[] =>
  scene.bed.laneShares.map((_, lane) => {
    const own = scene.placement.plants
      .filter((p) => p.lane === lane && p.plant.spacingHabit !== 'weaves' && p.plant.kind !== 'climber')
      .sort((a, b) => a.along - b.along || (a.id < b.id ? -1 : 1))
    const groups: { plant: Plant; from: number; to: number; count: number; areaM2: number }[] = []
    for (const { plant, along } of own) {
      const half = plant.spreadM / 2
      const last = groups[groups.length - 1]
      const areaM2 = Math.PI * half * half
      if (last && last.plant.id === plant.id && along - half <= last.to + APART * plant.spreadM) {
        last.to = along + half
        last.count++
        last.areaM2 += areaM2
      } else groups.push({ plant, from: along - half, to: along + half, count: 1, areaM2 })
    }
    return groups
  }),
)
/** Plants of one kind with room for so many more between them are two groups. */
const APART = 1.2

export const middleOf = ({ from, to }: Pick<LaneGroup, 'from' | 'to'>) => (from + to) / 2

/** Neighbours of different kinds, and of one kind that stand apart, along each lane. */
export const seamsOf = (lanes: readonly (readonly LaneGroup[])[]): (readonly [LaneGroup, LaneGroup])[] =>
  lanes.flatMap((groups) => groups.slice(1).map((g, i) => [groups[i]!, g] as const))
