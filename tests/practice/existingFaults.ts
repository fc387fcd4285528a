import type { Existing } from '../../core/model'
import { divides, fullHeightM, shootsAgain, type Plant } from '../../core/plant'
import type { Scene } from '../../core/scene'
import { again, type Fault, faultOf, type Planted, someDrift } from './plantFault'

/** A kind of the library that the bed's middle has to live with, as it stands there already. */
function standing(
  scene: Scene,
  seed: number,
  fate: Existing['fate'],
  is: (p: Plant) => boolean,
  size: Partial<Existing> = {},
): Planted | null {
  const found = [...scene.library.values()].filter((p) => p.kind !== 'climber' && p.lifeCycle !== 'annual' && is(p))
  const plant = found[seed % Math.max(1, found.length)]
  if (!plant) return null
  const { frame } = scene
  const at = frame.at((frame.runFrom + frame.runTo) / 2, frame.depths.mean / 2)
  const one: Existing = {
    id: 'old',
    name: plant.commonName,
    plantId: plant.id,
    x: at.x,
    y: at.y,
    heightM: fullHeightM(plant),
    spreadM: plant.spreadM,
    condition: 'good',
    fate,
    into: fate === 'divide' ? 3 : 1,
    note: '',
    ...size,
  }
  return { scene: again(scene, { ...scene.bed, existing: [one] }), culprits: [] }
}

const fate = (
  id: string,
  of: Existing['fate'],
  is: (p: Plant) => boolean,
  size: Partial<Existing> = {},
): Fault => ({ id, rules: ['existing'], plant: (scene, seed) => standing(scene, seed, of, is, size) })

/** Faults of what stands in a bed already, and of what is to become of it. */
export const EXISTING_FAULTS: readonly Fault[] = [
  fate('a conifer cut into old wood', 'cut-back', (p) => p.kind === 'conifer' && !shootsAgain(p)),
  fate('lavender and its like cut hard', 'cut-back', (p) => p.kind === 'shrub' && !shootsAgain(p)),
  fate('what moves badly is moved', 'move', (p) => p.moves === 'badly'),
  fate('a shrub divided', 'divide', (p) => p.kind === 'shrub'),
  fate('a tap root divided', 'divide', (p) => p.lifeCycle === 'herbaceous' && !divides(p)),
  fate(
    'a large shrub moved by hand',
    'move',
    (p) => p.kind === 'shrub' && p.moves !== 'badly' && fullHeightM(p) > 2.2,
    { heightM: 2.6, spreadM: 2.4 },
  ),
  fate('moved in the wrong season', 'move', (p) => p.lifeCycle === 'herbaceous' && p.moves !== 'badly', {
    month: 7,
  }),
  faultOf('crowds what stands already', ['overlap', 'crowded', 'gap'], (scene, seed) => {
    const d = someDrift(scene, seed, (e) => e.lane <= 1)
    const p = scene.placement.plants.find((q) => q.driftId === d?.id)
    const planted = p && standing(scene, 3, 'keep', (q) => q.kind === 'shrub' && q.spreadM > 1 && q.spreadM < 1.6)
    if (!p || !planted) return null
    const { x, y } = planted.scene.bed.existing[0]!
    const pins = [{ driftId: p.driftId, index: p.index, x: x + 0.2, y }]
    return { scene: again(planted.scene, { ...planted.scene.bed, pins }), culprits: [p.plant.id] }
  }),
  faultOf('planted into a place kept free', ['overlap'], (scene, seed) => {
    const d = someDrift(scene, seed, (e) => e.lane <= 1)
    const p = scene.placement.plants.find((q) => q.driftId === d?.id)
    const planted =
      p && standing(scene, 3, 'reserve', (q) => q.kind === 'shrub' && q.spreadM > 1 && q.spreadM < 1.4)
    if (!p || !planted) return null
    const { x, y } = planted.scene.bed.existing[0]!
    const pins = [{ driftId: p.driftId, index: p.index, x: x + 0.1, y }]
    return { scene: again(planted.scene, { ...planted.scene.bed, pins }), culprits: [p.plant.id] }
  }),
]
