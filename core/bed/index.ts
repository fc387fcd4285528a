export { turnsOf, dividedOf, hasTimes } from './planting'
export {
  coverDiscs,
  type Disc,
  featureAreaM2,
  featureDiscs,
  featureLengthM,
  featureLine,
  FEATURES,
  newFeature,
  standingDiscs,
  steppingStones,
} from './feature'
export { kindCounts, kindOfNumber, kindsOf } from './mix'

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
export { freedBy, keepsPlace } from './planting'
export { isRound, oval } from './form'
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
export { type School, schoolOf, SCHOOLS } from './schools'
export { FRONT_OF_TRUNK_M, setbackM } from './setback'
export { plainForm, plainGround, startForm } from './startForm'
export { numbersOf, withCount, withoutNumbers, withoutPlant } from './driftNumbers'
export { frameOf } from './frameOf'
export { newBed } from './newBed'
export { startShape } from './shape'
export { bedSchema, checkedParts } from './bedSchema'
