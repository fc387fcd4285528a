import type { PlacedPlant } from '../../layout'
import { fullHeightM } from '../../plant'
import { finding, type Finding, type Mend, type Remark } from '../finding'
import { fitting } from '../fitting'
import { byGroup, type LocalRule } from '../rule'
import { along, capital, driftsSeen, metres, nameOf, stretchOf, type Scene } from '../../scene'

/** Dense plants stand before others when they are over these by so much. */
const OVER_TIMES = 1.4
const OVER_M = 0.35
/** Airier plants than this may stand forward; where tall ones always stand behind, only the airiest. */
const AIRY = 0.5
const AIRIEST = 0.3
const airy = ({ school }: Scene) => (school.tall === 'behind' ? AIRIEST : AIRY)
/** Plants behind within so much of its half spread are stood before. */
const BESIDE = 0.6

/** A dense plant stands in a lane before lower ones. A school that lets airy ones stand anywhere still wants dense ones behind. */
export const before: LocalRule = {
  id: 'before',
  remarks: (scene, range) => {
    if (!hasLayers(scene)) return []
    const far = scene.widestM
    const near = scene.placement.plants
      .filter((p) => p.along >= range.from - far && p.along <= range.to + far && p.plant.spacingHabit !== 'weaves')
      .sort((a, b) => a.along - b.along)
    const shaped = new Set(scene.bed.drifts.filter((d) => d.shape).map((d) => d.id))
    let first = 0
    return near.flatMap((p): Remark[] => {
      while (near[first]!.along < p.along - far) first++
      if (p.along < range.from || p.along > range.to || !mayStandBefore(p, airy(scene)) || shaped.has(p.driftId))
        return []
      const low = lowestBehind(near, first, p)
      if (!low) return []
      return [
        {
          x: p.along,
          group: p.driftId,
          plants: [p.id, low.id],
          value: fullHeightM(p.plant),
          other: fullHeightM(low.plant),
        },
      ]
    })
  },
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([driftId, list]) => {
      const tall = list.map((r) => scene.byId.get(r.plants[0]!)!)
      return describe(scene, driftId, tall, scene.byId.get(list[0]!.plants[1]!)!)
    }),
}

const mayStandBefore = ({ plant, lane }: PlacedPlant, least: number) =>
  lane > 0 && plant.density >= least && plant.kind !== 'climber' && fullHeightM(plant) >= 2 * OVER_M

/** Beds seen from one side whose heights are meant to rise. */
const hasLayers = ({ bed, frame }: Scene) =>
  bed.laneShares.length > 1 && !frame.closed && bed.form.kind !== 'two-sided' && bed.school !== 'carpet'

/** The tallest of the nearest lane behind, when even that is well under the plant; null when it is not, or none stands there. */
function lowestBehind(near: readonly PlacedPlant[], first: number, p: PlacedPlant): PlacedPlant | null {
  const reach = (p.plant.spreadM / 2) * BESIDE
  let tallest: PlacedPlant | null = null
  for (let i = first; i < near.length; i++) {
    const q = near[i]!
    const away = Math.abs(q.along - p.along) - q.plant.spreadM / 2
    if (q.along > p.along && away > reach + p.plant.spreadM + 2) break
    if (q.lane < p.lane && away <= reach && (!tallest || comesBefore(q, tallest))) tallest = q
  }
  return tallest && isWellUnder(fullHeightM(tallest.plant), fullHeightM(p.plant)) ? tallest : null
}

/** Nearer by its lane, or taller in the same. */
const comesBefore = (q: PlacedPlant, t: PlacedPlant) =>
  q.lane > t.lane || (q.lane === t.lane && fullHeightM(q.plant) > fullHeightM(t.plant))

const isWellUnder = (low: number, high: number) => high > low * OVER_TIMES && high > low + OVER_M

function describe(scene: Scene, driftId: string, tall: readonly PlacedPlant[], low: PlacedPlant): Finding {
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
      source: 'Heights rise away from the viewer, so that each row is seen over the one in front.',
      grounds: ['practice#depth-layers-spacing'],
    },
    () => [
      ...lower(scene, driftId),
      { label: 'Take it to the back', edit: { kind: 'changeDrift', driftId, change: { lane: 0 } } },
      { label: 'Take it back a lane', edit: { kind: 'changeDrift', driftId, change: { lane: lane - 1 } } },
    ],
  )
}

/** The next kind of its own lane in its place. */
function lower(scene: Scene, driftId: string): Mend[] {
  const all = driftsSeen(scene)
  const own = all.find((d) => d.drift.id === driftId)
  const next = all
    .filter((d) => own && d !== own && d.drift.lane === own.drift.lane && d.plant.id !== own.plant.id)
    .filter((d) => d.plant.spacingHabit === 'stands' && fullHeightM(d.plant) < fullHeightM(own!.plant) / OVER_TIMES)
    .sort((a, b) => Math.abs(a.middle - own!.middle) - Math.abs(b.middle - own!.middle))[0]
  if (!own || !next) return []
  return [
    {
      label: `${capital(nameOf(next.plant))} there instead`,
      edit: {
        kind: 'changeDrift',
        driftId,
        change: { plantId: next.plant.id, count: Math.min(next.drift.count, fitting(own, next.plant)) },
      },
    },
  ]
}
