import type { Point } from '../geometry'

/**
 * The site plan: metres, x to the right and y up the sheet. `northDeg` is the azimuth (clockwise from north) that
 * the sheet's y axis points to.
 * A corner is a place, or a surveyed point that it stays fixed to.
 */
export type Spot = Point | { readonly of: string }

export type Side = 'left' | 'right'
/** How a point was measured on site; lengths in metres. Left and right are as seen when walking from the first point to the second. */
export type Measure =
  | { readonly kind: 'fixed'; readonly x: number; readonly y: number }
  | {
      readonly kind: 'offset'
      readonly from: string
      readonly to: string
      readonly alongM: number
      readonly outM: number
    }
  | {
      readonly kind: 'tapes'
      readonly a: string
      readonly aM: number
      readonly b: string
      readonly bM: number
      readonly side: Side
    }
  | { readonly kind: 'running'; readonly from: string; readonly to: string; readonly alongM: number }
export interface SurveyPoint {
  readonly id: string
  readonly name: string
  readonly measure: Measure
}

export const MATERIALS = ['brick', 'stone', 'render', 'boards'] as const
export type Material = (typeof MATERIALS)[number]
/** Flat at the eaves, or rising to a ridge (metres above the ground) along the building's longer side. */
export type Roof = { readonly kind: 'flat' } | { readonly kind: 'gable' | 'hip'; readonly ridgeM: number }
/** A window or door in a side of a building: side 0 runs from the first corner to the second. */
export interface SiteOpening {
  readonly id: string
  readonly side: number
  readonly alongM: number
  readonly widthM: number
  readonly sillM: number
  readonly headM: number
}

interface Named {
  readonly id: string
  readonly name: string
}
export interface Building extends Named {
  readonly kind: 'building'
  readonly outline: readonly Spot[]
  readonly eaveM: number
  readonly roof: Roof
  readonly material: Material
  readonly colour: string
  readonly openings: readonly SiteOpening[]
}
/** A fence, free wall or hedge along a line; `solid` is the share of light it stops. */
export interface Fence extends Named {
  readonly kind: 'fence'
  readonly line: readonly Spot[]
  readonly heightM: number
  readonly solid: number
}
export const COVERS = ['path', 'paving', 'lawn', 'water', 'gravel', 'drive', 'street'] as const
type Cover = (typeof COVERS)[number]
export interface Surface extends Named {
  readonly kind: 'surface'
  readonly cover: Cover
  readonly outline: readonly Spot[]
}
/** A level raised or sunk from the rest of the site by `levelM`. */
export interface Terrace extends Named {
  readonly kind: 'terrace'
  readonly outline: readonly Spot[]
  readonly levelM: number
}
/** A tree as it stands today, with its yearly growth in height and spread. */
export interface Tree extends Named {
  readonly kind: 'tree'
  readonly at: Spot
  readonly heightM: number
  readonly spreadM: number
  readonly clearStemM: number
  readonly leaf: 'evergreen' | 'deciduous'
  readonly growthMPerYear: number
}
export const FEATURES = ['post', 'urn', 'tap', 'bench', 'other'] as const
export interface Feature extends Named {
  readonly kind: 'feature'
  readonly what: (typeof FEATURES)[number]
  readonly at: Spot
  readonly heightM: number
  readonly widthM: number
  readonly keepInView: boolean
}
export const SERVICES = ['water', 'gas', 'electric', 'drain', 'telecom', 'drip', 'overhead'] as const
/** A line below the ground or overhead as far as known; metres below the ground, or above it for an overhead line. */
export interface Service extends Named {
  readonly kind: 'service'
  readonly service: (typeof SERVICES)[number]
  readonly line: readonly Spot[]
  readonly depthM: number
  readonly sure: boolean
}
export const VIEWERS = ['path', 'street', 'seat', 'driver', 'window', 'upper-floor'] as const
export interface SiteViewpoint extends Named {
  readonly kind: 'viewpoint'
  readonly viewer: (typeof VIEWERS)[number]
  readonly at: Spot
  readonly eyeM: number
}
/**
 * What must stay open or be hidden, seen from a viewpoint of the site: a width square to the line of sight,
 * between two heights. Without a viewpoint it is only drawn.
 */
export interface Target extends Named {
  readonly kind: 'target'
  readonly wish: 'keep' | 'hide'
  readonly seenFrom: string | null
  readonly at: Spot
  readonly widthM: number
  readonly fromM: number
  readonly toM: number
}

export type Thing = Building | Fence | Surface | Terrace | Tree | Feature | Service | SiteViewpoint | Target
export type ThingKind = Thing['kind']

/** Where a bed lies: the left end of its wall line, and the azimuth that the viewer looks along. */
export interface BedPlace {
  readonly bedId: string
  readonly at: Spot
  readonly lookDeg: number
  /** Height of its ground as measured; 0 takes the level that it lies on. */
  readonly baseM: number
  /** What of the site stands behind it: the bed takes its wall from there and follows it. */
  readonly against?: Against | null | undefined
  /** The viewpoint of the site that it is judged from; its own when null. */
  readonly viewFrom?: string | null | undefined
}

/** A side of a building or a stretch of a fence, and how far along it, from the viewer's left, the bed begins; metres. */
export interface Against {
  readonly thing: string
  readonly side: number
  readonly alongM: number
}

/** A drawing laid under the plan: the stored picture, where its left lower corner lies, and its size at the plan's scale. */
export interface BaseDrawing {
  readonly drawingId: string
  readonly name: string
  readonly x: number
  readonly y: number
  readonly widthM: number
  readonly heightM: number
}

export interface Site {
  readonly northDeg: number
  readonly points: readonly SurveyPoint[]
  readonly things: readonly Thing[]
  readonly beds: readonly BedPlace[]
  readonly base: BaseDrawing | null
}

export const EMPTY_SITE: Site = { northDeg: 0, points: [], things: [], beds: [], base: null }
