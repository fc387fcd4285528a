import type { EdgeKind, Point } from '../geometry'
import type { Existing } from './existing'
import type { Feature } from './feature'
import type { BedForm } from './form'
import type { Drift } from './drift'
import type { LaneStation, Note, Order } from './order'
import type { Soil, WaterClass } from '../plant'

/** An edge in plan: stations in metres from the left end of the wall line, y out from it. */
export interface Edge {
  readonly kind: EdgeKind
  readonly stations: readonly Point[]
}
export interface Outline {
  readonly back: Edge
  readonly front: Edge
}

/** A window or door in the wall: left side, width, sill and head above ground, metres. */
export interface Opening {
  readonly id: string
  readonly x: number
  readonly widthM: number
  readonly sillM: number
  readonly headM: number
}
export type WallMaterial = 'brick' | 'stone' | 'render' | 'boards'
export interface Wall {
  readonly heightM: number
  readonly material: WallMaterial
  readonly colour: string
  readonly openings: readonly Opening[]
}

/**
 * Where the bed is seen from: eye above ground, distance from its nearest edge (metres), and how far round the viewer has walked from the
 * front, clockwise as drawn from above (90: from the left end).
 */
export interface Viewpoint {
  readonly name: string
  readonly eyeHeightM: number
  readonly distanceM: number
  readonly turnDeg: number
}

export const DRAINAGE = ['quick', 'steady', 'slow', 'stands'] as const
export const EXPOSURE = ['none', 'some', 'much'] as const
export type Exposure = (typeof EXPOSURE)[number]
export const IRRIGATION = ['none', 'hose', 'drip', 'sprinkler'] as const

/**
 * What the ground offers. `sunHours` is a growing-season mean measured by hand; it counts when `sunByHand` is set or the bed has no place
 * on the site, otherwise the light is computed.
 */
export interface Ground {
  readonly sunHours: number
  readonly sunByHand: boolean
  readonly facing: string
  readonly water: WaterClass
  readonly soil: Soil
  readonly ph: number
  readonly drainage: (typeof DRAINAGE)[number]
  readonly wetInWinter: boolean
  readonly wind: Exposure
  readonly salt: Exposure
  readonly reflectedHeat: Exposure
  readonly deer: Exposure
  readonly rabbits: Exposure
  readonly irrigation: (typeof IRRIGATION)[number]
}

/** A single plant moved by hand; it stays where it was put. `index` is the number it was given. */
export interface Pin {
  readonly driftId: string
  readonly index: number
  readonly x: number
  readonly y: number
}
export interface Acceptance {
  readonly findingId: string
  readonly title: string
  readonly reason: string
}
/** What is bought of a plant: the size, and how many are there already. */
export interface Buying {
  readonly plantId: string
  readonly size: string
  readonly have: number
}

export const SCHOOL_IDS = [
  'layered',
  'close-knit',
  'formal',
  'carpet',
  'screen',
  'single-colour',
  'lush',
  'dry',
] as const
export type SchoolId = (typeof SCHOOL_IDS)[number]

/** Everything that is composed and decided for one bed. */
export interface Bed {
  readonly name: string
  readonly form: BedForm
  /** The edges of a bed between two edges. */
  readonly outline: Outline
  /** Depth share of each lane from back to front, adding up to 1; one to five of them. */
  readonly laneShares: readonly number[]
  /** Where the lanes share the depth otherwise, in order along the bed; none: the same all along. */
  readonly laneStations: readonly LaneStation[]
  readonly wall: Wall | null
  readonly viewpoint: Viewpoint
  readonly ground: Ground
  readonly school: SchoolId
  readonly drifts: readonly Drift[]
  /** What stands there already, and gaps kept for what will come. */
  readonly existing: readonly Existing[]
  readonly pins: readonly Pin[]
  readonly accepted: readonly Acceptance[]
  readonly shortlist: readonly string[]
  readonly buying: readonly Buying[]
  /** What does not grow: stone, gravel, pots, supports. */
  readonly features: readonly Feature[]
  /** Orders among drifts that are kept while they are edited. */
  readonly orders: readonly Order[]
  readonly notes: readonly Note[]
}
