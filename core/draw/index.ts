export { elevationOrder } from './elevationOrder'
export { describeViewpoint, elevation, type Elevation, type Figure, figureAt } from './elevation'
export { elevationBackPaints, elevationMarkPaints, rulerPaints, sillPaints, targetPaints } from './elevationPaints'
export { inTurn } from './inTurn'
export { footShadow, plantingPaints, QUIET_ALPHA } from './figurePaints'
export { fixtureAbovePaints } from './fixturePaints'
export { type Palette, PRINT_PALETTE } from './palette'
export {
  isClipped,
  isShape,
  isWords,
  L,
  M,
  O,
  type Paint,
  type Path,
  Q,
  type Shade,
  type Shape,
  type Words,
  Z,
} from './path'
export { circlePath, linePath, rectPath } from './paths'
export { bedsOnSitePaints } from './bedsOnSitePaints'
export { clientPaints } from './clientPaints'
export { herePaints } from './herePaints'
export { notePaints } from './notePaints'
export { orderPaints } from './orderPaints'
export { featureAbovePaints, featureMarkPaints, featureUnder } from './featurePaints'
export { circleAt, plan, type Plan, type PlanCircle } from './plan'
export { circlePaints, planGroundPaints, planMarkPaints, shapePaints } from './planPaints'
export { portrait } from './portrait/portrait'
export { onSheet, type Sheet } from './sheet'
export {
  ghostPaints,
  handlePaints,
  northPaints,
  pointPaints,
  scaleBarPaints,
  sketchPaints,
  tapePaints,
} from './siteMarkPaints'
export { bedOnSitePaints, shadowPaints, siteGroundPaints, siteThingPaints, thingPaints } from './sitePaints'
export { type TargetMark, targetMarks } from './targetMarks'
export { paintBounds } from './paintBounds'
export { type PathPen, tracePath } from './tracePath'
export { strokeWidth, walkPaints, wordsPlace } from './walkPaints'
