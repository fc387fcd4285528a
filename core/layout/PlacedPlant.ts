import type { Point } from '../geometry'
import type { Plant } from '../plant'

/** One plant standing in the bed: plan metres, and its running place and way out from the back. */
export interface PlacedPlant {
  readonly id: string
  /** A number of its own, for what differs from plant to plant in the pictures. */
  readonly seed: number
  readonly driftId: string
  /** The number it was given in its drift. */
  readonly index: number
  readonly plant: Plant
  readonly lane: number
  readonly x: number
  readonly y: number
  readonly along: number
  readonly out: number
  readonly pinned: boolean
  /** True when no lawful place was found: nearer to another than the school allows. */
  readonly crowded: boolean
  /** A climber held by a plant or a thing of the bed, not by what stands behind it. */
  readonly held?: boolean
  /** The bed it stands in, when it is a plant of another one. */
  readonly neighbour?: string
  /** Height of its ground over the bed's own, metres, when it differs: a plant of another bed. */
  readonly groundM?: number
  /** Of a plant that stood there before: its size then, and what was done to it; a gap is reserved and shows nothing. */
  readonly standing?: {
    readonly heightM: number
    readonly spreadM: number
    readonly cutBack: boolean
    readonly divided: number
    readonly gap: boolean
    /** Whether its kind is in the library. */
    readonly known: boolean
  }
}

/**
 * The stretch of the bed a drift's plants take up as the score draws it, in the bed's running coordinate; round a
 * bed it may pass the seam.
 */
export interface DriftSpan {
  readonly driftId: string
  readonly from: number
  readonly to: number
}

/** What became of a drift's shape: its outline in plan, if it has one, and how many plants fit it at the school's spacing. */
export interface PlacedShape {
  readonly driftId: string
  readonly outline: readonly Point[] | null
  readonly middle: Point
  readonly fits: number
}

/** How far a group of a drift stands from where it was put, metres along its lane: toward the gap behind, and for its neighbours. */
export interface DriftShift {
  readonly driftId: string
  readonly intoGapM: number
  readonly byOthersM: number
}

export interface Placement {
  readonly plants: readonly PlacedPlant[]
  /** What stood there before and keeps its place; nothing is set into it. */
  readonly standing: readonly PlacedPlant[]
  readonly spans: readonly DriftSpan[]
  readonly shapes: readonly PlacedShape[]
  /** Of each lane: needed length over the lane's length; above 1 it is overfull. */
  readonly laneFill: readonly number[]
  /** Groups that do not stand just where they were put. */
  readonly shifts: readonly DriftShift[]
}
