import { deltaE, hueOf, lightness, saturation } from '../../core/colour'
import { fullHeightM, type Plant } from '../../core/plant'
import { placeMonths } from '../../core/time'
import { again, type Fault, someDrift, withPlant } from './plantFault'
import { NOTHING_ASKED } from '../../core/brief'
import { eachAs, eachKindFault, hasFlower, living, plantOf, whole } from './wholeFault'

const binOf = (p: Plant) =>
  saturation(p.flowerColour!) < 0.045 ? -1 : Math.floor((hueOf(p.flowerColour!) / 360) * 12) % 12

const flowersWithin = (p: Plant, from: number, to: number) => p.flowerMonths.every((m) => m >= from && m <= to)

/** Faults of colour and of the months in flower. */
export const COLOUR_FAULTS: readonly Fault[] = [
  {
    id: 'no colour leads',
    rules: ['palette', 'theme'],
    plant: (scene, seed) => {
      if (scene.school.paletteTolerance >= 100 || scene.bed.form.kind === 'container') return null
      let turn = 0
      const bed = eachAs(
        scene,
        seed,
        (p, was) =>
          hasFlower(p) &&
          Math.abs(fullHeightM(p) / fullHeightM(was) - 1) < 0.8 &&
          p.spreadM > was.spreadM * 0.5 &&
          p.runMPerYear < 0.08,
        { isSame: false, least: 6 },
      )
      if (!bed) return null
      const hues = new Set<number>()
      const drifts = bed.drifts.map((d) => {
        const was = scene.library.get(d.plantId)!
        const want = (turn++ * 2) % 12
        const p = living(
          scene,
          seed + turn,
          (q) =>
            hasFlower(q) &&
            binOf(q) === want &&
            Math.abs(fullHeightM(q) - fullHeightM(was)) < 0.5 &&
            q.spreadM < was.spreadM * 1.3 &&
            q.runMPerYear < 0.08,
        )[0]
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
      const d = someDrift(
        scene,
        seed,
        (e, p) => e.lane > 0 && p.lifeCycle === 'herbaceous' && p.spacingHabit === 'stands',
      )
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
  eachKindFault(
    'everything in June',
    ['flowering'],
    (p, was) =>
      hasFlower(p) &&
      flowersWithin(p, 5, 6) &&
      p.flowerMonths.includes(6) &&
      fullHeightM(p) < fullHeightM(was) * 1.8,
    4,
  ),
  eachKindFault(
    'spring alone',
    ['flowering'],
    (p, was) => hasFlower(p) && flowersWithin(p, 3, 5) && fullHeightM(p) < fullHeightM(was) * 1.8,
    4,
  ),
  {
    id: 'a month of the brief without flower',
    rules: ['flowering'],
    plant: (scene) => {
      const months = new Set([...scene.byPlant.keys()].flatMap((p) => placeMonths(p.flowerMonths, scene.climate)))
      const bare = [7, 8, 9, 6, 5].find((m) => !months.has(m))
      return bare ? whole(scene, scene.bed, { asked: { ...NOTHING_ASKED, months: [bare] } }) : null
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
        scene: again(scene, {
          ...scene.bed,
          wall: { ...wall, heightM: Math.max(wall.heightM, fullHeightM(pale)), colour: '#f4f0e4' },
        }),
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
        (p) =>
          !hasFlower(p) &&
          lightness(p.foliage.summer) < 0.4 &&
          p.lifeCycle === 'woody' &&
          p.spreadM < scene.frame.depths.mean * 0.5 &&
          fullHeightM(p) > 0.8 &&
          fullHeightM(p) < 2.4,
      )[0]
      const d = dark && someDrift(scene, seed, (e) => e.lane === 0)
      if (!wall || !dark || !d) return null
      const bed = withPlant(scene.bed, d, dark.id)
      return {
        scene: again(scene, {
          ...bed,
          wall: { ...wall, heightM: 2.6, material: 'boards', colour: dark.foliage.summer },
        }),
        culprits: [dark.id],
      }
    },
  },
]
