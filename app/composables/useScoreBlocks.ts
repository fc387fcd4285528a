import type { Drift } from '~~/core/bed'
import type { Plant } from '~~/core/plant'
import type { Axis } from './useAxis'

/** A strip of the score: a whole drift, or one single of a dotted repeat. Pixels from the picture's left. */
export interface ScoreBlock {
  readonly key: string
  readonly drift: Drift
  readonly plant: Plant
  readonly letter: string
  readonly left: number
  readonly width: number
  readonly colour: string
  /** Threads between others: drawn as a slim mark along the lane's foot. */
  readonly weaves: boolean
  readonly onCentreM: number
  readonly isFirst: boolean
}

/** The blocks of all lanes, straight below their plants. */
export function useScoreBlocks(axis: () => Axis) {
  const { scene, letters, bodies } = useScene()
  const colours = computed(() => new Map(bodies.value.map((b) => [b.at.plant.id, b.look.state === 'gone' ? '#a8926f' : b.look.flower >= 0.6 && b.at.plant.flowerColour ? b.at.plant.flowerColour : b.look.colour])))
  const px = (x: number) => axis().leftPx + (x - (scene.value?.frame.firstX ?? 0)) * axis().pxPerM

  const blocks = computed<ScoreBlock[]>(() => {
    const now = scene.value
    if (!now) return []
    return now.bed.drifts.flatMap((drift) => {
      const plant = now.library.get(drift.plantId)
      if (!plant) return []
      const half = (plant.spreadM * now.school.spacing) / 2
      const parts = drift.pattern === 'dotted'
        ? now.placement.plants.filter((p) => p.driftId === drift.id).map((p) => ({ from: p.x - half, to: p.x + half }))
        : now.placement.spans.filter((s) => s.driftId === drift.id)
      const leaf = colours.value.get(plant.id) ?? plant.foliage.summer
      return parts.map((part, i) => ({
        key: `${drift.id}/${i}`, drift, plant, letter: letters.value.get(plant.id) ?? '', left: px(part.from), width: (part.to - part.from) * axis().pxPerM,
        colour: leaf, weaves: plant.spacingHabit === 'weaves', onCentreM: drift.pattern === 'dotted' ? drift.everyM : plant.spreadM * now.school.spacing, isFirst: i === 0,
      }))
    })
  })
  return { blocks }
}
