import type { LibraryMonth } from '../time'

export const TOXIC_GRADES = ['none', 'mild', 'harmful', 'deadly'] as const
export type ToxicGrade = (typeof TOXIC_GRADES)[number]
/** Whom a plant can poison. */
export const EATERS = ['people', 'cats', 'dogs', 'livestock'] as const
export type Eater = (typeof EATERS)[number]

/** What touching it does: sap that irritates, or sap that burns the skin in sunlight. */
export const SKIN = ['none', 'sap', 'phototoxic'] as const
export type Skin = (typeof SKIN)[number]
export const SPINES = ['none', 'prickles', 'thorns', 'spines'] as const
export type Spines = (typeof SPINES)[number]

/** Which wood carries the flowers. */
export const FLOWER_WOODS = ['none', 'old', 'new', 'both'] as const
export type FlowerWood = (typeof FLOWER_WOODS)[number]

export const LEAF_PATTERNS = ['edge', 'centre', 'stripe', 'spots', 'splash', 'veins'] as const
export type LeafPattern = (typeof LEAF_PATTERNS)[number]

/** How a plant stands salt or wind. */
export const STANDS = ['shy', 'some', 'tolerant'] as const
export type Stands = (typeof STANDS)[number]
/** How long a plant lives through drought once it is established. */
export const DROUGHTS = ['low', 'some', 'high'] as const
export type Drought = (typeof DROUGHTS)[number]

export const ROOTS = ['fibrous', 'tap', 'rhizome', 'bulb', 'tuber', 'surface', 'woody', 'deep'] as const
export type Root = (typeof ROOTS)[number]
export const MOVES = ['well', 'with-care', 'badly'] as const
export type Moves = (typeof MOVES)[number]
/** Held up by its neighbours or a ring, or tied stem by stem. */
export const STAKINGS = ['none', 'support', 'stake'] as const
export type Staking = (typeof STAKINGS)[number]

export const SOWN = ['indoors', 'direct'] as const
export const SEED_LIGHTS = ['light', 'dark', 'any'] as const
/** What is done with what does not stand the winter: lifted, kept in its pot, brought in as a plant, let go. */
export const TENDER_WAYS = ['lift', 'pot', 'indoors', 'let-go'] as const

/** Where a row's figures come from: each looked at by hand, genus figures among them, or a list brought in. */
export const SOURCES = ['hand-checked', 'genus', 'list'] as const
export const CONFIDENCES = ['high', 'medium', 'low'] as const

/** A colour in its months. */
export interface ColourInMonths {
  readonly colour: string
  readonly months: readonly LibraryMonth[]
}

/** How seed is sown. */
export interface Sowing {
  readonly where: (typeof SOWN)[number]
  /** Weeks from the last frost; before it negative. */
  readonly weeks: number
  readonly light: (typeof SEED_LIGHTS)[number]
  /** Weeks of cold that the seed wants first. */
  readonly chillWeeks: number
  readonly days: { readonly from: number; readonly to: number }
  /** Share that comes up, percent. */
  readonly percent: number
}

/** How a plant that does not stand the winter is handled; temperatures in °C. */
export interface TenderHandling {
  readonly how: (typeof TENDER_WAYS)[number]
  readonly storeC: number | null
  /** Planted out when nights stay above this. */
  readonly outAboveC: number | null
}

/** Lengths from and to, metres. */
export interface LengthRange {
  readonly least: number
  readonly most: number
}

/** What is known of a plant beside its looks and its wants. */
export interface PlantTraits {
  readonly family: string
  readonly synonyms: readonly string[]
  /** Other names that it is sold under. */
  readonly soldAs: readonly string[]
  readonly toxicity: Readonly<Record<Eater, ToxicGrade>> & { readonly part: string }
  readonly skin: Skin
  readonly spines: Spines
  /** Least and most summer heat, in heat zones (1: no day above 30 °C, 12: more than 210). */
  readonly heat: { readonly least: number; readonly most: number }
  readonly flowerWood: FlowerWood
  readonly clematisGroup: 1 | 2 | 3 | null
  /** Months in leaf where they differ from the season's default; empty otherwise. */
  readonly leafMonths: readonly LibraryMonth[]
  readonly fruit: ColourInMonths | null
  readonly bark: ColourInMonths | null
  /** Months in which the autumn colour is out; empty when it has none to speak of. */
  readonly autumnMonths: readonly LibraryMonth[]
  readonly secondLeaf: { readonly colour: string; readonly pattern: LeafPattern } | null
  readonly salt: Stands
  readonly wind: Stands
  readonly drought: Drought
  /** Least volume of a pot in which it grows to its size, litres; 0 when it is none for pots. */
  readonly leastPotL: number
  readonly root: Root
  readonly moves: Moves
  readonly lifespanYears: number
  /** Divided every so many years; 0 when it is not divided. */
  readonly divideYears: number
  readonly staking: Staking
  /** Whether it drops its dead flowers. */
  readonly selfCleaning: boolean
  readonly sowing: Sowing | null
  readonly tender: TenderHandling | null
  readonly legalNote: string
  /** Further colours of its flowers, mixed with the first or not yet known which comes. */
  readonly moreFlowerColours: readonly string[]
  /**
   * Height and spread as a label gives them, from and to, metres; the figures of the plant are their middle. Null where one figure was
   * given.
   */
  readonly heightRange: LengthRange | null
  readonly spreadRange: LengthRange | null
  /** Columns whose figures were taken from another plant, and from which; null when all are its own. */
  readonly borrowed: { readonly from: string; readonly columns: readonly string[] } | null
  readonly source: (typeof SOURCES)[number]
  readonly confidence: (typeof CONFIDENCES)[number]
}

/** Traits of what is no plant of the library: a thing, or what stands there already. */
export const PLAIN_TRAITS: PlantTraits = {
  family: '',
  synonyms: [],
  soldAs: [],
  toxicity: { people: 'none', cats: 'none', dogs: 'none', livestock: 'none', part: '' },
  skin: 'none',
  spines: 'none',
  heat: { least: 1, most: 12 },
  flowerWood: 'none',
  clematisGroup: null,
  leafMonths: [],
  fruit: null,
  bark: null,
  autumnMonths: [],
  secondLeaf: null,
  salt: 'some',
  wind: 'some',
  drought: 'some',
  leastPotL: 0,
  root: 'woody',
  moves: 'with-care',
  lifespanYears: 50,
  divideYears: 0,
  staking: 'none',
  selfCleaning: true,
  sowing: null,
  tender: null,
  legalNote: '',
  moreFlowerColours: [],
  heightRange: null,
  spreadRange: null,
  borrowed: null,
  source: 'list',
  confidence: 'low',
}
