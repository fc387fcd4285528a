export {
  type Acceptance,
  type Bed,
  type Buying,
  DRAINAGE,
  type Drift,
  type Edge,
  type Exposure,
  EXPOSURE,
  type Ground,
  IRRIGATION,
  type Opening,
  type Outline,
  type Pattern,
  PATTERNS,
  type Pin,
  SCHOOL_IDS,
  type SchoolId,
  type Viewpoint,
  type Wall,
  type WallMaterial,
} from './bed'
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
  STEP_M,
  steppingStones,
} from './feature'
export { kindCounts, kindOfNumber, kindsOf, type Mix, MIX_WAYS, type MixWay } from './mix'
export { type LaneStation, type Note, type Order, ORDER_KINDS, type OrderKind } from './order'
export { laneSharesAt, withLaneLine, withoutLaneStation } from './laneStations'
export { mirroredShape, mirrorOf } from './mirrored'
export { plantCounts } from './plantCounts'
export { dividedOf, type DriftTimes, hasTimes, type Stay, type StayDay, type Turn, turnsOf } from './stay'
export { acrossAlong, middleAlong } from './axes'
export { bedFacts, type BedFacts } from './bedFacts'
export { bedFigures, type BedFigures } from './bedFigures'
export { bedFrame, type BedFrame, type BedPoint, type Behind, stripFrame } from './bedFrame'
export { courtRing } from './courtRing'
export { checkForm } from './checkForm'
export { checkOutline, rectangle } from './checkOutline'
export { CONDITIONS, type Existing, type Fate, FATES, freedBy, keepsPlace } from './existing'
export {
  BED_KINDS,
  type BedForm,
  type BedKind,
  type Centrepiece,
  COURT_PLANS,
  COURT_SEGMENTS,
  type CourtForm,
  type CourtPlan,
  type CourtSegments,
  CENTREPIECES,
  isRound,
  oval,
  placeIn,
  type Placing,
  placingsOf,
  type RoundEdge,
  type RoundForm,
  type Variant,
} from './form'
export { courtMiddle, segmentEdge } from './court'
export { variantOf } from './variant'
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
export { nextNumberOf, numbersOf, withCount, withoutNumbers, withoutPlant } from './driftNumbers'
export { frameOf } from './frameOf'
export { newBed } from './newBed'
export { sizeOfBed } from './sizeOfBed'
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
