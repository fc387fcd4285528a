import { fullHeightM } from '../../core/plant'
import { again, type Fault, someDrift } from './plantFault'
import { isRun, living } from './wholeFault'

/** Faults of what should stand beside or before a plant, and does not. */
export const COVER_FAULTS: readonly Fault[] = [
  {
    id: 'bulbs with nothing to cover them',
    rules: ['bulbs', 'gap'],
    plant: (scene, seed) => {
      if (!isRun(scene)) return null
      const found = [...scene.library.values()].filter(
        (p) => p.retention === 'summer-dormant' && p.foliageHeightM >= 0.24 && p.zones.coldest <= scene.site.zone,
      )
      const bulb = found[seed % found.length]!
      const end = scene.frame.frontLength * 0.2
      const drifts = scene.bed.drifts.filter((d) => d.at > end)
      const planted = {
        id: 'bulbs',
        plantId: bulb.id,
        lane: 1,
        at: end * 0.4,
        count: 12,
        pattern: 'mass' as const,
        everyM: 1,
      }
      return { scene: again(scene, { ...scene.bed, drifts: [...drifts, planted] }), culprits: [] }
    },
  },
  {
    id: 'bare legs with nothing before them',
    rules: ['legs', 'gap'],
    plant: (scene, seed) => {
      if (!isRun(scene) || scene.bed.laneShares.length < 3) return null
      const back = someDrift(scene, seed, (d, p) => d.lane === 0 && p.lifeCycle === 'woody')
      const leggy = living(
        scene,
        seed,
        (p) =>
          p.lifeCycle === 'woody' &&
          p.habit === 'vase' &&
          p.kind !== 'tree' &&
          fullHeightM(p) > 1.3 &&
          p.spreadM < 2,
      )[0]
      if (!back || !leggy) return null
      const reach = leggy.spreadM * 0.75
      const drifts = scene.bed.drifts
        .filter((d) => d.lane === 0 || Math.abs(d.at - back.at) > reach)
        .map((d) => (d.id === back.id ? { ...d, plantId: leggy.id, count: 1 } : d))
      return { scene: again(scene, { ...scene.bed, drifts }), culprits: [] }
    },
  },
  {
    id: 'the back lane is empty',
    rules: ['gap', 'scale', 'anchors', 'keep-open'],
    plant: (scene) => {
      if (!isRun(scene)) return null
      const drifts = scene.bed.drifts.filter((d) => d.lane !== 0)
      return drifts.length > 0 ? { scene: again(scene, { ...scene.bed, drifts }), culprits: [] } : null
    },
  },
  {
    id: 'one end is bare',
    rules: ['gap', 'anchors'],
    plant: (scene) => {
      if (!isRun(scene)) return null
      const drifts = scene.bed.drifts.filter((d) => d.at < scene.frame.frontLength * 0.72)
      return { scene: again(scene, { ...scene.bed, drifts }), culprits: [] }
    },
  },
  {
    id: 'hidden behind what stands already',
    rules: ['hidden'],
    plant: (scene, seed) => {
      if (!isRun(scene) || scene.bed.laneShares.length < 3) return null
      const low = someDrift(
        scene,
        seed,
        (d, p) => d.lane === 1 && fullHeightM(p) < 0.9 && d.count <= 5 && p.spacingHabit === 'stands',
      )
      if (!low) return null
      const its = scene.placement.plants.filter((p) => p.driftId === low.id)
      const x = its.reduce((n, p) => n + p.x, 0) / its.length
      const y = Math.max(...its.map((p) => p.y)) + 0.9
      const shrub = [...scene.library.values()].find(
        (p) => p.kind === 'shrub' && p.retention === 'evergreen' && p.density >= 0.95 && p.spreadM > 1.4,
      )!
      const width = Math.max(2.4, Math.max(...its.map((p) => p.x)) - Math.min(...its.map((p) => p.x)) + 1.6)
      const old = {
        id: 'old',
        name: 'the old evergreen',
        plantId: shrub.id,
        x,
        y,
        heightM: 2,
        spreadM: width,
        condition: 'good' as const,
        fate: 'keep' as const,
        into: 1,
        note: '',
      }
      const pins = its.map((p) => ({ driftId: low.id, index: p.index, x: p.x, y: p.y }))
      return { scene: again(scene, { ...scene.bed, existing: [old], pins }), culprits: [low.plantId] }
    },
  },
]
