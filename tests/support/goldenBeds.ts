import { readFileSync } from 'node:fs'
import {
  BED_KINDS,
  CENTREPIECES,
  EXPOSURE,
  FATES,
  FEATURE_KINDS,
  IRRIGATION,
  MIX_WAYS,
  PATTERNS,
  SCHOOL_IDS,
  SHAPE_KINDS,
  SPOTS_AT,
  THIN_TO,
  type Bed,
  type BedForm,
  type CourtForm,
  type Drift,
  type Existing,
  type Feature,
  type Ground,
  type Shape,
  type Requirement,
  TRAITS,
  type Site,
  siteSchema,
} from '../../core/model'
import { bedFrame, FEATURES, laneCounts, newBed, newFeature, startShape, startShares } from '../../core/bed'
import { HARMONIES, proposeTheme } from '../../core/colour'
import { layGarden, neighboursOf } from '../../core/garden'
import { seeded } from '../../core/geometry'
import { SOILS, WATER_CLASSES } from '../../core/plant'
import { makeScene, type Scene } from '../../core/scene'
import { EMPTY_SITE, resolveSite } from '../../core/site'
import { climateOf } from '../../core/time'
import { demoBed, library, plants } from './library'

/** Made-up beds of every kind, school and climate, the same for the same seed: what golden figures are taken from. */
class Dice {
  private readonly next: () => number
  constructor(seed: number) {
    this.next = seeded(seed * 7919 + 17)
  }
  below(n: number) {
    return Math.floor(this.next() * n)
  }
  between(low: number, high: number) {
    return Math.round((low + (high - low) * this.next()) * 100) / 100
  }
  of<T>(list: readonly T[]): T {
    return list[this.below(list.length)]!
  }
  chance(share: number) {
    return this.next() < share
  }
  times<T>(n: number, make: (i: number) => T): T[] {
    return Array.from({ length: n }, (_, i) => make(i))
  }
}

export const CLIMATES = [
  { latitude: 44.6, longitude: -63.6, lastFrost: '05-08', firstFrost: '10-14', hardinessZone: '6b' },
  { latitude: -41.3, longitude: 174, lastFrost: '10-05', firstFrost: '05-12', hardinessZone: '9a' },
  { latitude: 28.1, longitude: -15.4, lastFrost: '01-01', firstFrost: '01-01', hardinessZone: '11' },
  { latitude: 60.2, longitude: 24.9, lastFrost: '05-25', firstFrost: '09-20', hardinessZone: '5' },
] as const

function formOf(dice: Dice, form: BedForm): BedForm {
  if (form.kind === 'island')
    return { ...form, centre: dice.of(CENTREPIECES), rimM: dice.of([0, 0.4]), centreHeightM: dice.between(1, 3) }
  if (form.kind === 'terrace') return { ...form, baseM: dice.of([0, 0.45, 0.6, 1]), fallM: dice.of([-0.3, 0, 0.2]) }
  return form
}

const groundOf = (dice: Dice, ground: Ground): Ground => ({
  ...ground,
  sunHours: dice.between(0.5, 10),
  sunByHand: dice.chance(0.5),
  facing: dice.of(['', 'north', 'south-west', 'east']),
  water: dice.of(WATER_CLASSES),
  soil: dice.of(SOILS),
  ph: dice.between(4.5, 8),
  wind: dice.of(EXPOSURE),
  salt: dice.of(EXPOSURE),
  reflectedHeat: dice.of(EXPOSURE),
  deer: dice.of(EXPOSURE),
  rabbits: dice.of(EXPOSURE),
  irrigation: dice.of(IRRIGATION),
})

function existingOf(dice: Dice, i: number, lengthM: number, depthM: number): Existing {
  const spreadM = dice.between(0.4, 3)
  return {
    id: `e${i}`,
    name: `old ${i}`,
    plantId: dice.chance(0.8) ? dice.of(plants).id : '',
    x: dice.between(0, lengthM),
    y: dice.between(0.2, depthM),
    heightM: dice.between(0.3, 3),
    spreadM,
    condition: dice.of(['good', 'tired', 'poor'] as const),
    fate: dice.of(FATES),
    into: 1 + dice.below(4),
    note: '',
  }
}

const driftOf = (dice: Dice, i: number, lanes: number, lengthM: number): Drift => ({
  id: `d${i}`,
  plantId: dice.of(plants).id,
  lane: dice.below(lanes),
  count: 1 + dice.below(dice.chance(0.2) ? 24 : 7),
  pattern: dice.of(PATTERNS),
  at: dice.between(0, lengthM),
  everyM: dice.between(0.4, 3),
})

