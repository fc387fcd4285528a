import { fullHeightM } from '../../plant'
import type { Edit } from '../../edit'
import { standIns } from '../../match'
import { capital, type DriftSeen, driftsSeen, nameOf, type Scene } from '../../scene'
import type { Finding } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

/** What screens: so high, and of that share of the highest. */
const TALL_M = 1.5
const OF_TALLEST = 0.4
const LEAST = 5
const ONE_KIND = 0.5
const ONE_FAMILY = 0.75

/** A screen of one kind or one family: one pest, storm or cold winter takes all of it. */
export const oneKind: WholeRule = {
  id: 'one-kind',
  findings: (scene) => {
    if (scene.bed.form.kind !== 'screen' && scene.bed.school !== 'screen') return []
    const least = Math.max(TALL_M, OF_TALLEST * Math.max(0, ...[...scene.byPlant.keys()].map(fullHeightM)))
    const tall = scene.placement.plants.filter(
      (p) => fullHeightM(p.plant) >= least && p.plant.lifeCycle === 'woody' && p.plant.kind !== 'climber',
    )
    if (tall.length < LEAST || scene.school.lines === 'straight') return []
    const kind = fullest(tall, (p) => p.plant.id)
    const family = fullest(tall, (p) => p.plant.family || p.plant.id)
    const isKind = kind.list.length > tall.length * ONE_KIND
    if (!isKind && family.list.length <= tall.length * ONE_FAMILY) return []
    return [isKind ? say(scene, kind.list, tall.length, 'kind') : say(scene, family.list, tall.length, 'family')]
  },
}

type Placed = Scene['placement']['plants'][number]

function fullest(plants: readonly Placed[], of: (p: Placed) => string) {
  const groups = new Map<string, Placed[]>()
  for (const p of plants) groups.set(of(p), [...(groups.get(of(p)) ?? []), p])
  const list = [...groups.values()].reduce((a, b) => (b.length > a.length ? b : a))
  return { list }
}

function say(scene: Scene, list: readonly Placed[], whole: number, of: 'kind' | 'family'): Finding {
  const { plant } = list[0]!
  const name = of === 'kind' ? nameOf(plant) : `the family ${plant.family}`
  return ofBed(
    scene,
    {
      id: `one-kind:${of}`,
      rule: 'one-kind',
      title: of === 'kind' ? `A screen of ${name} alone` : `A screen of one family, ${plant.family}`,
      reason:
        `${list.length} of ${whole} tall plants are ${name}: one pest, storm or cold winter may take them all. ` +
        'Mix kinds, so that a lost plant leaves one gap.',
      weight: 43,
      plants: list,
      figures: [
        { name: of === 'kind' ? 'of one kind' : 'of one family', value: (list.length / whole) * 100, unit: '%' },
      ],
      source: 'No kind over a half, no family over three quarters of the tall plants.',
      grounds: ['practice#screens', 'composing#health'],
    },
    () => {
      const own = driftsSeen(scene).filter((d) => list.some((p) => p.driftId === d.drift.id))
      const others = standIns(
        plant,
        scene,
        {
          maxSpreadM: plant.spreadM * 1.4,
          minHeightM: TALL_M,
          where: (p) => p.family !== plant.family && p.kind !== 'tree',
        },
        4,
      )
      if (others.length === 0) return []
      return [2, 3].map((every) => ({
        label: `${listOf(others.slice(0, 2).map(nameOf))} between them`,
        edit: {
          kind: 'all' as const,
          name: 'mix the screen',
          edits: own.flatMap((d, i) => mixed(d, i, every, others)),
        },
      }))
    },
  )
}

const listOf = (names: readonly string[]) => capital(names.join(' and '))

/** Of several drifts every second (or two of three) become others; one drift of many becomes a mix of them. */
function mixed(d: DriftSeen, i: number, every: number, others: readonly Placed['plant'][]): Edit[] {
  const other = others[i % others.length]!
  const { drift } = d
  if (drift.count >= 3) {
    const part = Math.ceil(drift.count / 3)
    return [
      {
        kind: 'changeDrift' as const,
        driftId: drift.id,
        change: { count: part, at: Math.max(0, drift.at - (d.to - d.from) / 3) },
      },
      ...[others[0]!, others[1 % others.length]!].map((p, k) => ({
        kind: 'addDrift' as const,
        drift: {
          ...drift,
          id: `${drift.id}-x${k}`.slice(0, 60),
          plantId: p.id,
          count: Math.max(1, Math.floor(drift.count / 3)),
          at: drift.at + (k * (d.to - d.from)) / 3,
        },
      })),
    ]
  }
  const isKept = every === 2 ? i % 2 === 0 : i % 3 === 0
  return isKept ? [] : [{ kind: 'changeDrift' as const, driftId: drift.id, change: { plantId: other.id } }]
}
