import type { Bed, Drift } from '../../core/model'
import { seeded } from '../../core/geometry'
import { misfits, type Plant } from '../../core/plant'
import type { Scene } from '../../core/scene'
import type { RuleId } from '../../core/judge'
import { again, type Fault, type Planted } from './plantFault'

export const isRun = ({ bed }: Scene) => ['foundation', 'screen', 'terrace'].includes(bed.form.kind)
export const plantOf = (scene: Scene, d: Drift) => scene.library.get(d.plantId)!
export const isBulb = (scene: Scene, d: Drift) => plantOf(scene, d).spacingHabit === 'weaves'

/** Kinds of the library that live here and answer a choice, in an order of their own by the seed. */
export function living(scene: Scene, seed: number, wanted: (p: Plant) => boolean): Plant[] {
  const random = seeded(seed)
  return [...scene.library.values()]
    .filter(
      (p) => p.kind !== 'climber' && p.lifeCycle !== 'bulb' && misfits(p, scene.site).length === 0 && wanted(p),
    )
    .map((p) => ({ p, key: random() }))
    .sort((a, b) => a.key - b.key)
    .map(({ p }) => p)
}

/** Every drift but bulbs gets a kind that answers a choice; as many of it as cover what its plants covered. */
export function eachAs(
  scene: Scene,
  seed: number,
  wanted: (p: Plant, was: Plant) => boolean,
  { isSame = true, least = 3 }: { isSame?: boolean; least?: number } = {},
): Bed | null {
  const given = new Map<string, Plant>()
  const used = new Set<string>()
  let missing = 0
  const drifts = scene.bed.drifts.flatMap((d, i): Drift[] => {
    if (isBulb(scene, d)) return []
    const was = plantOf(scene, d)
    const key = isSame ? was.id : d.id
    let p = given.get(key)
    if (!p) {
      const found = living(scene, seed + i, (q) => wanted(q, was) && q.spreadM < was.spreadM * 1.7)
      p = found.find((q) => !used.has(q.id)) ?? found[0]
      if (!p) missing++
      else given.set(key, p)
    }
    if (!p) return [d]
    used.add(p.id)
    const count = Math.max(1, Math.min(24, Math.round((d.count * was.spreadM ** 2) / p.spreadM ** 2)))
    return [{ ...d, plantId: p.id, count }]
  })
  return missing === 0 && used.size >= least ? { ...scene.bed, drifts } : null
}

export const whole = (scene: Scene, bed: Bed | null, input: Partial<Scene['input']> = {}): Planted | null =>
  bed && { scene: again(scene, bed, input), culprits: [] }

export const isHerb = (p: Plant) => p.lifeCycle === 'herbaceous' && p.spacingHabit === 'stands'
export const hasFlower = (p: Plant) => p.flowerColour !== null && p.flowerMonths.length > 0 && p.kind !== 'grass'

const isPot = ({ bed }: Scene) => bed.form.kind === 'container'

/** A kind of fault that gives every drift of a bed but pots another kind. */
export const eachKindFault = (
  id: string,
  rules: readonly RuleId[],
  wanted: (p: Plant, was: Plant) => boolean,
  least: number,
  isBorne: (scene: Scene) => boolean = () => true,
): Fault => ({
  id,
  rules,
  plant: (scene, seed) =>
    isPot(scene) || !isBorne(scene) ? null : whole(scene, eachAs(scene, seed, wanted, { least })),
})