/** Two that a hand has set too near to one another. */
const setTooNear = (lengthM: number, depthM: number) =>
  ['d2', 'd3'].map((driftId, i) => ({ driftId, index: 0, x: lengthM / 2 + i * 0.04, y: depthM / 2 }))

/** A bed of some kind with some plants. */
export function goldenBed(seed: number): Bed {
  const dice = new Dice(seed)
  const kind = BED_KINDS[seed % BED_KINDS.length]!
  const lengthM = dice.between(3, 16)
  const depthM = dice.between(1, 5)
  const start = newBed(`Bed ${seed}`, lengthM, depthM, kind)
  const lanes = dice.of(laneCounts(kind))
  const windows = dice.times(dice.below(3), (i) => ({
    id: `w${i}`,
    x: dice.between(0, lengthM - 1),
    widthM: dice.between(0.8, 1.6),
    sillM: dice.of([0, 0.6, 0.95]),
    headM: 2.2,
  }))
  const drifts = dice.times(3 + dice.below(14), (i) => driftOf(dice, i, lanes, lengthM))
  const material = dice.of(['brick', 'stone', 'render', 'boards'] as const)
  const wall = {
    heightM: dice.between(2, 4),
    material,
    colour: dice.of(['#a4573f', '#d9cdb8', '#4f6b4a']),
    openings: windows,
  }
  return {
    ...start,
    form: formOf(dice, start.form),
    laneShares: startShares(lanes, kind),
    wall: start.wall ? wall : null,
    viewpoint: {
      name: 'The path',
      eyeHeightM: dice.of([1.1, 1.6, 4.4]),
      distanceM: dice.between(1.5, 8),
      turnDeg: dice.of([0, 0, 0, 180, 40]),
    },
    ground: groundOf(dice, start.ground),
    school: dice.of(SCHOOL_IDS),
    existing: dice.times(dice.below(3), (i) => existingOf(dice, i, lengthM, depthM)),
    drifts,
    pins: dice
      .times(dice.below(3), (i) => ({
        driftId: `d${i}`,
        index: 0,
        x: dice.between(0, lengthM),
        y: dice.between(0.2, depthM),
      }))
      .concat(seed % 16 === 1 ? setTooNear(lengthM, depthM) : []),
    buying: drifts
      .slice(0, 2)
      .map((d) => ({ plantId: d.plantId, size: library.get(d.plantId)?.sizes[0]?.label ?? '', have: 1 })),
    shortlist: dice.times(4, () => dice.of(plants).id),
  }
}

const SHARES = [0.2, 0.34, 0.5]

/** A drift in a shape of its own, or with another kind in its place; the first few go by those after them. */
function arrangedDrift(dice: Dice, drift: Drift, others: readonly Drift[], things: readonly Feature[]): Drift {
  const shape = startShape(dice.of(SHAPE_KINDS), dice.between(0.1, 0.9), dice.between(0.8, 3), 0.4, drift.count)
  const host = dice.of(others)
  const mix = { how: dice.of(MIX_WAYS), others: [{ plantId: dice.of(plants).id, share: dice.of(SHARES) }] }
  return {
    ...drift,
    ...(dice.chance(0.7) ? { shape: tied(dice, shape, host, things) } : {}),
    ...(dice.chance(0.4) ? { mix } : {}),
  }
}

function tied(dice: Dice, shape: Shape, host: Drift, things: readonly Feature[]): Shape {
  switch (shape.kind) {
    case 'ring':
      return { ...shape, about: dice.chance(0.6) ? { driftId: host.id, index: 0 } : null }
    case 'beneath':
      return { ...shape, about: host.id }
    case 'climb':
      return {
        ...shape,
        about: dice.chance(0.5)
          ? { on: 'feature', featureId: dice.of(things).id }
          : { on: 'plant', driftId: host.id, index: 0 },
      }
    case 'scatter':
      return { ...shape, thinTo: dice.of(THIN_TO) }
    case 'spots':
      return { ...shape, where: dice.of(SPOTS_AT), inM: dice.between(0.2, 0.8) }
    case 'edge':
      return { ...shape, distanceM: dice.between(0.3, 0.7), corners: dice.of(['turned', 'marked'] as const) }
    case 'hedge':
      return dice.chance(0.4) ? { ...shape, closed: true, line: [...shape.line, { x: 0, y: 0.8 }] } : shape
    default:
      return shape
  }
}

const COURTS: readonly Partial<CourtForm>[] = [
  {},
  { plan: 'round', segments: 6, centreM: 0.4 },
  { plan: 'round', segments: 8, repeat: 'turned' },
  { segments: 8 },
  { plan: 'oval' },
]

