import { laneNames } from '../bed'
import { distance } from '../geometry'
import { fullHeightM, type Plant } from '../plant'
import { lettersOf, type Scene } from '../scene'
import type { Units } from '../measure'
import { setOutTable, type SetOutTable } from './setOutTable'

/** Pots of one kind in one lane: how many, how tall they are grown, and how they come. */
export interface PotLine {
  readonly lane: string
  readonly letters: string
  readonly plant: Plant
  readonly count: number
  readonly size: string
}

/** What it takes to lay a bed out full size on a drive or a floor before going to site. Metres. */
interface DryRun {
  readonly table: SetOutTable
  /** Length of chalk line or string for the outline. */
  readonly outlineM: number
  /** Pots lane by lane, in each the tallest kind first: the order in which they are set. */
  readonly pots: readonly PotLine[]
  /** The same backwards: what is planted first is loaded last. */
  readonly packing: readonly PotLine[]
}

/** Pots lane by lane, in each the tallest kind first. */
export function potLines(scene: Scene): PotLine[] {
  const { bed } = scene
  const letters = lettersOf(scene)
  const names = laneNames(bed.laneShares.length, bed.form.kind)
  const lanes = new Map<number, Map<Plant, PotLine & { count: number }>>()
  for (const { plant, lane: at } of scene.planted) {
    const lines = lanes.get(at) ?? new Map<Plant, PotLine & { count: number }>()
    lanes.set(at, lines)
    const there = lines.get(plant)
    if (there) {
      there.count++
      continue
    }
    const size = bed.buying.find((b) => b.plantId === plant.id)?.size ?? plant.sizes[0]?.label ?? ''
    lines.set(plant, { lane: names[at] ?? '', letters: letters.get(plant.id) ?? '', plant, size, count: 1 })
  }
  return [...lanes]
    .sort(([a], [b]) => a - b)
    .flatMap(([, lines]) => [...lines.values()].sort((a, b) => fullHeightM(b.plant) - fullHeightM(a.plant)))
}

/** The bed's outline as a list, and its pots in the order in which they are set and packed. Source: docs/grounds/papers, Set out. */
export function dryRun(scene: Scene, units: Units, path: 'left' | 'right'): DryRun {
  const { outline } = scene.frame
  const pots = potLines(scene)
  const outlineM = outline.reduce((n, p, i) => n + distance(p, outline[(i + 1) % outline.length]!), 0)
  return {
    table: setOutTable(scene, { method: 'baseline', units, path }),
    outlineM,
    pots,
    packing: [...pots].reverse(),
  }
}
