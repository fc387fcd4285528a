import type { Drift } from '../model'
import { bedFigures, hasTimes, turnsOf } from '../bed'
import type { CaredBed, CaredPlant, HandOver } from '../care'
import type { Plant } from '../plant'
import { stayPoint } from '../time'
import type { Scene } from './scene'

/** A bed as care goes by it: its kinds with their places, what changes hands when, and its ground. */
export function caredBed(id: string, scene: Scene): CaredBed {
  const { bed, frame, planted } = scene
  const { areaM2 } = bedFigures(bed, frame)
  const canopy = planted.reduce(
    (n, { plant }) => n + (plant.spacingHabit === 'weaves' ? 0 : Math.PI * (plant.spreadM / 2) ** 2),
    0,
  )
  return {
    id,
    name: bed.name,
    plants: plantsOf(scene),
    handOvers: bed.drifts.filter(hasTimes).flatMap((d) => handOversOf(scene, d)),
    inPots: bed.form.kind === 'container',
    rabbits: bed.ground.rabbits !== 'none',
    deer: bed.ground.deer !== 'none',
    areaM2,
    open: Math.max(0, Math.min(1, 1 - canopy / Math.max(0.1, areaM2))),
    frontM: frame.frontLength,
  }
}

/** Kinds by the year they are planted; what is turned over is told apart. */
function plantsOf({ bed, planted }: Scene): CaredPlant[] {
  const drifts = new Map(bed.drifts.map((d) => [d.id, d]))
  const groups = new Map<string, { plant: Plant; places: string[]; plantedYear: number; isTurn: boolean }>()
  for (const p of planted) {
    const drift = drifts.get(p.driftId)
    const isTurn = !!drift && turnsOf(drift).length > 0
    const plantedYear = drift?.plantedYear ?? 0
    const key = `${p.plant.id}|${isTurn}|${plantedYear}`
    const group = groups.get(key) ?? { plant: p.plant, places: [], plantedYear, isTurn }
    group.places.push(p.id)
    groups.set(key, group)
  }
  return [...groups.values()].map((g) => ({ ...g, count: g.places.length }))
}

/** Points nearer than this to one another are one hand-over, months. */
const AT_ONCE = 0.7

function handOversOf({ climate, library, planted }: Scene, drift: Drift): HandOver[] {
  const parts = [
    ...(drift.stay ? [{ plantId: drift.plantId, stay: drift.stay }] : []),
    ...turnsOf(drift).map((t) => ({ plantId: t.plantId, stay: t })),
  ].map(({ plantId, stay }) => ({
    name: library.get(plantId)?.commonName ?? plantId,
    from: stayPoint(stay.from, climate),
    to: stayPoint(stay.to, climate),
  }))
  const places = planted.filter((p) => p.driftId === drift.id).map((p) => p.id)
  const apart = (a: number, b: number) => {
    const d = Math.abs(a - b) % 12
    return Math.min(d, 12 - d)
  }
  const comings = parts.map(({ name, from }) => {
    const before = parts.find((q) => q.name !== name && apart(q.to, from) < AT_ONCE)
    return { point: from, goes: before?.name ?? '', comes: name, count: places.length, places }
  })
  const clearings = parts
    .filter((p) => !parts.some((q) => q.name !== p.name && apart(q.from, p.to) < AT_ONCE))
    .map(({ name, to }) => ({ point: to, goes: name, comes: '', count: places.length, places }))
  return [...comings, ...clearings]
}
