import type { Drift, LogEntry } from '../model'
import { kindsOf } from '../bed'
import type { Plant } from '../plant'
import type { Scene } from '../scene'
import { yearOfDay } from '../time'
import { reckonedHeight } from './learned'

/** A drift as it was planned beside what the log says of it, to the end of a year. Metres. */
interface DriftFact {
  readonly driftId: string
  readonly plant: Plant
  readonly planned: number
  readonly planted: number
  readonly died: number
  readonly selfSown: number
  /** What should stand there by the log; by the plan where planting was not logged. */
  readonly standing: number
  /** Tallest measured in that year, and what was reckoned for that day; null where none was. */
  readonly measuredM: number | null
  readonly reckonedM: number | null
  /** What else was said of it that year. */
  readonly said: readonly LogEntry[]
}

/** The drifts of a bed in a year: plan beside fact. `planted` is the calendar year of planting. Source: docs/grounds/keeping, Log. */
export function besideFact(
  bedId: string,
  scene: Scene,
  entries: readonly LogEntry[],
  year: number,
  planted: number,
): DriftFact[] {
  const own = entries.filter((e) => !e.gone && e.bedId === bedId && yearOfDay(e.day) <= year)
  const byDrift = new Map<string, LogEntry[]>()
  for (const e of own) {
    const drift = driftOf(e, scene)
    if (drift) byDrift.set(drift.id, [...(byDrift.get(drift.id) ?? []), e])
  }
  return scene.bed.drifts
    .filter((d) => planted + (d.plantedYear ?? 0) <= year)
    .flatMap((d) => {
      const plant = scene.library.get(d.plantId)
      return plant ? [factOf(d, plant, byDrift.get(d.id) ?? [], scene, year, planted)] : []
    })
}

function driftOf(e: LogEntry, { bed }: Scene): Drift | undefined {
  const id = e.driftId || e.place.split(':')[0]
  return (
    bed.drifts.find((d) => d.id === id) ??
    bed.drifts.find((d) => e.plantId !== '' && kindsOf(d).includes(e.plantId))
  )
}

function factOf(
  drift: Drift,
  plant: Plant,
  own: readonly LogEntry[],
  scene: Scene,
  year: number,
  planted: number,
): DriftFact {
  const count = (kind: LogEntry['kind']) =>
    own.filter((e) => e.kind === kind).reduce((n, e) => n + (e.amount ?? 1), 0)
  const planned = scene.planted.filter((p) => p.driftId === drift.id).length
  const [set, died, selfSown] = [count('planted'), count('died'), count('self-sown')]
  const heights = own.filter((e) => e.kind === 'tallest' && yearOfDay(e.day) === year && e.amount !== null)
  const tallest = [...heights].sort((a, b) => b.amount! - a.amount!)[0]
  return {
    ...{ driftId: drift.id, plant, planned, planted: set, died, selfSown },
    standing: Math.max(0, (set || planned) - died + selfSown),
    measuredM: tallest?.amount ?? null,
    reckonedM: tallest
      ? reckonedHeight(plant, tallest.day, planted + (drift.plantedYear ?? 0), scene.climate)
      : null,
    said: own.filter((e) => yearOfDay(e.day) === year && !COUNTED.has(e.kind)),
  }
}
const COUNTED = new Set<LogEntry['kind']>(['planted', 'died', 'self-sown', 'tallest'])
