import type { Bed, Drift } from '../bed'
import { deltaE, hueOf, lightness, saturation } from '../colour'
import { seeded } from '../geometry'
import { fullHeightM, misfits, type Plant } from '../plant'
import type { Scene } from '../scene'
import { placeMonths } from '../time'
import { again, change, type Fault, type Planted, someDrift, withPlant } from './plantFault'

const isRun = ({ bed }: Scene) => ['foundation', 'screen', 'terrace'].includes(bed.form.kind)
const plantOf = (scene: Scene, d: Drift) => scene.library.get(d.plantId)!
const isBulb = (scene: Scene, d: Drift) => plantOf(scene, d).spacingHabit === 'weaves'

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
function eachAs(
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

const whole = (scene: Scene, bed: Bed | null, input: Partial<Scene['input']> = {}): Planted | null =>
  bed && { scene: again(scene, bed, input), culprits: [] }

const isHerb = (p: Plant) => p.lifeCycle === 'herbaceous' && p.spacingHabit === 'stands'
const hasFlower = (p: Plant) => p.flowerColour !== null && p.flowerMonths.length > 0 && p.kind !== 'grass'

/** Faults of the whole composition: scale, bones, groups, colour and season. */
export const COMPOSITION_FAULTS: readonly Fault[] = [
  {
    id: 'too low for the building',
    rules: ['scale', 'anchors'],
    plant: (scene, seed) =>
      scene.bed.wall && scene.bed.school !== 'carpet' && scene.bed.laneShares.length > 2
        ? whole(scene, eachAs(scene, seed, (p) => fullHeightM(p) < 0.42 && p.runMPerYear < 0.08))
        : null,
  },
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
        (p) => p.kind !== 'tree' && (p.spreadM > depth * 1.05 || (fullHeightM(p) > depth * 2 && p.spreadM > depth * 0.7)),
      )[0]
      if (!back || !large) return null
      return { ...change(scene, back, { plantId: large.id, count: 1 }), culprits: [large.id] }
    },
  },
  {
    id: 'lost from far away',
    rules: ['scale'],
    plant: (scene) =>
      isRun(scene)
        ? whole(scene, { ...scene.bed, viewpoint: { ...scene.bed.viewpoint, distanceM: 26 } })
        : null,
  },
  {
    id: 'nothing anchors it',
    rules: ['anchors', 'months', 'scale'],
    plant: (scene, seed) =>
      scene.bed.form.kind === 'ring' || scene.bed.form.kind === 'container'
        ? null
        : whole(
            scene,
            eachAs(scene, seed, (p) => isHerb(p) && p.retention === 'dies-back' && fullHeightM(p) < 1 && p.runMPerYear < 0.08),
          ),
  },
  {
    id: 'anchors at one end',
    rules: ['anchors', 'gap'],
    plant: (scene, seed) => {
      if (scene.bed.form.kind !== 'foundation' && scene.bed.form.kind !== 'screen') return null
      if (scene.frame.frontLength < 8) return null
      const low = living(scene, seed, (p) => isHerb(p) && p.retention === 'dies-back' && fullHeightM(p) < 0.9 && p.runMPerYear < 0.08)[0]
      if (!low) return null
      const half = scene.frame.frontLength * 0.42
      const drifts = scene.bed.drifts.map((d) => {
        const was = plantOf(scene, d)
        const isHeld = was.lifeCycle === 'woody' || was.retention === 'evergreen' || was.retention === 'stands'
        if (d.at < half || !isHeld || fullHeightM(was) < 0.35) return d
        return { ...d, plantId: low.id, count: Math.max(1, Math.min(15, Math.round((d.count * was.spreadM ** 2) / low.spreadM ** 2))) }
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
  {
    id: 'all of one texture',
    rules: ['sameness'],
    plant: (scene, seed) =>
      scene.bed.school === 'carpet' || scene.bed.form.kind === 'container'
        ? null
        : whole(
            scene,
            eachAs(scene, seed, (p, was) => p.leafSize === 'fine' && p.leafOutline === 'linear' && fullHeightM(p) < fullHeightM(was) * 1.5 && p.runMPerYear < 0.08),
          ),
  },
  {
    id: 'wallpaper',
    rules: ['sameness', 'one-kind'],
    plant: (scene, seed) => {
      if (scene.school.lines === 'straight' || scene.bed.school === 'carpet' || scene.bed.form.kind === 'container') return null
      const d = someDrift(scene, seed, (e, p) => e.lane > 0 && p.spacingHabit === 'stands')
      if (!d) return null
      const keep = scene.bed.drifts.find((e) => e.plantId !== d.plantId)
      const drifts = scene.bed.drifts.map((e) => (e === keep || isBulb(scene, e) ? e : { ...e, plantId: d.plantId }))
      return whole(scene, { ...scene.bed, drifts })
    },
  },
  {
    id: 'a chequerboard of two',
    rules: ['sameness'],
    plant: (scene, seed) => {
      if (scene.school.lines === 'straight' || scene.bed.form.kind === 'container') return null
      const lane = scene.bed.laneShares.length - 1
      const own = [...new Set(scene.bed.drifts.filter((d) => d.lane === lane && !isBulb(scene, d)).map((d) => d.plantId))]
      const [a, b] = [own[seed % own.length], own[(seed + 1) % own.length]]
      if (!a || !b || a === b) return null
      const step = Math.min(0.95, scene.school.spacing * ((scene.library.get(a)!.spreadM + scene.library.get(b)!.spreadM) / 2) * 1.02)
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
              (p, was) => Math.abs(fullHeightM(p) / fullHeightM(was) - 1) < 0.6 && p.spreadM > was.spreadM * 0.6 && p.runMPerYear < 0.08,
              { isSame: false, least: 6 },
            ),
          ),
  },
  {
    id: 'no colour leads',
    rules: ['palette', 'theme'],
    plant: (scene, seed) => {
      if (scene.school.paletteTolerance >= 100 || scene.bed.form.kind === 'container') return null
      let turn = 0
      const bed = eachAs(
        scene,
        seed,
        (p, was) => hasFlower(p) && Math.abs(fullHeightM(p) / fullHeightM(was) - 1) < 0.8 && p.spreadM > was.spreadM * 0.5 && p.runMPerYear < 0.08,
        { isSame: false, least: 6 },
      )
      if (!bed) return null
      const hues = new Set<number>()
      const drifts = bed.drifts.map((d) => {
        const was = scene.library.get(d.plantId)!
        const want = (turn++ * 2) % 12
        const p = living(scene, seed + turn, (q) => hasFlower(q) && binOf(q) === want && Math.abs(fullHeightM(q) - fullHeightM(was)) < 0.5 && q.spreadM < was.spreadM * 1.3 && q.runMPerYear < 0.08)[0]
        hues.add(p ? want : binOf(was))
        return p ? { ...d, plantId: p.id } : d
      })
      return hues.size >= 6 ? whole(scene, { ...bed, drifts }) : null
    },
  },
  {
    id: 'a lone accent',
    rules: ['palette', 'theme'],
    plant: (scene, seed) => {
      if (scene.school.paletteTolerance >= 100 || scene.bed.form.kind === 'container') return null
      const d = someDrift(scene, seed, (e, p) => e.lane > 0 && p.lifeCycle === 'herbaceous' && p.spacingHabit === 'stands')
      const flowers = [...scene.byPlant.keys()].flatMap((p) => p.flowerColour ?? [])
      const loud =
        d &&
        living(
          scene,
          seed,
          (p) =>
            hasFlower(p) &&
            saturation(p.flowerColour!) > 0.15 &&
            flowers.every((f) => deltaE(f, p.flowerColour!) > 30) &&
            p.spreadM < plantOf(scene, d).spreadM * 1.2 &&
            fullHeightM(p) < fullHeightM(plantOf(scene, d)) * 1.3 &&
            p.runMPerYear < 0.08,
        )[0]
      return d && loud ? { scene: again(scene, withPlant(scene.bed, d, loud.id)), culprits: [loud.id] } : null
    },
  },
  {
    id: 'everything in June',
    rules: ['flowering'],
    plant: (scene, seed) =>
      scene.bed.form.kind === 'container'
        ? null
        : whole(
            scene,
            eachAs(
              scene,
              seed,
              (p, was) => hasFlower(p) && p.flowerMonths.includes(6) && p.flowerMonths.every((m) => m === 5 || m === 6) && fullHeightM(p) < fullHeightM(was) * 1.8,
              { least: 4 },
            ),
          ),
  },
  {
    id: 'spring alone',
    rules: ['flowering'],
    plant: (scene, seed) =>
      scene.bed.form.kind === 'container'
        ? null
        : whole(
            scene,
            eachAs(scene, seed, (p, was) => hasFlower(p) && p.flowerMonths.every((m) => m >= 3 && m <= 5) && fullHeightM(p) < fullHeightM(was) * 1.8, {
              least: 4,
            }),
          ),
  },
  {
    id: 'a month of the brief without flower',
    rules: ['flowering'],
    plant: (scene) => {
      const months = new Set([...scene.byPlant.keys()].flatMap((p) => placeMonths(p.flowerMonths, scene.climate)))
      const bare = [7, 8, 9, 6, 5].find((m) => !months.has(m))
      return bare
        ? whole(scene, scene.bed, { asked: { ...NOTHING_ASKED, months: [bare] } })
        : null
    },
  },
  {
    id: 'pale flowers before a pale wall',
    rules: ['backdrop'],
    plant: (scene) => {
      const { wall } = scene.bed
      const pale = scene.bed.drifts
        .filter((d) => d.lane === 0)
        .map((d) => plantOf(scene, d))
        .find((p) => p.flowerColour && lightness(p.flowerColour) > 0.86 && hasFlower(p))
      if (!wall || !pale) return null
      return {
        scene: again(scene, { ...scene.bed, wall: { ...wall, heightM: Math.max(wall.heightM, fullHeightM(pale)), colour: '#f4f0e4' } }),
        culprits: [pale.id],
      }
    },
  },
  {
    id: 'dark leaves before a dark fence',
    rules: ['backdrop'],
    plant: (scene, seed) => {
      const { wall } = scene.bed
      const dark = living(
        scene,
        seed,
        (p) => !hasFlower(p) && lightness(p.foliage.summer) < 0.4 && p.lifeCycle === 'woody' && p.spreadM < scene.frame.depths.mean * 0.5 && fullHeightM(p) > 0.8 && fullHeightM(p) < 2.4,
      )[0]
      const d = dark && someDrift(scene, seed, (e) => e.lane === 0)
      if (!wall || !dark || !d) return null
      const bed = withPlant(scene.bed, d, dark.id)
      return {
        scene: again(scene, { ...bed, wall: { ...wall, heightM: 2.6, material: 'boards', colour: dark.foliage.summer } }),
        culprits: [dark.id],
      }
    },
  },
]

const binOf = (p: Plant) => (saturation(p.flowerColour!) < 0.045 ? -1 : Math.floor((hueOf(p.flowerColour!) / 360) * 12) % 12)

/** A brief that asks nothing of a bed. */
export const NOTHING_ASKED = {
  months: [],
  likes: [],
  hates: [],
  hoursAYear: 0,
  budget: 0,
  otherHours: 0,
  otherMoney: 0,
} as const
