import type { Cause, LogEntry } from '../model'
import { distance, type Point } from '../geometry'
import { standIns } from '../match'
import { misfits, type Plant } from '../plant'
import { conditionsAt, type Scene } from '../scene'
import { siteAfter } from './siteAfter'

/** Plants of a kind lost near one another: where, why as far as it was said or can be read from the place, and what could stand there. */
export interface Loss {
  readonly bedId: string
  readonly places: readonly string[]
  readonly plant: Plant
  readonly count: number
  readonly entries: readonly LogEntry[]
  /** How many of which drift, and where as far as that was said. */
  readonly drifts: readonly {
    readonly driftId: string
    readonly count: number
    readonly places: readonly string[]
  }[]
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
  return groups.map((group) => lossOf(bedId, scene, group, fallen))
}

const isReplaced = (dead: LogEntry, all: readonly LogEntry[]) =>
  dead.toPlantId !== '' ||
  all.some((e) => e.kind === 'planted' && e.day >= dead.day && e.place !== '' && e.place === dead.place)

function placeOf(scene: Scene, { place, driftId }: LogEntry): Fallen['at'] {
  const there =
    scene.planted.find((p) => p.id === place) ?? scene.planted.find((p) => driftId !== '' && p.driftId === driftId)
  return there ? { x: there.x, y: there.y, place: there.id } : null
}

const isNear = (a: Fallen, b: Fallen) => a.plant.id === b.plant.id && (isClose(a, b) || (!a.at && !b.at))
const isClose = (a: Fallen, b: Fallen) => a.at !== null && b.at !== null && distance(a.at, b.at) <= TOGETHER_M

const known = (cause: LogEntry['cause']): cause is Cause => cause !== '' && cause !== 'not known'

function lossOf(bedId: string, scene: Scene, group: readonly Fallen[], all: readonly Fallen[]): Loss {
  const first = group[0]!
  // What other kinds died of close by speaks of the place too.
  const around = all.filter((f) => group.includes(f) || group.some((g) => isClose(f, g)))
  const causes = [...new Set(around.map((f) => f.entry.cause).filter(known))]
  const site = siteAfter(first.at ? conditionsAt(scene, first.at) : scene.site, causes)
  const where = (p: Plant) => p.id !== first.plant.id && misfits(p, site).length === 0
  return {
    bedId,
    places: group.flatMap((f) => (f.at ? [f.at.place] : [])),
    plant: first.plant,
    count: countOf(group),
    entries: group.map((f) => f.entry),
    drifts: byDrift(group),
    causes,
    against: misfits(first.plant, site).map((m) => m.text),
    instead: standIns(first.plant, scene, { where, maxSpreadM: first.plant.spreadM * MOST_WIDER }, MOST_INSTEAD),
  }
}

const countOf = (list: readonly Fallen[]) => list.reduce((n, f) => n + (f.entry.amount ?? 1), 0)

function byDrift(group: readonly Fallen[]): Loss['drifts'] {
  const drifts = new Map<string, Fallen[]>()
  for (const f of group) {
    const id = f.entry.driftId || f.at?.place.split(':')[0] || ''
    if (id) drifts.set(id, [...(drifts.get(id) ?? []), f])
  }
  return [...drifts].map(([driftId, list]) => ({
    driftId,
    count: countOf(list),
    places: list.flatMap((f) => (f.entry.place ? [f.entry.place] : [])),
  }))
}
