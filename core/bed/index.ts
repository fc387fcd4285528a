export {
  type Acceptance,
  type Bed,
  type Buying,
  DRAINAGE,
  type Edge,
  EXPOSURE,
  type Ground,
  IRRIGATION,
  type Opening,
  type Outline,
  type Pin,
  SCHOOL_IDS,
  type SchoolId,
  type Viewpoint,
  type Wall,
} from './bed'
export {
  type Drift,
  type Pattern,
  PATTERNS,
  type Mix,
  MIX_WAYS,
  type MixWay,
  turnsOf,
  dividedOf,
  hasTimes,
  type Stay,
  type StayDay,
  type Turn,
} from './drift'
export {
  coverDiscs,
  type Disc,
  type Feature,
  FEATURE_KINDS,
  featureAreaM2,
  featureDiscs,
  type FeatureKind,
  featureLengthM,
  featureLine,
  FEATURES,
  newFeature,
  standingDiscs,
  steppingStones,
} from './feature'
export { kindCounts, kindOfNumber, kindsOf } from './mix'
export { type Note, type Order, ORDER_KINDS, type OrderKind } from './order'
export { laneSharesAt, withLaneLine, withoutLaneStation } from './laneStations'
export { mirroredShape, mirrorOf } from './mirrored'
export { plantCounts, variantOf } from './plantCounts'
export { acrossAlong, middleAlong } from './axes'
export { bedFacts, type BedFacts, sizeOfBed } from './bedFacts'
export { bedFigures } from './bedFigures'
export { bedFrame, stripFrame } from './bedFrame'
export { type Behind } from './frame'
export { type BedFrame } from './frame'
export { courtRing } from './courtRing'
export { checkForm } from './checkForm'
export { checkOutline, rectangle } from './checkOutline'
export { CONDITIONS, type Existing, FATES, freedBy, keepsPlace } from './existing'
export {
  BED_KINDS,
  type BedForm,
  type BedKind,
  COURT_PLANS,
  COURT_SEGMENTS,
  type CourtForm,
  type CourtPlan,
  CENTREPIECES,
  isRound,
  oval,
  type Variant,
} from './form'
export { placeIn, placingsOf } from './placings'
export {
  fromSpine,
  type LaneBand,
  bandsOf,
  laneBands,
  laneCounts,
  laneDepthAt,
  laneMiddleShare,
  laneNames,
  startShares,
} from './lanes'
export { envelope } from './roundFrame'
export { type School, SCHOOL_FIGURES, type SchoolChanges, type SchoolFigures, schoolOf, SCHOOLS } from './schools'
export { FRONT_OF_TRUNK_M, setbackM } from './setback'
export { plainForm, plainGround, startForm } from './startForm'
export { numbersOf, withCount, withoutNumbers, withoutPlant } from './driftNumbers'
export { frameOf } from './frameOf'
export { newBed } from './newBed'
export {
  type Shape,
  SHAPE_KINDS,
  type ShapeKind,
  SPOTS_AT,
  type SpotsAt,
  startShape,
  type Support,
  THIN_TO,
  type ThinTo,
} from './shape'
