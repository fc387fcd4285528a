import type { Bed, Drift } from '../../core/model'
import { seeded } from '../../core/geometry'
import { fullHeightM, type Plant } from '../../core/plant'
import type { Scene } from '../../core/scene'
import { living } from './wholeFault'

/** The drifts of each lane keep their places, and other drifts of the lane come to stand there. */
export function shuffled(bed: Bed, seed: number): Bed {
  const random = seeded(seed)
  const lanes = new Map<number, Drift[]>()
  for (const d of bed.drifts) lanes.set(d.lane, [...(lanes.get(d.lane) ?? []), d])
  const drifts = [...lanes.values()].flatMap((own) => {
    const places = own.map((d) => d.at)
    for (let i = places.length - 1; i > 0; i--) {
      const j = Math.floor(random() * (i + 1))
      ;[places[i], places[j]] = [places[j]!, places[i]!]
    }
    return own.map((d, i) => ({ ...d, at: places[i]! }))
  })
  return { ...bed, drifts }
}

/** A way of spoiling a composition that a designer sees in seconds; null when the bed does not bear it. */
interface Spoiler {
  readonly id: string
  readonly spoil: (scene: Scene, seed: number) => Bed | null
}

type Choice = (p: Plant) => boolean

const withKind = (bed: Bed, change: (d: Drift, i: number) => Partial<Drift>): Bed => ({
  ...bed,
  drifts: bed.drifts.map((d, i) => ({ ...d, ...change(d, i) })),
})
const plantOf = (scene: Scene, d: Drift) => scene.library.get(d.plantId)!

/** Every drift gets another kind that answers a choice, as wide as it was or nearly. */
function replaced(
  scene: Scene,
  seed: number,
  wanted: (p: Plant, was: Plant) => boolean,
  isEach = true,
): Bed | null {
  const chosen = new Map<string, string>()
  const bed = withKind(scene.bed, (d, i) => {
    const was = plantOf(scene, d)
    const key = isEach ? String(i) : was.id
    let id = chosen.get(key)
    if (!id) {
      const used = new Set(chosen.values())
      const found = living(
        scene,
        seed + i,
        (p) => wanted(p, was) && p.spreadM < was.spreadM * 1.5 && p.spreadM > was.spreadM * 0.6,
      )
      id = (found.find((p) => !used.has(p.id)) ?? found[0])?.id ?? was.id
      chosen.set(key, id)
    }
    return { plantId: id }
  })
  const changed = bed.drifts.filter((d, i) => d.plantId !== scene.bed.drifts[i]!.plantId).length
  return changed >= bed.drifts.length * 0.6 ? bed : null
}

const isLike = (p: Plant, was: Plant) => Math.abs(fullHeightM(p) / fullHeightM(was) - 1) < 0.45

