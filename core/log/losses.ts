import { distance, type Point } from '../geometry'
import { standIns } from '../match'
import { misfits, type Plant } from '../plant'
import { conditionsAt, type Scene } from '../scene'
import type { Cause, LogEntry } from './entry'
import { siteAfter } from './siteAfter'

/** Plants lost near one another: where, what, why as far as it was said or can be read from the place, and what could stand there. */
export interface Loss {
  readonly bedId: string
  readonly places: readonly string[]
  readonly plants: readonly { readonly plant: Plant; readonly count: number }[]
  readonly entries: readonly string[]
  readonly causes: readonly Cause[]
  /** What the plant does not stand of the place as its losses show it to be, in words. */
  readonly against: readonly string[]
  /** Kinds that suit the place and keep the role, best first. */
  readonly instead: readonly Plant[]
}

/** Losses nearer than this are told together, metres. */
const TOGETHER_M = 1.5
const MOST_INSTEAD = 3
const MOST_WIDER = 1.25

interface Fallen {
  readonly entry: LogEntry
  readonly plant: Plant
  readonly at: (Point & { readonly place: string }) | null
}

/**
 * Losses of a bed: those near one another as one; the place is seen as they show it to be, and what is proposed lives there. Those replaced
 * since are left out.
 */
export function lossesOf(bedId: string, scene: Scene, entries: readonly LogEntry[]): Loss[] {
  const own = entries.filter((e) => !e.gone && e.bedId === bedId)
  const fallen = own
    .filter((e) => e.kind === 'died' && !isReplaced(e, own))
    .flatMap((entry): Fallen[] => {
      const plant = scene.library.get(entry.plantId)
      return plant ? [{ entry, plant, at: placeOf(scene, entry) }] : []
    })
  const groups: Fallen[][] = []
  for (const f of fallen) {
    const near = groups.find((g) => g.some((o) => isNear(o, f)))
    if (near) near.push(f)
    else groups.push([f])
  }
  return groups.map((group) => lossOf(bedId, scene, group))
}

const isReplaced = (dead: LogEntry, all: readonly LogEntry[]) =>
  all.some((e) => e.kind === 'planted' && e.day >= dead.day && e.place !== '' && e.place === dead.place)

function placeOf(scene: Scene, { place, driftId }: LogEntry): Fallen['at'] {
  const there =
    scene.planted.find((p) => p.id === place) ?? scene.planted.find((p) => driftId !== '' && p.driftId === driftId)
  return there ? { x: there.x, y: there.y, place: there.id } : null
}

const isNear = (a: Fallen, b: Fallen) =>
  a.at && b.at ? distance(a.at, b.at) <= TOGETHER_M : a.plant.id === b.plant.id && !a.at && !b.at

function lossOf(bedId: string, scene: Scene, group: readonly Fallen[]): Loss {
  const first = group[0]!
  const causes = [
    ...new Set(group.map((f) => f.entry.cause).filter((c): c is Cause => c !== '' && c !== 'not known')),
  ]
  const site = siteAfter(first.at ? conditionsAt(scene, first.at) : scene.site, causes)
  const counts = new Map<Plant, number>()
  for (const { plant, entry } of group) counts.set(plant, (counts.get(plant) ?? 0) + (entry.amount ?? 1))
  const dead = new Set(group.map((f) => f.plant.id))
  const where = (p: Plant) => !dead.has(p.id) && misfits(p, site).length === 0
  return {
    bedId,
    places: group.flatMap((f) => (f.at ? [f.at.place] : [])),
    plants: [...counts].map(([plant, count]) => ({ plant, count })),
    entries: group.map((f) => f.entry.id),
    causes,
    against: [...new Set(group.flatMap((f) => misfits(f.plant, site).map((m) => m.text)))],
    instead: standIns(first.plant, scene, { where, maxSpreadM: first.plant.spreadM * MOST_WIDER }, MOST_INSTEAD),
  }
}
