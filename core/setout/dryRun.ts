import { laneNames } from '../bed'
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
export interface DryRun {
  readonly table: SetOutTable
  /** Length of chalk line or string for the outline. */
  readonly outlineM: number
  /** Pots lane by lane, in each the tallest kind first: the order in which they are set. */
  readonly pots: readonly PotLine[]
  /** The same backwards: what is planted first is loaded last. */
  readonly packing: readonly PotLine[]
}

/** The bed's outline as a list, and its pots in the order in which they are set and packed. Source: papers, Set out. */
export function dryRun(scene: Scene, units: Units, path: 'left' | 'right'): DryRun {
  const { bed, frame } = scene
  const letters = lettersOf(scene)
  const names = laneNames(bed.laneShares.length, bed.form.kind)
  const lines = new Map<string, PotLine & { lane: string; count: number }>()
  for (const p of scene.planted) {
    const key = `${p.lane}|${p.plant.id}`
    const there = lines.get(key)
    const size = bed.buying.find((b) => b.plantId === p.plant.id)?.size ?? p.plant.sizes[0]?.label ?? ''
    const lane = names[p.lane] ?? ''
    lines.set(key, {
      lane,
      letters: letters.get(p.plant.id) ?? '',
      plant: p.plant,
      size,
      count: (there?.count ?? 0) + 1,
    })
  }
  const laneOf = (key: string) => Number(key.slice(0, key.indexOf('|')))
  const pots = [...lines]
    .sort(([a, x], [b, y]) => laneOf(a) - laneOf(b) || fullHeightM(y.plant) - fullHeightM(x.plant))
    .map(([, line]) => line)
  const outlineM = frame.outline.reduce((n, p, i) => {
    const q = frame.outline[(i + 1) % frame.outline.length]!
    return n + Math.hypot(q.x - p.x, q.y - p.y)
  }, 0)
  return {
    table: setOutTable(scene, { method: 'baseline', units, path }),
    outlineM,
    pots,
    packing: [...pots].reverse(),
  }
}
