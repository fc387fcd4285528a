import type { Bed, Mix, Pin } from '../model'
import { distance } from '../geometry'
import { place, type PlacedPlant } from '../layout'
import { numbersOf, withCount } from '../bed'
import type { Plant } from '../plant'
import type { Edit } from '../edit'
import type { Scene } from '../scene'

interface PlacedBed {
  readonly id: string
  readonly plants: readonly PlacedPlant[]
}
interface OpenPlace {
  readonly bedId: string
  readonly plant: PlacedPlant
}

/**
 * Which places of a kind stay open when so many plants are short: always the outermost plant of the drift that has most of the kind left,
 * so that single plants and small groups are filled first and no drift gets a hole in its middle.
 */
export function openPlaces(beds: readonly PlacedBed[], plantId: string, short: number): OpenPlace[] {
  const groups = groupsOf(beds, plantId)
  const open: OpenPlace[] = []
  while (open.length < short && groups.length > 0) {
    const most = groups.reduce((a, b) => (b.left.length > a.left.length ? b : a))
    const plant = most.left.pop()
    if (!plant) break
    open.push({ bedId: most.bedId, plant })
  }
  return open
}

/** The plants of a kind drift by drift, in each the outermost last. */
function groupsOf(beds: readonly PlacedBed[], plantId: string) {
  const groups = new Map<string, { readonly bedId: string; readonly left: PlacedPlant[] }>()
  for (const { id, plants } of beds)
    for (const p of plants.filter((q) => q.plant.id === plantId && !q.standing)) {
      const key = `${id}|${p.driftId}|${partOf(p)}`
      const group = groups.get(key) ?? { bedId: id, left: [] }
      groups.set(key, group)
      group.left.push(p)
    }
  return [...groups.values()].map((g) => ({ ...g, left: [...g.left].sort(fromMiddle(g.left)) }))
}

/** All places of a garden that stay open, as `bed|plant`: of each line as many as its count says. */
export function openRefs(
  beds: readonly PlacedBed[],
  lines: readonly { readonly plant: Plant; readonly open: number }[],
): ReadonlySet<string> {
  const refs = lines.flatMap((l) => openPlaces(beds, l.plant.id, l.open))
  return new Set(refs.map((o) => `${o.bedId}|${o.plant.id}`))
}

const partOf = (p: PlacedPlant) => p.id.split('@')[1] ?? ''

function fromMiddle(plants: readonly PlacedPlant[]) {
  const x = plants.reduce((n, p) => n + p.x, 0) / plants.length
  const y = plants.reduce((n, p) => n + p.y, 0) / plants.length
  return (a: PlacedPlant, b: PlacedPlant) => distance(a, { x, y }) - distance(b, { x, y }) || a.index - b.index
}

/**
 * The edit that sets `fewer` plants less in a drift over the stretch that it fills now: the rest stand wider, pinned. Null when the
 * drift has too few plants to stand wider.
 */
export function plantWider(scene: Scene, driftId: string, fewer: number): Edit | null {
  const { bed, library, frame } = scene
  const drift = bed.drifts.find((d) => d.id === driftId)
  if (!drift || fewer < 1 || drift.count - fewer < 2) return null
  const after = withCount(drift, drift.count - fewer)
  const pinsOf = (b: Bed) => b.pins.filter((p) => p.driftId !== driftId)
  const thinner: Bed = { ...bed, drifts: bed.drifts.map((d) => (d === drift ? after : d)), pins: pinsOf(bed) }
  const was = spanOf(scene.placement.plants, driftId)
  const now = place(thinner, library, frame, scene.input.schools).plants.filter((p) => p.driftId === driftId)
  const is = spanOf(now, driftId)
  if (!was || !is) return null
  const stretch = is.to > is.from ? (was.to - was.from) / (is.to - is.from) : 1
  const pins = now.map((p): Pin => {
    const at = frame.at(was.from + (p.along - is.from) * stretch, p.out)
    return { driftId, index: p.index, x: at.x, y: at.y }
  })
  const { count, numbers = null, nextNumber = null } = after
  return {
    kind: 'all',
    name: `plant ${drift.count - fewer} wider instead of ${drift.count}`,
    edits: [
      { kind: 'changeDrift', driftId, change: { count, numbers, nextNumber }, alone: true },
      { kind: 'setPins', driftId, pins },
    ],
  }
}

function spanOf(plants: readonly PlacedPlant[], driftId: string) {
  const along = plants.filter((p) => p.driftId === driftId).map((p) => p.along)
  return along.length === 0 ? null : { from: Math.min(...along), to: Math.max(...along) }
}

/** The edit that mixes so many plants of another kind into a drift, spread through it; null when nothing of its own kind would be left. */
export function mixInto(bed: Bed, driftId: string, other: Plant, count: number): Edit | null {
  const drift = bed.drifts.find((d) => d.id === driftId)
  const total = drift ? numbersOf(drift).length : 0
  if (!drift || count < 1 || count >= total) return null
  const others = [
    ...(drift.mix?.others ?? []).filter((o) => o.plantId !== other.id),
    { plantId: other.id, share: count / total },
  ]
  if (others.reduce((n, o) => n + o.share, 0) >= 1) return null
  const mix: Mix = { how: drift.mix?.how ?? 'matrix', others }
  return { kind: 'changeDrift', driftId, change: { mix } }
}