/** A bed with all that a designer can mean beyond blocks: shapes, mixes, stone and supports, lanes that vary, courts by segment. */
function arrangedBed(seed: number): Bed {
  const dice = new Dice(seed + 5000)
  const bed = goldenBed(seed)
  const { kind } = bed.form
  const sizeM = dice.between(5, 9)
  const form: BedForm =
    kind === 'court'
      ? { kind, widthM: sizeM, depthM: sizeM, pathM: 0.8, repeat: 'mirrored', ...COURTS[seed % COURTS.length] }
      : bed.form
  const frame = bedFrame({ ...bed, form })
  const things = dice.times(4, (i): Feature => {
    const a = frame.runFrom + dice.between(0.05, 0.95) * (frame.runTo - frame.runFrom)
    const made = newFeature(
      dice.of(FEATURE_KINDS),
      `f${i}`,
      frame.at(a, dice.between(0.1, 0.9) * frame.depthAlong(a)),
    )
    const line =
      FEATURES[made.kind].runs && dice.chance(0.5) ? [-0.6, 0, 0.7].map((x) => ({ x, y: 0.2 * x * x })) : []
    return { ...made, turnDeg: dice.of([0, 25, -70]), line }
  })
  const laneStations =
    bed.laneShares.length > 1 && dice.chance(0.6)
      ? [0.2, 0.6].map((u, n) => ({
          atM: u * frame.frontLength,
          shares: bed.laneShares.map((_, i) => (i === n ? 0.6 : 0.4 / (bed.laneShares.length - 1))),
        }))
      : []
  const drifts = bed.drifts.map((d, i) =>
    arrangedDrift(
      dice,
      d,
      bed.drifts.filter((_, k) => k !== i),
      things,
    ),
  )
  return { ...bed, form, drifts, laneStations, features: things }
}

/** Beds from this seed on are arranged. */
const ARRANGED_FROM = 49

/** The demo's site as it was when the figures were taken: the demo may grow without changing them. */
export const demoSite: Site = siteSchema.parse(
  JSON.parse(readFileSync(new URL('golden-site.json', import.meta.url), 'utf8')),
)

const others = ['reading-room-front', 'north-step', 'bell-island'].map((id) => ({ id, bed: demoBed(id) }))

/** A scene of some bed in some climate: every third before the demo's house, with its neighbours, pipes and trees. */
export function goldenScene(seed: number): Scene {
  const dice = new Dice(seed + 1000)
  const bed = seed < ARRANGED_FROM ? goldenBed(seed) : arrangedBed(seed)
  const place = CLIMATES[seed % CLIMATES.length]!
  const isOnSite = seed % 3 === 0
  const site = resolveSite(
    isOnSite
      ? {
          ...demoSite,
          beds: [
            ...demoSite.beds,
            { ...demoSite.beds[seed % demoSite.beds.length]!, bedId: 'golden', against: null },
          ],
        }
      : EMPTY_SITE,
  )
  const garden = layGarden(site, [...(isOnSite ? others : []), { id: 'golden', bed }])
  const here = garden.beds.get('golden')!
  const requirements = dice.times(3, (): Requirement => ({
    trait: dice.of(TRAITS),
    weight: dice.of(['must', 'wish', 'never'] as const),
    beds: [],
  }))
  return makeScene({
    bed: here.bed,
    library,
    climate: climateOf(place),
    hardinessZone: place.hardinessZone,
    surroundings: here.surroundings,
    neighbours: isOnSite ? neighboursOf(garden, 'golden', library) : [],
    theme: dice.chance(0.6) ? proposeTheme(dice.of(['#a4573f', '#4f6b4a', '#d9cdb8']), dice.of(HARMONIES)) : null,
    requirements,
    sunAt: seed % 2 === 0 ? place : null,
  })
}

const SEEDS = Array.from({ length: 64 }, (_, i) => i + 1)
export const scenes: ReadonlyMap<number, Scene> = new Map(SEEDS.map((seed) => [seed, goldenScene(seed)]))
/** Four beds of each kind, plain and arranged: what is told of them is short enough to be read. */
const TOLD = new Set([...SEEDS.slice(0, 16), ...SEEDS.slice(48)])
/** The figures of something about each of these beds, by seed. */
export const ofScenes = <T>(make: (scene: Scene, seed: number) => T): Record<string, T> =>
  Object.fromEntries(
    [...scenes]
      .filter(([seed]) => TOLD.has(seed))
      .map(([seed, scene]) => [`${seed} ${scene.bed.form.kind}`, make(scene, seed)]),
  )
