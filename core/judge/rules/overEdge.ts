import { distanceTo, doorsOf } from '../../site'
import { swapKind } from '../../edit'
import { standIns } from '../../match'
import { fullHeightM } from '../../plant'
import type { PlacedPlant } from '../../layout'
import { capital, metres, nameOf, type Scene } from '../../scene'
import type { Finding, Mend } from '../finding'
import { listed, ofBed } from '../ofBed'
import { byKind, type WholeRule } from '../rule'

/** Softening an edge is no harm. */
const OVER_M = 0.3
const LOW_M = 0.15
const DOOR_SILL_M = 0.25
const DOOR_DEEP_M = 1.1
const WALKED: ReadonlySet<string> = new Set(['path', 'paving', 'drive', 'street'])

/** What grows over a path, across a door, or over a rim that should show. */
export const overEdge: WholeRule = {
  id: 'over-edge',
  findings: (scene) => [...overFront(scene), ...overPaths(scene), ...acrossDoors(scene), ...overRim(scene)],
}

const reachOf = (p: PlacedPlant) => p.plant.spreadM / 2
const isInTheWay = (p: PlacedPlant) =>
  p.plant.foliageHeightM > LOW_M && p.plant.kind !== 'climber' && p.plant.spacingHabit !== 'weaves'
/** A tree's crown lies over heads. */
const isCrown = (p: PlacedPlant) => p.plant.kind === 'tree' && p.plant.clearStemM > 1.5

function overFront(scene: Scene): Finding[] {
  const { frame, bed } = scene
  if (!['foundation', 'screen', 'terrace', 'two-sided'].includes(bed.form.kind)) return []
  const over = scene.placement.plants.filter(
    (p) =>
      isInTheWay(p) &&
      !isCrown(p) &&
      p.out + reachOf(p) - frame.depthAlong(p.along) > Math.max(OVER_M, reachOf(p) * 0.55),
  )
  return byKind(over).map((list) => {
    const by = Math.max(...list.map((p) => p.out + reachOf(p) - frame.depthAlong(p.along)))
    return say(scene, 'front', list, 'the front edge', by)
  })
}

function say(scene: Scene, id: string, list: readonly PlacedPlant[], over: string, by: number): Finding {
  const { plant } = list[0]!
  return ofBed(
    scene,
    {
      id: `over-edge:${id}:${plant.id}`,
      rule: 'over-edge',
      title: `${capital(nameOf(plant))} grows over ${over}`,
      reason: `When grown it reaches ${metres(by)} over ${over}; it will be walked into, or cut back every year.`,
      weight: 38,
      plants: list,
      figures: [{ name: 'over', value: by, unit: 'm' }],
      source: 'Mature spread over the edge, 0.3\u202fm and more than half of its half width.',
      grounds: ['practice#depth-layers-spacing'],
    },
    () => backMends(scene, list, by),
  )
}

function backMends(scene: Scene, list: readonly PlacedPlant[], by: number): Mend[] {
  const { plant, driftId } = list[0]!
  const pins = scene.bed.pins.filter((p) => list.some((q) => q.driftId === p.driftId))
  const drift = scene.bed.drifts.find((d) => d.id === driftId)
  const ids = new Set(list.map((q) => q.driftId))
  const swaps = standIns(plant, scene, { maxSpreadM: Math.max(0.3, plant.spreadM - by * 1.7) }, 3).map(
    (p): Mend => ({
      label: `${capital(nameOf(p))}, narrower, instead`,
      edit: { kind: 'all', name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id, ids) },
    }),
  )
  return [
    ...(pins.length > 0
      ? [{ label: 'Let go of the pins', edit: { kind: 'setPins' as const, driftId, pins: [] } }]
      : []),
    ...(drift && drift.lane > 0 && !drift.shape
      ? [
          {
            label: 'Take it back a lane',
            edit: { kind: 'changeDrift' as const, driftId, change: { lane: drift.lane - 1 } },
          },
        ]
      : []),
    ...swaps,
  ]
}

function overPaths(scene: Scene): Finding[] {
  const things = scene.surroundings?.things ?? []
  return things.flatMap((t) => {
    if (t.kind !== 'surface' || !WALKED.has(t.cover)) return []
    const over = scene.planted.filter(
      (p) => isInTheWay(p) && !isCrown(p) && reachOf(p) - distanceTo(t, p) > Math.max(OVER_M, reachOf(p) * 0.55),
    )
    return byKind(over).map((list) =>
      say(scene, `path:${t.id}`, list, t.name, Math.max(...list.map((p) => reachOf(p) - distanceTo(t, p)))),
    )
  })
}

