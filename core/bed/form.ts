import type { Point } from '../geometry'

export const BED_KINDS = [
  'foundation',
  'screen',
  'terrace',
  'two-sided',
  'island',
  'ring',
  'court',
  'container',
] as const
export type BedKind = (typeof BED_KINDS)[number]

/**
 * A closed edge in plan by stations going round clockwise as drawn (y toward the viewer), metres; smooth through
 * them or straight between.
 */
export interface RoundEdge {
  readonly smooth: boolean
  readonly stations: readonly Point[]
}

/** What stands in the middle of an island: drawn at its height and kept clear by the rim. */
export const CENTREPIECES = ['none', 'post', 'urn', 'tree', 'obelisk'] as const
export type Centrepiece = (typeof CENTREPIECES)[number]

export const COURT_PLANS = ['square', 'round', 'oval'] as const
export type CourtPlan = (typeof COURT_PLANS)[number]
export const COURT_SEGMENTS = [4, 6, 8] as const
export type CourtSegments = (typeof COURT_SEGMENTS)[number]
/** In a repeated part (1 and up), one kind stands in the place of another. */
export interface Variant {
  readonly part: number
  readonly plantId: string
  readonly withId: string
}
export type CourtForm = Extract<BedForm, { kind: 'court' }>

/**
 * The kind of bed, with the figures that only it has (metres). Foundation, screen, terrace and two-sided beds run between the back and
 * the front edge of the outline; the others go round a middle.
 */
export type BedForm =
  | { readonly kind: 'foundation' }
  | { readonly kind: 'screen' }
  /** Raised by `baseM`; the ground falls by `fallM` from the left end to the right. */
  | { readonly kind: 'terrace'; readonly baseM: number; readonly fallM: number }
  | { readonly kind: 'two-sided' }
  /** Round a centrepiece `centreHeightM` high, of which `showFromM` upward must stay in view. */
  | {
      readonly kind: 'island'
      readonly edge: RoundEdge
      readonly rimM: number
      readonly centre: Centrepiece
      readonly centreHeightM: number
      readonly showFromM: number
    }
  /** Round existing planting of radius `rimM` and height `insideHeightM`. */
  | { readonly kind: 'ring'; readonly edge: RoundEdge; readonly rimM: number; readonly insideHeightM: number }
  /** Equal segments between paths that meet in the middle; one is planned and repeated, and may be varied kind by kind. */
  | {
      readonly kind: 'court'
      readonly widthM: number
      readonly depthM: number
      readonly pathM: number
      readonly repeat: 'mirrored' | 'turned'
      /** Square (or oblong) when left out. */
      readonly plan?: CourtPlan | undefined
      /** Four when left out. */
      readonly segments?: CourtSegments | undefined
      /** What is kept open about the middle, metres from it. */
      readonly centreM?: number | undefined
      readonly variants?: readonly Variant[] | undefined
    }
  /** Equal pots, planted alike. */
  | {
      readonly kind: 'container'
      readonly diameterM: number
      readonly heightM: number
      readonly pots: number
      readonly apartM: number
      /** Whether the rim is part of the picture, and nothing is to trail over it. */
      readonly rimShows?: boolean | undefined
    }

export type RoundForm = Extract<BedForm, { readonly kind: 'island' | 'ring' | 'court' | 'container' }>
export const isRound = (form: BedForm): form is RoundForm =>
  form.kind === 'island' || form.kind === 'ring' || form.kind === 'court' || form.kind === 'container'

/** An oval edge about the plan's middle, by its length and width; metres. */
export function oval(lengthM: number, widthM: number, stations = 12): RoundEdge {
  const at = (i: number) => {
    const a = Math.PI + (i / stations) * 2 * Math.PI
    return { x: round((Math.cos(a) * lengthM) / 2), y: round((-Math.sin(a) * widthM) / 2) }
  }
  return { smooth: true, stations: Array.from({ length: stations }, (_, i) => at(i)) }
}

const round = (n: number) => Math.round(n * 1000) / 1000
export interface Placing {
  readonly x: number
  readonly y: number
  readonly turnDeg: number
  readonly mirrored: boolean
}
