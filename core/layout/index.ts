export { thingPlants } from './thingPlants'
export { bodiesAt, type Body } from './bodies'
export { type Standing, standsAt, type Stays, staysOf } from './stays'
export { depthNeededM } from './depthNeeded'
export { driftShape } from './driftShape'
export { packBlocks } from './packBlocks'
export { outLimits } from './outLimits'
export { place } from './place'
export { ByIdInOrder } from './ByIdInOrder'
export { plantsByDrift, spansByDrift } from './plantsByDrift'
export { firstShape, ringTargets } from './shapes/firstShape'
export { dragHandle, drawnShape, type ShapeHandle, shapeHandles } from './shapes/shapeHandles'
export type { DriftSpan, PlacedPlant, PlacedShape, Placement } from './PlacedPlant'
export {
  allowedDistanceM,
  LEAST_SHARE,
  onCentreM,
  ringCount,
  rowCount,
  rowDistanceM,
  squareGridCount,
  triangularGridCount,
} from './spacing'
export { standingPlants } from './standing'
export { bodyProfile, clearStemM, topM, type Profile } from './bodyProfile'
export { firstDrift } from './firstDrift'
export { freeSpot } from './freeSpot'
export { isLaneOf, laneFor, laneTopM } from './laneRules'
