import type { PlacedPlant } from '../../layout'
import { fullHeightM } from '../../plant'
import { finding, type Finding } from '../finding'
import type { WholeRule } from '../rule'
import { along, capital, metres, nameOf, stretchOf, type Scene } from '../../scene'

/** Dense plants stand before others when they are over these by so much. */
const OVER_TIMES = 1.4
const OVER_M = 0.35
const AIRY = 0.5
/** Plants behind within so much of its half spread are stood before. */
const BESIDE = 0.6

/** A dense plant stands in a lane before lower ones. A school that lets airy ones stand anywhere still wants dense ones behind. */
export const before: WholeRule = {
  id: 'before',
  findings: (scene) => {
    if (!hasLayers(scene)) return []
    const byDrift = new Map<string, { tall: PlacedPlant[]; low: PlacedPlant }>()
    for (const [plant, list] of scene.byPlant) {
      if (plant.density < AIRY || plant.kind === 'climber' || fullHeightM(plant) < 2 * OVER_M) continue
      for (const p of list) {
        const low = lowestBehind(scene, p)
        if (!low) continue
        const there = byDrift.get(p.driftId)
        if (there) there.tall.push(p)
        else byDrift.set(p.driftId, { tall: [p], low })
      }
    }
    return [...byDrift].map(([driftId, { tall, low }]) => describe(driftId, tall, low))
  },
}

/** Beds seen from one side whose heights are meant to rise. */
const hasLayers = ({ bed, frame }: Scene) =>
  bed.laneShares.length > 1 && !frame.closed && bed.form.kind !== 'two-sided' && bed.school !== 'carpet'

/** The tallest of the nearest lane behind, when even that is well under the plant; null when it is not, or none stands there. */
function lowestBehind(scene: Scene, p: PlacedPlant): PlacedPlant | null {
  if (p.lane < 1 || scene.bed.drifts.find((d) => d.id === p.driftId)?.shape) return null
  const reach = (p.plant.spreadM / 2) * BESIDE
  const behind = scene.placement.plants.filter(
    (q) =>
      q.lane < p.lane &&
      q.plant.spacingHabit !== 'weaves' &&
      Math.abs(q.along - p.along) <= reach + q.plant.spreadM / 2,
  )
  const nearest = Math.max(...behind.map((q) => q.lane))
  const tallest = behind
    .filter((q) => q.lane === nearest)
    .reduce<PlacedPlant | null>((t, q) => (!t || fullHeightM(q.plant) > fullHeightM(t.plant) ? q : t), null)
  if (!tallest) return null
  const [high, low] = [fullHeightM(p.plant), fullHeightM(tallest.plant)]
  return high > low * OVER_TIMES && high > low + OVER_M ? tallest : null
}

function describe(driftId: string, tall: readonly PlacedPlant[], low: PlacedPlant): Finding {
  const { plant, lane } = tall[0]!
  const { from, to } = stretchOf(tall)
  return finding(
    {
      id: `before:${driftId}`,
      rule: 'before',
      title: `${capital(nameOf(plant))} stands before lower plants`,
      reason:
        `It grows ${metres(fullHeightM(plant))} high ${along(from, to)}; right behind it the tallest is ` +
        `${nameOf(low.plant)} with ${metres(fullHeightM(low.plant))}.`,
      weight: 54,
      from,
      to,
      plants: [...tall.map((p) => p.id), low.id],
      figures: [
        { name: 'its height', value: fullHeightM(plant), unit: 'm' },
        { name: 'behind it', value: fullHeightM(low.plant), unit: 'm' },
      ],
      source:
        'Heights rise away from the viewer, so that each row is seen over the one in front. Practice, Depth, layers, spacing.',
    },
    () => [
      { label: 'Take it to the back', edit: { kind: 'changeDrift', driftId, change: { lane: 0 } } },
      { label: 'Take it back a lane', edit: { kind: 'changeDrift', driftId, change: { lane: lane - 1 } } },
    ],
  )
}