function acrossDoors(scene: Scene): Finding[] {
  const { wall, form } = scene.bed
  // Doors of the site's buildings are told among the cautions of what stands round the bed.
  if (!wall || form.kind !== 'foundation' || isOnSite(scene)) return []
  return wall.openings.flatMap((o) => {
    if (o.sillM > DOOR_SILL_M) return []
    const before = scene.placement.plants.filter(
      (p) =>
        p.out - reachOf(p) < DOOR_DEEP_M &&
        p.x + reachOf(p) > o.x + 0.1 &&
        p.x - reachOf(p) < o.x + o.widthM - 0.1 &&
        fullHeightM(p.plant) > LOW_M &&
        p.plant.kind !== 'climber',
    )
    if (before.length === 0) return []
    return [
      ofBed(
        scene,
        {
          id: `over-edge:door:${o.id}`,
          rule: 'over-edge',
          title: 'Grows across a door',
          reason: `${capital(listed(before.map((p) => nameOf(p.plant))))} will stand in the way of the door; keep its width clear.`,
          weight: 64,
          plants: before,
          figures: [{ name: 'door', value: o.widthM, unit: 'm' }],
          source: 'Mature spread against the door’s width.',
          grounds: ['practice#cautions'],
        },
        () => aside(scene, before, o),
      ),
    ]
  })
}

const isOnSite = ({ surroundings }: Scene) => doorsOf(surroundings?.things ?? []).length > 0

/** The drifts before a door moved to the side that is nearer, or left out. */
function aside(scene: Scene, before: readonly PlacedPlant[], o: { x: number; widthM: number }): Mend[] {
  const ids = [...new Set(before.map((p) => p.driftId))]
  const drifts = scene.bed.drifts.filter((d) => ids.includes(d.id))
  return [
    {
      label: 'Leave the door free',
      edit: {
        kind: 'all',
        name: 'free a door',
        edits: drifts.map((d) => {
          const its = scene.placement.plants.filter((p) => p.driftId === d.id)
          const blocked = before.filter((p) => p.driftId === d.id).length
          const half = its[0]!.plant.spreadM * Math.ceil(its.length / 2)
          const isLeft = d.at < o.x + o.widthM / 2
          const at = isLeft ? o.x - half - 0.2 : o.x + o.widthM + half + 0.2
          return blocked === its.length || at < 0 || at > scene.frame.frontLength
            ? { kind: 'removeDrift' as const, driftId: d.id }
            : { kind: 'changeDrift' as const, driftId: d.id, change: { at, count: its.length - blocked } }
        }),
      },
    },
    {
      label: 'Leave out what stands there',
      edit: {
        kind: 'all',
        name: 'free a door',
        edits: drifts.map((d) => ({ kind: 'removeDrift' as const, driftId: d.id })),
      },
    },
  ]
}

function overRim(scene: Scene): Finding[] {
  const { form } = scene.bed
  if (form.kind !== 'container' || !form.rimShows) return []
  const over = scene.placement.plants.filter(
    (p) => p.plant.habit === 'trailing' && form.diameterM / 2 - Math.hypot(p.x, p.y) < reachOf(p),
  )
  return byKind(over).map((list) =>
    ofBed(
      scene,
      {
        id: `over-edge:rim:${list[0]!.plant.id}`,
        rule: 'over-edge',
        title: `${capital(nameOf(list[0]!.plant))} hangs over a rim that should show`,
        reason: 'The pot is part of the picture: what trails hides its rim.',
        weight: 32,
        plants: list,
        figures: [{ name: 'plants', value: list.length, unit: '' }],
        source: 'Trail unless the rim is to show.',
        grounds: ['composing#how-a-draft-is-made'],
      },
      () =>
        standIns(
          list[0]!.plant,
          scene,
          { maxSpreadM: 0.35, where: (p) => p.habit !== 'trailing' && p.habit !== 'mat' },
          3,
        ).map((p) => ({
          label: `${capital(nameOf(p))} instead`,
          edit: { kind: 'changeDrift' as const, driftId: list[0]!.driftId, change: { plantId: p.id } },
        })),
    ),
  )
}