export const SPOILERS: readonly Spoiler[] = [
  {
    id: 'flat skyline',
    spoil: (scene, seed) => replaced(scene, seed, (p) => fullHeightM(p) > 0.35 && fullHeightM(p) < 0.6, false),
  },
  {
    id: 'bones at one end',
    spoil: ({ bed, library, frame }) => {
      const isBone = (d: Drift) => library.get(d.plantId)!.lifeCycle === 'woody' && d.lane === 0
      const bones = bed.drifts.filter(isBone).length
      const others = bed.drifts.filter((d) => d.lane === 0).length - bones
      if (bones < 2 || others < 1) return null
      let [b, o] = [0, 0]
      return withKind(bed, (d) => {
        if (d.lane !== 0) return {}
        const n = isBone(d) ? b++ : bones + o++
        return { at: ((n + 0.5) / (bones + others)) * frame.frontLength }
      })
    },
  },
  {
    id: 'one of each',
    spoil: (scene, seed) => {
      const bed = replaced(scene, seed, isLike)
      return (
        bed && {
          ...bed,
          drifts: bed.drifts.map((d) => ({ ...d, count: Math.min(d.count, 1 + (d.lane === 2 ? 1 : 0)) })),
        }
      )
    },
  },
  {
    id: 'colour soup',
    spoil: (scene, seed) => replaced(scene, seed, (p, was) => isLike(p, was) && p.flowerColour !== null),
  },
  {
    id: 'one texture',
    spoil: (scene, seed) =>
      replaced(scene, seed, (p, was) => isLike(p, was) && p.leafSize === 'fine' && p.leafOutline === 'linear'),
  },
  {
    id: 'wallpaper',
    spoil: ({ bed }) => {
      const counts = new Map<string, number>()
      for (const d of bed.drifts) counts.set(d.plantId, (counts.get(d.plantId) ?? 0) + d.count)
      const most = [...counts].sort((a, b) => b[1] - a[1])[0]
      return most ? withKind(bed, () => ({ plantId: most[0] })) : null
    },
  },
  {
    id: 'gone in winter',
    spoil: (scene, seed) => replaced(scene, seed, (p, was) => isLike(p, was) && p.retention === 'dies-back', false),
  },
  {
    id: 'upside down',
    spoil: ({ bed }) => {
      const last = bed.laneShares.length - 1
      return last > 0 ? withKind(bed, (d) => ({ lane: last - d.lane })) : null
    },
  },
  {
    id: 'chequerboard',
    spoil: ({ bed, library, frame }) => {
      const drifts = bed.laneShares.flatMap((_, lane): Drift[] => {
        const kinds = [...new Set(bed.drifts.filter((d) => d.lane === lane).map((d) => d.plantId))]
        const [a, b] = kinds
        if (!a || !b) return bed.drifts.filter((d) => d.lane === lane)
        const step = (library.get(a)!.spreadM + library.get(b)!.spreadM) / 2
        const many = Math.floor(frame.frontLength / step)
        return Array.from({ length: many }, (_, i) => ({
          id: `c${lane}-${i}`,
          plantId: i % 2 === 0 ? a : b,
          lane,
          at: (i + 0.5) * (frame.frontLength / many),
          count: 1,
          pattern: 'row',
          everyM: 1,
        }))
      })
      return drifts.some((d) => !bed.drifts.includes(d)) ? { ...bed, drifts } : null
    },
  },
  {
    id: 'monotone lanes',
    spoil: ({ bed }) => {
      const first = new Map<number, string>()
      for (const d of bed.drifts) if (!first.has(d.lane)) first.set(d.lane, d.plantId)
      const isMonotone = bed.drifts.every((d) => d.plantId === first.get(d.lane))
      return isMonotone ? null : withKind(bed, (d) => ({ plantId: first.get(d.lane)! }))
    },
  },
  {
    id: 'wrong scale',
    spoil: (scene, seed) => {
      const bed = replacedWide(scene, seed, (p) => fullHeightM(p) < 0.35)
      return scene.bed.form.kind === 'terrace' ? null : bed
    },
  },
  {
    id: 'one season',
    spoil: (scene, seed) =>
      replaced(
        scene,
        seed,
        (p, was) => isLike(p, was) && p.flowerMonths.length > 0 && p.flowerMonths.every((m) => m === 5 || m === 6),
      ),
  },
  { id: 'thicket by year ten', spoil: ({ bed }) => withKind(bed, (d) => ({ count: Math.ceil(d.count * 2.2) })) },
  {
    id: 'lopsided',
    spoil: ({ bed, frame }) =>
      withKind(bed, (d) => ({ at: (d.at / frame.frontLength) ** 2 * 0.6 * frame.frontLength })),
  },
  {
    id: 'specimen missing',
    spoil: ({ bed }) => {
      const left = bed.drifts.filter((d) => d.lane !== 0)
      return left.length > 0 && left.length < bed.drifts.length ? { ...bed, drifts: left } : null
    },
  },
]

/** As `replaced`, with kinds of any spread and as many more as fill the place. */
function replacedWide(scene: Scene, seed: number, wanted: Choice): Bed | null {
  const found = living(scene, seed, wanted)
  if (found.length < 3) return null
  return withKind(scene.bed, (d, i) => {
    const was = plantOf(scene, d)
    const p = found[i % Math.min(found.length, 6)]!
    const count = Math.min(12, Math.max(d.count, Math.round((d.count * was.spreadM ** 2) / p.spreadM ** 2)))
    return { plantId: p.id, count }
  })
}
