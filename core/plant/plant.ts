import type { LibraryMonth } from '../time'
import type { PlantTraits } from './plantTraits'

/** Sun classes from brightest to darkest; see `sunClass` for the hours behind them. */
export const SUN_CLASSES = ['full-sun', 'part-sun', 'part-shade', 'shade'] as const
export type SunClass = (typeof SUN_CLASSES)[number]

/** Water wants from driest to wettest. */
export const WATER_CLASSES = ['dry', 'average', 'moist', 'wet'] as const
export type WaterClass = (typeof WATER_CLASSES)[number]

export const SOILS = ['sand', 'loam', 'clay'] as const
export type Soil = (typeof SOILS)[number]

export const KINDS = [
  'tree',
  'conifer',
  'shrub',
  'rose',
  'climber',
  'perennial',
  'grass',
  'fern',
  'groundcover',
  'bulb',
  'annual',
  'biennial',
] as const
export type Kind = (typeof KINDS)[number]

export const LIFE_CYCLES = ['woody', 'herbaceous', 'bulb', 'annual', 'biennial', 'tender'] as const
export type LifeCycle = (typeof LIFE_CYCLES)[number]

export const HABITS = [
  'mound',
  'globe',
  'cone',
  'column',
  'vase',
  'fountain',
  'sheaf',
  'spire',
  'mat',
  'rosette',
  'fronds',
  'trailing',
  'climber',
  'tree',
  'clipped',
] as const
export type Habit = (typeof HABITS)[number]

export const LEAF_SIZES = ['fine', 'medium', 'bold'] as const
export type LeafSize = (typeof LEAF_SIZES)[number]

export const LEAF_OUTLINES = ['linear', 'rounded', 'divided', 'palmate', 'needle', 'scale'] as const
export type LeafOutline = (typeof LEAF_OUTLINES)[number]

export const LEAF_SURFACES = ['gloss', 'matt', 'felt'] as const
export type LeafSurface = (typeof LEAF_SURFACES)[number]

/** What the leaves do in winter; `stands` dies but keeps its dry stems until cut. */
export const RETENTIONS = [
  'evergreen',
  'semi-evergreen',
  'deciduous',
  'dies-back',
  'stands',
  'summer-dormant',
  'one-season',
] as const
export type Retention = (typeof RETENTIONS)[number]

export const FLOWER_FORMS = [
  'none',
  'spike',
  'plume',
  'panicle',
  'plate',
  'daisy',
  'ball',
  'bell',
  'cup',
  'trumpet',
  'haze',
] as const
export type FlowerForm = (typeof FLOWER_FORMS)[number]

export const TRAVELS = ['stays', 'runs', 'seeds', 'suckers', 'roots'] as const
export type Travels = (typeof TRAVELS)[number]

export const BROWSING = ['resists', 'sometimes', 'browsed'] as const
export type Browsing = (typeof BROWSING)[number]

export const HAZARDS = ['poison', 'sap', 'thorns'] as const
export type Hazard = (typeof HAZARDS)[number]

export const PRUNING_GROUPS = [
  'none',
  'after-flowering',
  'late-winter',
  'leaf',
  'clip',
  'cut-down',
  'deadhead',
] as const
export type PruningGroup = (typeof PRUNING_GROUPS)[number]

/** `weaves` threads between others (bulbs), `carpets` runs under their skirts, `specimen` stands alone. */
export const SPACING_HABITS = ['stands', 'weaves', 'carpets', 'specimen'] as const
export type SpacingHabit = (typeof SPACING_HABITS)[number]

/** A size as sold: the label on the pot and a typical price in the garden's currency. */
export interface SoldSize {
  readonly label: string
  readonly price: number
}

/** One kind of plant as the library knows it. Lengths in metres at maturity, months of the library, colours `#rrggbb`. */
export interface Plant extends PlantTraits {
  readonly id: string
  readonly botanicalName: string
  readonly commonName: string
  readonly kind: Kind
  readonly lifeCycle: LifeCycle
  readonly foliageHeightM: number
  readonly flowerHeightM: number
  readonly spreadM: number
  readonly yearsTo90: number
  readonly habit: Habit
  readonly clearStemM: number
  readonly leafSize: LeafSize
  readonly leafOutline: LeafOutline
  readonly leafSurface: LeafSurface
  /** Optical density in full leaf: 1 solid, 0.25 airy. */
  readonly density: number
  readonly foliage: {
    readonly spring: string
    readonly summer: string
    readonly autumn: string
    readonly winter: string
  }
  readonly retention: Retention
  readonly flowerColour: string | null
  readonly flowerMonths: readonly LibraryMonth[]
  readonly flowerForm: FlowerForm
  readonly fragrance: 'none' | 'slight' | 'strong'
  /** Brightest and darkest class it does well in. */
  readonly sun: { readonly brightest: SunClass; readonly darkest: SunClass }
  readonly water: { readonly driest: WaterClass; readonly wettest: WaterClass }
  readonly soils: readonly Soil[]
  readonly ph: { readonly low: number; readonly high: number }
  readonly zones: { readonly coldest: number; readonly warmest: number }
  readonly travels: Travels
  readonly runMPerYear: number
  readonly deer: Browsing
  readonly rabbits: Browsing
  readonly hazards: readonly Hazard[]
  readonly invasiveNote: string
  readonly pruningGroup: PruningGroup
  readonly pruningMonths: readonly LibraryMonth[]
  readonly spacingHabit: SpacingHabit
  readonly sizes: readonly SoldSize[]
}

export const isWoody = (plant: Plant) => plant.lifeCycle === 'woody'
/** Height that the eye meets: foliage or flower, whichever is taller. */
export const fullHeightM = (plant: Plant) => Math.max(plant.foliageHeightM, plant.flowerHeightM)
