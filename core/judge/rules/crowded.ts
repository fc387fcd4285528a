import type { Drift } from '../../model'
import { laneNames } from '../../bed'
import { allowedDistanceM, type PlacedPlant } from '../../layout'
import { metres, nameOf, stretchOf, type Scene } from '../../scene'
import { finding, type Finding, type Mend } from '../finding'
import type { WholeRule } from '../rule'

/** One of several that finds no place is a matter of setting out, as long as the bed as a whole has room. */
const ONE_OF = 3
const OF_BED = 0.08

/** Plants for which no lawful place was left in their lane: nearer to others than the school allows. */
export const crowded: WholeRule = {
  id: 'crowded',
  findings: (scene) => {
    const squeezed = scene.placement.plants.filter((p) => p.crowded && !p.pinned)
    if (squeezed.length === 0) return []
    if (isPotted(scene) && squeezed.length < scene.placement.plants.length * OF_POT) return []
    const isFull = squeezed.length > scene.placement.plants.length * OF_BED
    return scene.bed.drifts.flatMap((drift) => {
      const its = squeezed.filter((p) => p.driftId === drift.id)
      const isOne = its.length === 1 && drift.count >= ONE_OF && !isFull
      return its.length > 0 && !isOne ? [describe(scene, drift, its)] : []
    })
  },
}

/** In a pot the outer ones hang over the rim, and roots share what is fed. */
const OF_POT = 0.6
const isPotted = ({ bed }: Scene) => bed.form.kind === 'container'

function describe(scene: Scene, drift: Drift, squeezed: readonly PlacedPlant[]): Finding {
  const { plant } = squeezed[0]!
  const near = squeezed.map((p) => nearest(scene, p)).reduce((w, n) => (n.share < w.share ? n : w))
  const lane = laneNames(scene.bed.laneShares.length, scene.bed.form.kind)[drift.lane] ?? ''
  const many = squeezed.length === drift.count ? 'any' : `${squeezed.length} of ${drift.count}`
  return finding(
    {
      id: `crowded:${drift.id}`,
      rule: 'crowded',
      title: `No room for ${many} ${nameOf(plant)}`,
      reason:
        `${placeOf(scene, drift, lane)}: ${metres(near.apart)} from ${near.name}, ` +
        `where ${scene.school.name} wants ${metres(near.allowed)}.`,
      weight: 50 + 30 * (1 - Math.min(1, near.share)),
      ...stretchOf(squeezed),
      plants: squeezed.map((p) => p.id),
      figures: [
        { name: 'too many', value: squeezed.length, unit: '' },
        { name: 'apart', value: near.apart, unit: 'm' },
        { name: 'on centre', value: near.allowed, unit: 'm' },
      ],
      source: `On centre d = k (w1 + w2) / 2 with k = ${scene.school.spacing}.`,
      grounds: ['calculations#spacing-and-counts'],
    },
    () => mendsFor(drift, plant.commonName, squeezed.length),
  )
}

/** What has no room: the lane there, or the drift's own shape. */
function placeOf({ placement }: Scene, { id, shape }: Drift, lane: string): string {
  const placed = placement.shapes.find((s) => s.driftId === id)
  if (!shape || !placed) return `The ${lane.toLowerCase()} lane has no free place there`
  return `The ${shape.kind} holds ${placed.fits} at this spacing`
}

/** The neighbour that a plant is nearest to, measured by what is wanted between them; metres. */
function nearest({ own, school }: Scene, p: PlacedPlant) {
  let found = { apart: 0, allowed: 0, share: 1, name: 'the next' }
  for (const q of own) {
    const reach = (p.plant.spreadM + q.plant.spreadM) / 2
    if (Math.abs(p.x - q.x) > reach || Math.abs(p.y - q.y) > reach || q.id === p.id) continue
    const apart = Math.hypot(q.x - p.x, q.y - p.y)
    const allowed = allowedDistanceM(p.plant, q.plant, school.spacing)
    if (apart / allowed < found.share)
      found = {
        apart,
        allowed,
        share: apart / allowed,
        name: q.plant.id === p.plant.id ? 'its own kind' : nameOf(q.plant),
      }
  }
  return found
}

function mendsFor(drift: Drift, name: string, tooMany: number): Mend[] {
  const left = drift.count - tooMany
  if (left < 1) return [{ label: `Leave out ${name}`, edit: { kind: 'removeDrift', driftId: drift.id } }]
  return [{ label: `Keep ${left}`, edit: { kind: 'changeDrift', driftId: drift.id, change: { count: left } } }]
}
