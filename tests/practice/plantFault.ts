import type { Bed, Drift, Ground, Requirement, TraitId } from '../../core/model'
import { misfits, type Plant } from '../../core/plant'
import { seeded } from '../../core/geometry'
import type { RuleId } from '../../core/judge'
import { makeScene, type Scene } from '../../core/scene'

/** A fault planted into a sound bed: the scene with it, and the kinds that are to be named. */
export interface Planted {
  readonly scene: Scene
  readonly culprits: readonly string[]
}

/** A kind of fault, the rules that may name it, and how it is planted by a seed; null where the bed does not bear it. */
export interface Fault {
  readonly id: string
  readonly rules: readonly RuleId[]
  readonly plant: (scene: Scene, seed: number) => Planted | null
}

type Choice = (p: Plant, was: Plant) => boolean

export const again = (scene: Scene, bed: Bed, input: Partial<Scene['input']> = {}) =>
  makeScene({ ...scene.input, ...input, bed })

/** Some drift of the bed by the seed, of those that answer. */
export function someDrift(
  scene: Scene,
  seed: number,
  is: (d: Drift, p: Plant) => boolean = () => true,
): Drift | null {
  const own = scene.bed.drifts.filter((d) => is(d, scene.library.get(d.plantId)!))
  return own.length > 0 ? own[Math.floor(seeded(seed)() * own.length)]! : null
}

export const withPlant = (bed: Bed, drift: Drift, plantId: string): Bed => ({
  ...bed,
  drifts: bed.drifts.map((d) => (d.id === drift.id ? { ...d, plantId } : d)),
})

/** A kind like one of the bed's, that answers a choice; by the seed. */
export function like(scene: Scene, drift: Drift, seed: number, wanted: Choice, least = 0.5): Plant | null {
  const was = scene.library.get(drift.plantId)!
  const found = [...scene.library.values()].filter(
    (p) =>
      p.kind !== 'climber' &&
      p.lifeCycle !== 'bulb' &&
      p.spreadM < was.spreadM * 1.4 &&
      p.spreadM > was.spreadM * least &&
      wanted(p, was),
  )
  return found.length > 0 ? found[Math.floor(seeded(seed + 1)() * found.length)]! : null
}

/** One drift of another kind that does not suit the place in one way alone. */
export const unsuited =
  (want: string, extra: Choice = () => true) =>
  (scene: Scene, seed: number): Planted | null => {
    const drift = someDrift(scene, seed)
    if (!drift) return null
    const wrong = (p: Plant) => misfits(p, scene.site)
    const plant = like(scene, drift, seed, (p, was) => {
      const all = wrong(p)
      return all.length === 1 && all[0]!.want === want && extra(p, was)
    })
    return plant ? { scene: again(scene, withPlant(scene.bed, drift, plant.id)), culprits: [plant.id] } : null
  }

/** The ground changes so that one kind of the bed comes to suffer, in one way. */
export const groundTurns =
  (change: Partial<Ground>, want: string) =>
  (scene: Scene): Planted | null => {
    const bed = { ...scene.bed, ground: { ...scene.bed.ground, ...change } }
    const after = again(scene, bed)
    const hit = [...after.byPlant.keys()].filter((p) => misfits(p, after.site).some((m) => m.want === want))
    return hit.length > 0 ? { scene: after, culprits: hit.map((p) => p.id) } : null
  }

export const placeTurns =
  (input: Partial<Scene['input']>, want: string) =>
  (scene: Scene): Planted | null => {
    const after = again(scene, scene.bed, input)
    const hit = [...after.byPlant.keys()].filter((p) => misfits(p, after.site).some((m) => m.want === want))
    const was = new Set([...scene.byPlant.keys()].filter((p) => misfits(p, scene.site).length > 0))
    return hit.some((p) => !was.has(p)) ? { scene: after, culprits: hit.map((p) => p.id) } : null
  }

export const never =
  (trait: TraitId, has: (p: Plant) => boolean) =>
  (scene: Scene, seed: number): Planted | null => {
    const drift = someDrift(scene, seed)
    const plant = drift && like(scene, drift, seed, (p) => has(p) && misfits(p, scene.site).length === 0)
    if (!drift || !plant) return null
    const requirements: Requirement[] = [{ trait, weight: 'never', beds: [] }]
    return { scene: again(scene, withPlant(scene.bed, drift, plant.id), { requirements }), culprits: [plant.id] }
  }

/** Two plants of neighbouring drifts are set by hand too near to one another. */
export function setTooNear(scene: Scene, seed: number): Planted | null {
  const drift = someDrift(scene, seed, (d) => d.lane === 1)
  const own = scene.placement.plants.filter((p) => p.driftId === drift?.id)
  const other = scene.placement.plants.find((p) => p.driftId !== drift?.id && p.lane === 1)
  if (!drift || !other || own.length === 0) return null
  const pins = [
    { driftId: drift.id, index: own[0]!.index, x: other.x + 0.05, y: other.y },
    { driftId: other.driftId, index: other.index, x: other.x, y: other.y },
  ]
  return { scene: again(scene, { ...scene.bed, pins }), culprits: [drift.plantId] }
}

export function swapped(
  scene: Scene,
  seed: number,
  of: (d: Drift, p: Plant) => boolean,
  wanted: Choice,
  least = 0.5,
): Planted | null {
  const drift = someDrift(scene, seed, of)
  const plant =
    drift && like(scene, drift, seed, (p, was) => wanted(p, was) && misfits(p, scene.site).length === 0, least)
  return drift && plant
    ? { scene: again(scene, withPlant(scene.bed, drift, plant.id)), culprits: [plant.id] }
    : null
}

export const change = (scene: Scene, drift: Drift, to: Partial<Drift>): Planted => ({
  scene: again(scene, {
    ...scene.bed,
    drifts: scene.bed.drifts.map((d) => (d.id === drift.id ? { ...d, ...to } : d)),
  }),
  culprits: [drift.plantId],
})

/** A kind of fault in one line. */
export const faultOf = (id: string, rules: readonly RuleId[], plant: Fault['plant']): Fault => ({
  id,
  rules,
  plant,
})
