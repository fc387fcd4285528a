export {
  allowedDistanceM,
  onCentreM,
  ringCount,
  rowCount,
  rowDistanceM,
  squareGridCount,
  triangularGridCount,
} from './spacing'
export { depthNeededM } from './depthNeeded'
export { driftShape } from './driftShape'
export { packBlocks } from './packBlocks'
export { outLimits, place, type DriftSpan, type PlacedPlant, type Placement } from './place'
export { standingPlants } from './standing'
export { bodiesAt, type Body } from './bodies'
