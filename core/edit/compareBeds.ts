import type { Bed, Drift } from '../model'
import { same } from '../merge'

const PARTS = {
  name: 'its name',
  form: 'its kind',
  outline: 'its edges',
  laneShares: 'its lanes',
  wall: 'its wall',
  viewpoint: 'its viewpoint',
  ground: 'its ground',
  school: 'its school',
  existing: 'what stood there before',
  pins: 'plants set by hand',
  accepted: 'findings accepted',
  shortlist: 'the shortlist',
  buying: 'what is bought',
  laneStations: 'its lanes along it',
  features: 'stone, pots and supports',
  orders: 'orders that are kept',
  notes: 'notes',
  sets: 'plants kept together',
} as const satisfies Partial<Record<keyof Bed, string>>

const metres = (m: number) => `${m.toFixed(2)}\u202fm`

const kindOf = ({ shape, pattern }: Drift): string => shape?.kind ?? pattern

/** What differs of a drift, in words. */
function changesOf(then: Drift, now: Drift, nameOf: (plantId: string) => string): string[] {
  const changes: string[] = []
  if (then.plantId !== now.plantId)
    changes.push(`${nameOf(then.plantId)} stood where ${nameOf(now.plantId)} stands`)
  const name = nameOf(now.plantId)
  if (then.count !== now.count) changes.push(`${then.count} ${name}, now ${now.count}`)
  if (then.lane !== now.lane) changes.push(`${name} stood in lane ${then.lane + 1}, now ${now.lane + 1}`)
  if (then.at !== now.at) changes.push(`${name} stood at ${metres(then.at)}, now ${metres(now.at)}`)
  return [...changes, ...layoutChanges(then, now, name)]
}

/** What differs of how a drift is laid out. */
function layoutChanges(then: Drift, now: Drift, name: string): string[] {
  const changes: string[] = []
  if (kindOf(then) !== kindOf(now)) changes.push(`${name} was ${kindOf(then)}, now ${kindOf(now)}`)
  else if (!same(then.shape ?? null, now.shape ?? null)) changes.push(`the ${kindOf(now)} of ${name} lay otherwise`)
  if (!same(then.mix ?? null, now.mix ?? null)) changes.push(`what shares its place with ${name} was another`)
  if (then.everyM !== now.everyM && now.pattern === 'dotted')
    changes.push(`${name} came every ${metres(then.everyM)}, now ${metres(now.everyM)}`)
  return changes
}

/** What differs between an earlier state of a bed and the one now, in words; empty when they are alike. */
export function compareBeds(then: Bed, now: Bed, nameOf: (plantId: string) => string): string[] {
  const before = new Map(then.drifts.map((d) => [d.id, d]))
  const after = new Map(now.drifts.map((d) => [d.id, d]))
  const gone = then.drifts
    .filter((d) => !after.has(d.id))
    .map((d) => `${d.count} ${nameOf(d.plantId)}, no longer there`)
  const added = now.drifts.filter((d) => !before.has(d.id)).map((d) => `${d.count} ${nameOf(d.plantId)} came since`)
  const changed = now.drifts.flatMap((d) => {
    const was = before.get(d.id)
    return was ? changesOf(was, d, nameOf) : []
  })
  const parts = (Object.keys(PARTS) as (keyof typeof PARTS)[])
    .filter((part) => !same(then[part], now[part]))
    .map((part) => `${PARTS[part]} changed`)
  return [...gone, ...added, ...changed, ...parts]
}
