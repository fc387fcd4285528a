import { BRIEF_FAULTS } from './briefFaults'
import { CARE_FAULTS } from './careFaults'
import { EXISTING_FAULTS } from './existingFaults'
import { COLOUR_FAULTS } from './colourFaults'
import { COMPOSITION_FAULTS } from './compositionFaults'
import { COVER_FAULTS } from './coverFaults'
import { blends } from '../../core/match'
import { fullHeightM, misfits, type SiteConditions } from '../../core/plant'
import {
  again,
  change,
  type Fault,
  groundTurns,
  like,
  never,
  placeTurns,
  setTooNear,
  someDrift,
  swapped,
  unsuited,
  withPlant,
} from './plantFault'

const PLACE = ['site'] as const
const isDry = (s: SiteConditions) => s.water === 'dry'

/** Faults of place, space, company, season and brief. */
const PLAIN_FAULTS: readonly Fault[] = [
  { id: 'too dark for it', rules: PLACE, plant: unsuited('sun', (p) => p.sun.darkest === 'full-sun') },
  { id: 'too bright for it', rules: PLACE, plant: unsuited('sun', (p) => p.sun.brightest !== 'full-sun') },
  { id: 'not hardy', rules: PLACE, plant: unsuited('zone') },
  { id: 'too dry for it', rules: PLACE, plant: unsuited('water', (p) => p.water.driest !== 'dry') },
  { id: 'too wet for it', rules: PLACE, plant: unsuited('water', (p) => p.water.wettest !== 'wet') },
  { id: 'wrong soil', rules: PLACE, plant: unsuited('soil') },
  { id: 'wants acid ground', rules: PLACE, plant: unsuited('ph', (p) => p.ph.high < 6.5) },
  { id: 'lime comes into the ground', rules: PLACE, plant: groundTurns({ ph: 8.4 }, 'ph') },
  { id: 'the ground is sour', rules: PLACE, plant: groundTurns({ ph: 4 }, 'ph') },
  { id: 'wind takes it', rules: PLACE, plant: groundTurns({ wind: 'much' }, 'wind') },
  { id: 'salt burns it', rules: PLACE, plant: groundTurns({ salt: 'much' }, 'salt') },
  { id: 'deer eat it', rules: PLACE, plant: groundTurns({ deer: 'much' }, 'harm') },
  { id: 'some deer eat it first', rules: PLACE, plant: groundTurns({ deer: 'some' }, 'harm') },
  { id: 'rabbits eat it', rules: PLACE, plant: groundTurns({ rabbits: 'much' }, 'harm') },
  { id: 'heat from the paving', rules: PLACE, plant: groundTurns({ reflectedHeat: 'much' }, 'heat') },
  { id: 'summers too hot', rules: PLACE, plant: placeTurns({ heatZone: 11 }, 'summer') },
  { id: 'winters too cold', rules: PLACE, plant: placeTurns({ hardinessZone: '2a' }, 'zone') },
  { id: 'set by hand too near', rules: ['overlap'], plant: setTooNear },
  {
    id: 'no room for so many',
    rules: ['crowded', 'overlap'],
    plant: (scene, seed) => {
      const drift = someDrift(scene, seed)
      return drift && { ...change(scene, drift, { count: drift.count * 4 + 6 }), culprits: [] }
    },
  },
  {
    id: 'a hole in the middle',
    rules: ['gap'],
    plant: (scene) => {
      const { frontLength } = scene.frame
      const drifts = scene.bed.drifts.filter((d) => Math.abs(d.at - frontLength / 2) > frontLength * 0.2)
      return drifts.length < scene.bed.drifts.length - 1
        ? { scene: again(scene, { ...scene.bed, drifts }), culprits: [] }
        : null
    },
  },
  {
    id: 'hidden behind taller ones',
    rules: ['hidden', 'before'],
    plant: (scene, seed) => {
      if (
        scene.bed.laneShares.length < 3 ||
        ['two-sided', 'island', 'ring', 'court', 'container'].includes(scene.bed.form.kind)
      )
        return null
      const back = someDrift(
        scene,
        seed,
        (d) => d.lane === 0 && d.at > scene.frame.frontLength * 0.1 && d.at < scene.frame.frontLength * 0.9,
      )
      const tall = [...scene.byPlant.keys()].some(
        (p) => fullHeightM(p) > 0.7 && p.density > 0.6 && scene.byPlant.get(p)!.some((q) => q.lane === 1),
      )
      const low =
        back &&
        like(
          scene,
          { ...back, plantId: back.plantId },
          seed,
          (p) =>
            fullHeightM(p) < 0.35 &&
            p.kind === 'perennial' &&
            p.spreadM < 0.6 &&
            misfits(p, scene.site).length === 0,
          0.1,
        )
      if (!back || !low || !tall) return null
      const was = scene.library.get(back.plantId)!
      const count = Math.max(1, Math.min(9, Math.round((back.count * was.spreadM ** 2) / low.spreadM ** 2)))
      return { ...change(scene, back, { plantId: low.id, count }), culprits: [low.id] }
    },
  },
  {
    id: 'tall one in the front',
    rules: ['hidden', 'before'],
    plant: (scene, seed) => {
      const front = someDrift(scene, seed, (d) => d.lane === scene.bed.laneShares.length - 1)
      const tall = [...scene.byPlant.keys()].reduce((a, b) =>
        fullHeightM(a) * a.density > fullHeightM(b) * b.density ? a : b,
      )
      return front && fullHeightM(tall) > 1
        ? { ...change(scene, front, { plantId: tall.id, count: 1 }), culprits: [tall.id] }
        : null
    },
  },
  {
    id: 'grows before a window',
    rules: ['window'],
    plant: (scene) => {
      const { wall } = scene.bed
      const tall = scene.placement.plants.reduce((a, b) => (fullHeightM(a.plant) > fullHeightM(b.plant) ? a : b))
      if (!wall || fullHeightM(tall.plant) < 1.5) return null
      const opening = { id: 'planted', x: tall.x - 0.6, widthM: 1.2, sillM: 0.7, headM: 2 }
      return {
        scene: again(scene, { ...scene.bed, wall: { ...wall, openings: [opening] } }),
        culprits: [tall.plant.id],
      }
    },
  },
  {
    id: 'too near the wall',
    rules: ['wall'],
    plant: (scene) => {
      const wide = scene.placement.plants.reduce((a, b) => (a.plant.spreadM > b.plant.spreadM ? a : b))
      if (!scene.bed.wall) return null
      const pins = [{ driftId: wide.driftId, index: wide.index, x: wide.x, y: scene.frame.back.yAt(wide.x) + 0.15 }]
      return { scene: again(scene, { ...scene.bed, pins }), culprits: [wide.plant.id] }
    },
  },
  {
    id: 'too shallow for its layers',
    rules: ['shallow', 'crowded'],
    plant: (scene) => {
      if (scene.frame.closed) return null
      const by = scene.frame.depths.mean * 0.35
      const { front } = scene.bed.outline
      const outline = {
        ...scene.bed.outline,
        front: { ...front, stations: front.stations.map((s) => ({ ...s, y: s.y - by })) },
      }
      return { scene: again(scene, { ...scene.bed, outline }), culprits: [] }
    },
  },
  {
    id: 'a runner behind what stays',
    rules: ['smother'],
    plant: (scene, seed) =>
      swapped(
        scene,
        seed,
        (d) => d.lane < scene.bed.laneShares.length - 1,
        (p, was) =>
          p.runMPerYear >= 0.15 && p.lifeCycle !== 'woody' && p.foliageHeightM >= Math.min(0.6, was.foliageHeightM),
        0.3,
      ),
  },
  {
    id: 'thirsty beside what wants it dry',
    rules: ['thirst', 'site'],
    plant: (scene, seed) => {
      const drift = someDrift(scene, seed)
      const plant =
        drift &&
        like(scene, drift, seed, (p) =>
          isDry(scene.site) ? p.water.driest === 'moist' : p.water.driest === 'wet' || p.water.wettest === 'dry',
        )
      return drift && plant
        ? { scene: again(scene, withPlant(scene.bed, drift, plant.id)), culprits: [plant.id] }
        : null
    },
  },
  {
    id: 'neighbours that run into one another',
    rules: ['blend'],
    plant: (scene, seed) => {
      const front = scene.bed.drifts.filter((d) => d.lane === 1).sort((a, b) => a.at - b.at)
      const near = front[0]
      const other = front[1]
      if (!near || !other || near.plantId === other.plantId) return null
      const was = scene.library.get(near.plantId)!
      const twin = like(scene, other, seed, (p) => blends(p, was) && misfits(p, scene.site).length === 0)
      return (
        twin && {
          ...change(scene, other, { plantId: twin.id, at: near.at + (was.spreadM + twin.spreadM) * 0.6 }),
          culprits: [twin.id],
        }
      )
    },
  },
  {
    id: 'one of everything',
    rules: ['clutter'],
    plant: (scene, seed) => {
      const used = new Set<string>()
      const drifts = scene.bed.drifts.map((d, i) => {
        const p = like(
          scene,
          d,
          seed + i * 7,
          (q) => !used.has(q.id) && q.spacingHabit === 'stands' && misfits(q, scene.site).length === 0,
        )
        if (p) used.add(p.id)
        return { ...d, plantId: p?.id ?? d.plantId, count: 1 }
      })
      return { scene: again(scene, { ...scene.bed, drifts }), culprits: [] }
    },
  },
  {
    id: 'nothing in winter',
    rules: ['months'],
    plant: (scene, seed) => {
      const drifts = scene.bed.drifts.map((d, i) => {
        const p = like(
          scene,
          d,
          seed + i,
          (q) => q.retention === 'dies-back' && misfits(q, scene.site).length === 0,
        )
        return { ...d, plantId: p?.id ?? d.plantId }
      })
      const isGone = drifts.every((d) => scene.library.get(d.plantId)!.retention === 'dies-back')
      return isGone ? { scene: again(scene, { ...scene.bed, drifts }), culprits: [] } : null
    },
  },
  {
    id: 'poison where it must not be',
    rules: ['brief'],
    plant: never('poison', (p) => p.hazards.includes('poison')),
  },
  {
    id: 'thorns where they must not be',
    rules: ['brief'],
    plant: never('thorns', (p) => p.hazards.includes('thorns')),
  },
  { id: 'sap where it must not be', rules: ['brief'], plant: never('sap', (p) => p.hazards.includes('sap')) },
  { id: 'a runner where none is wanted', rules: ['brief'], plant: never('runs', (p) => p.runMPerYear >= 0.08) },
  {
    id: 'an annual where none is wanted',
    rules: ['brief'],
    plant: never('annual', (p) => p.lifeCycle === 'annual'),
  },
  { id: 'invasive where it must not be', rules: ['brief'], plant: never('invasive', (p) => p.invasiveNote !== '') },
  {
    id: 'a colour outside the theme',
    rules: ['theme'],
    plant: (scene, seed) => {
      const theme = {
        harmony: 'neighbours' as const,
        base: '#d9cdb8',
        colours: [
          { colour: '#8088cf', months: [] },
          { colour: '#f4f0e6', months: [] },
        ],
      }
      const planted = swapped(
        scene,
        seed,
        (_d, p) => p.flowerColour !== null,
        (p) => p.flowerColour !== null && /^#(e|f)[0-9a-f](2|3|4)/.test(p.flowerColour),
      )
      return (
        planted && {
          ...planted,
          scene: again(planted.scene, { ...planted.scene.bed, school: 'layered' }, { theme }),
        }
      )
    },
  },
]

/** All kinds of fault. */
export const FAULTS: readonly Fault[] = [
  ...PLAIN_FAULTS,
  ...COMPOSITION_FAULTS,
  ...COLOUR_FAULTS,
  ...COVER_FAULTS,
  ...CARE_FAULTS,
  ...EXISTING_FAULTS,
  ...BRIEF_FAULTS,
]
