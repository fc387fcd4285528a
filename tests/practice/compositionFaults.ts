import type { Drift } from '../../core/model'
import { fullHeightM, type Plant } from '../../core/plant'
import { change, type Fault, someDrift } from './plantFault'
import { eachAs, eachKindFault, isBulb, isHerb, isRun, living, plantOf, whole } from './wholeFault'

const stays = (p: Plant) => p.runMPerYear < 0.08

/** Faults of the whole composition: scale, bones and groups. */
export const COMPOSITION_FAULTS: readonly Fault[] = [
  eachKindFault(
    'too low for the building',
    ['scale', 'anchors'],
    (p) => fullHeightM(p) < 0.42 && stays(p),
    3,
    ({ bed }) => bed.wall !== null && bed.school !== 'carpet' && bed.laneShares.length > 2,
  ),
  {
    id: 'too large for the bed',
    rules: ['scale'],
    plant: (scene, seed) => {
      if (!isRun(scene)) return null
      const depth = scene.frame.depths.greatest
      const back = someDrift(scene, seed, (d) => d.lane === 0)
      const large = living(
        scene,
        seed,
        (p) =>
          p.kind !== 'tree' &&
          (p.spreadM > depth * 1.05 || (fullHeightM(p) > depth * 2 && p.spreadM > depth * 0.7)),
      )[0]
      if (!back || !large) return null
      return { ...change(scene, back, { plantId: large.id, count: 1 }), culprits: [large.id] }
    },
  },
  {
    id: 'lost from far away',
    rules: ['scale'],
    plant: (scene) =>
      isRun(scene) ? whole(scene, { ...scene.bed, viewpoint: { ...scene.bed.viewpoint, distanceM: 26 } }) : null,
  },
  eachKindFault(
    'nothing anchors it',
    ['anchors', 'months', 'scale'],
    (p) => isHerb(p) && p.retention === 'dies-back' && fullHeightM(p) < 1 && stays(p),
    3,
    ({ bed }) => bed.form.kind !== 'ring',
  ),
  {
    id: 'anchors at one end',
    rules: ['anchors', 'gap'],
    plant: (scene, seed) => {
      if (scene.bed.form.kind !== 'foundation' && scene.bed.form.kind !== 'screen') return null
      if (scene.frame.frontLength < 8) return null
      const low = living(
        scene,
        seed,
        (p) => isHerb(p) && p.retention === 'dies-back' && fullHeightM(p) < 0.9 && p.runMPerYear < 0.08,
      )[0]
      if (!low) return null
      const half = scene.frame.frontLength * 0.42
      const drifts = scene.bed.drifts.map((d) => {
        const was = plantOf(scene, d)
        const isHeld = was.lifeCycle === 'woody' || was.retention === 'evergreen' || was.retention === 'stands'
        if (d.at < half || !isHeld || fullHeightM(was) < 0.35) return d
        return {
          ...d,
          plantId: low.id,
          count: Math.max(1, Math.min(15, Math.round((d.count * was.spreadM ** 2) / low.spreadM ** 2))),
        }
      })
      return whole(scene, { ...scene.bed, drifts })
    },
  },
  {
    id: 'two anchors where odd is wanted',
    rules: ['numbers', 'crowded', 'overlap'],
    plant: (scene, seed) => {
      if (scene.school.groups === 'any') return null
      const d = someDrift(scene, seed, (e, p) => e.lane === 0 && p.lifeCycle === 'woody' && fullHeightM(p) >= 0.9)
      return d && change(scene, d, { count: 2 })
    },
  },
  {
    id: 'four in a group of a formal bed',
    rules: ['numbers'],
    plant: (scene, seed) => {
      if (scene.school.groups !== 'odd always') return null
      const d = someDrift(scene, seed, (e, p) => e.count >= 3 && e.count <= 7 && p.spacingHabit !== 'weaves')
      return d && change(scene, d, { count: 4, pattern: 'mass', shape: null })
    },
  },
  {
    id: 'a straight row in a loose bed',
    rules: ['lines'],
    plant: (scene, seed) => {
      if (scene.school.tall !== 'airy ones anywhere' || scene.frame.closed) return null
      const d = someDrift(scene, seed, (e, p) => e.lane === 2 && p.spacingHabit !== 'weaves')
      return d && change(scene, d, { count: 9, pattern: 'row', at: scene.frame.frontLength / 2 })
    },
  },
  {
    id: 'a formal bed out of balance',
    rules: ['lines'],
    plant: (scene) => {
      if (scene.school.lines !== 'straight' || !isRun(scene)) return null
      const length = scene.frame.frontLength
      const drifts = scene.bed.drifts
        .filter((d) => d.lane > 0 || d.at > length * 0.3)
        .map((d) => (d.lane === 0 ? { ...d, at: Math.min(length, d.at + length * 0.04) } : d))
      return whole(scene, { ...scene.bed, drifts: drifts.filter((d) => d.lane !== 1 || d.at < length * 0.6) })
    },
  },
  eachKindFault(
    'all of one texture',
    ['sameness'],
    (p, was) =>
      p.leafSize === 'fine' && p.leafOutline === 'linear' && fullHeightM(p) < fullHeightM(was) * 1.5 && stays(p),
    3,
    ({ bed }) => bed.school !== 'carpet',
  ),
  {
    id: 'wallpaper',
    rules: ['sameness', 'one-kind'],
    plant: (scene, seed) => {
      if (scene.school.lines === 'straight' || scene.bed.school === 'carpet' || scene.bed.form.kind === 'container')
        return null
      const d = someDrift(scene, seed, (e, p) => e.lane > 0 && p.spacingHabit === 'stands')
      if (!d) return null
      const keep = scene.bed.drifts.find((e) => e.plantId !== d.plantId)
      const drifts = scene.bed.drifts.map((e) =>
        e === keep || isBulb(scene, e) ? e : { ...e, plantId: d.plantId },
      )
      return whole(scene, { ...scene.bed, drifts })
    },
  },
  {
    id: 'a chequerboard of two',
    rules: ['sameness'],
    plant: (scene, seed) => {
      if (scene.school.lines === 'straight' || scene.bed.form.kind === 'container') return null
      const lane = scene.bed.laneShares.length - 1
      const own = [
        ...new Set(scene.bed.drifts.filter((d) => d.lane === lane && !isBulb(scene, d)).map((d) => d.plantId)),
      ]
      const [a, b] = [own[seed % own.length], own[(seed + 1) % own.length]]
      if (!a || !b || a === b) return null
      const step = Math.min(
        0.95,
        scene.school.spacing * ((scene.library.get(a)!.spreadM + scene.library.get(b)!.spreadM) / 2) * 1.02,
      )
      const many = Math.floor(scene.frame.frontLength / step)
      const turns = Array.from({ length: many }, (_, i): Drift => ({
        id: `c${i}`,
        plantId: i % 2 === 0 ? a : b,
        lane,
        at: (i + 0.5) * (scene.frame.frontLength / many),
        count: 1,
        pattern: 'mass',
        everyM: 1,
      }))
      return whole(scene, { ...scene.bed, drifts: [...scene.bed.drifts.filter((d) => d.lane !== lane), ...turns] })
    },
  },
  {
    id: 'nothing comes back',
    rules: ['repetition', 'clutter'],
    plant: (scene, seed) =>
      scene.school.singlesShare > 0.9 || ['court', 'container'].includes(scene.bed.form.kind)
        ? null
        : whole(
            scene,
            eachAs(
              scene,
              seed,
              (p, was) =>
                Math.abs(fullHeightM(p) / fullHeightM(was) - 1) < 0.6 &&
                p.spreadM > was.spreadM * 0.6 &&
                p.runMPerYear < 0.08,
              { isSame: false, least: 6 },
            ),
          ),
  },
]
