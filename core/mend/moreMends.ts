import type { Drift } from '../model'
import { swapKind } from '../edit'
import type { Finding, Mend } from '../judge'
import { standIns } from '../match'
import { capital, nameOf, type Scene } from '../scene'

/** How far a drift is tried to be moved, metres, nearest first. */
const MOVES_M = [0.4, 0.8, 1.3]
const MOST_DRIFTS = 3
/** A stand-in may be wider or taller by so much. */
const LIKE = 1.3

/**
 * Edits that could mend a finding when its own do not: its drifts moved, thinned, put into another lane, of another kind, or taken
 * out; of culprit and victim alike, the lightest first.
 */
export function moreMends(scene: Scene, finding: Finding): Mend[] {
  const ids = [...new Set(finding.plants.map((id) => scene.byId.get(id)?.driftId).filter((id) => id !== undefined))]
  const drifts = ids
    .map((id) => scene.bed.drifts.find((d) => d.id === id))
    .filter((d) => d !== undefined)
    .slice(0, MOST_DRIFTS)
  return [
    ...(finding.rule === 'gap' ? fillings(scene, finding) : []),
    ...drifts.flatMap((d) => moves(scene, d)),
    ...drifts.flatMap((d) => fewer(scene, d)),
    ...drifts.flatMap((d) => swapsOf(scene, d)),
    ...drifts.flatMap((d) => otherLane(scene, d)),
    ...drifts.map((d): Mend => ({
      label: `Take out ${named(scene, d)}`,
      edit: { kind: 'removeDrift', driftId: d.id },
    })),
  ]
}

/** What stands nearest in each lane is carried on through a bare stretch: in one lane, or in all. */
function fillings(scene: Scene, { from, to }: Finding): Mend[] {
  const { frame, bed, library } = scene
  const middle = frame.sAt((from + to) / 2)
  const length = Math.max(0.6, to - from)
  const nearest = bed.laneShares.flatMap((_, lane): Drift[] => {
    const own = bed.drifts.filter((d) => d.lane === lane && !d.shape && library.has(d.plantId))
    const [near] = [...own].sort((a, b) => Math.abs(a.at - middle) - Math.abs(b.at - middle))
    if (!near) return []
    const count = Math.max(1, Math.min(12, Math.round(length / library.get(near.plantId)!.spreadM)))
    return [
      {
        id: `fill-${lane}-${Math.round(middle * 10)}`,
        plantId: near.plantId,
        lane,
        at: middle,
        count,
        pattern: 'mass',
        everyM: 1,
      },
    ]
  })
  const add = (drift: Drift) => ({ kind: 'addDrift' as const, drift })
  return [
    ...nearest.map((d): Mend => ({ label: `${d.count} more ${named(scene, d)} there`, edit: add(d) })),
    { label: 'Carry on all lanes there', edit: { kind: 'all', name: 'fill a gap', edits: nearest.map(add) } },
  ]
}

const named = (scene: Scene, d: Drift) => {
  const plant = scene.library.get(d.plantId)
  return plant ? nameOf(plant) : d.plantId
}

function moves(scene: Scene, d: Drift): Mend[] {
  if (d.shape && d.shape.kind !== 'exact') return []
  return MOVES_M.flatMap((by) =>
    [1, -1].flatMap((side): Mend[] => {
      const at = d.at + side * by
      if (at < 0 || at > scene.frame.frontLength) return []
      return [
        {
          label: `${capital(named(scene, d))} ${by}\u202fm ${side > 0 ? 'right' : 'left'}`,
          edit: { kind: 'changeDrift', driftId: d.id, change: { at } },
        },
      ]
    }),
  )
}

function fewer(scene: Scene, d: Drift): Mend[] {
  const counts = [d.count - 1, Math.ceil(d.count / 2)].filter((n) => n >= 1 && n < d.count)
  return [...new Set(counts)].map((count) => ({
    label: `${capital(named(scene, d))}: ${count} instead of ${d.count}`,
    edit: { kind: 'changeDrift', driftId: d.id, change: { count } },
  }))
}

function swapsOf(scene: Scene, d: Drift): Mend[] {
  const plant = scene.library.get(d.plantId)
  if (!plant) return []
  return standIns(plant, scene, { maxSpreadM: plant.spreadM * LIKE }, 3).map((p) => ({
    label: `${capital(nameOf(p))} for ${nameOf(plant)}`,
    edit: { kind: 'all', name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id, new Set([d.id])) },
  }))
}

function otherLane(scene: Scene, d: Drift): Mend[] {
  const names = ['further back', 'further forward'] as const
  return ([-1, 1] as const).flatMap((by, i): Mend[] => {
    const lane = d.lane + by
    if (d.shape || lane < 0 || lane >= scene.bed.laneShares.length) return []
    return [
      {
        label: `${capital(named(scene, d))} ${names[i]}`,
        edit: { kind: 'changeDrift', driftId: d.id, change: { lane } },
      },
    ]
  })
}
