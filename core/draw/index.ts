export {
  describeViewpoint,
  elevation,
  type Elevation,
  type Figure,
  figureAt,
  type StandingFixture,
} from './elevation'
export { elevationBackPaints, elevationMarkPaints, rulerPaints, sillPaints, targetPaints } from './elevationPaints'
export { inTurn } from './inTurn'
export { figurePaints, footShadow, plantingPaints, QUIET_ALPHA } from './figurePaints'
export { type Fixture, fixturesOf } from './fixture'
export { fixtureAbovePaints, fixturePaints } from './fixturePaints'
export { groundPaints, type Window } from './groundPaints'
export { type Palette, PRINT_PALETTE } from './palette'
export {
  type Badge,
  type Clipped,
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
export { boundsOfPath, circlePath, ellipsePath, linePath, movedPath, rectPath, roundedPath } from './paths'
export { bedsOnSitePaints } from './bedsOnSitePaints'
export { clientPaints, type ClientMark } from './clientPaints'
export { herePaints, type ChosenElsewhere } from './herePaints'
export { notePaints } from './notePaints'
export { orderPaints } from './orderPaints'
export { type FeatureAt, featuresAt } from './featureAt'
export { featureAbovePaints, featureMarkPaints, featureUnder } from './featurePaints'
export { circleAt, plan, type Plan, type PlanCircle } from './plan'
export { circlePaints, planGroundPaints, planMarkPaints, shapePaints } from './planPaints'
export { portrait, VARIANTS } from './portrait/portrait'
export { type Sitter } from './portrait/sitter'
export { badgeSheet, onSheet, type Sheet } from './sheet'
export {
  ghostPaints,
  handlePaints,
  northPaints,
  pointPaints,
  scaleBarPaints,
  sketchPaints,
  tapePaints,
} from './siteMarkPaints'
export {
  type BedOnSite,
  bedOnSitePaints,
  shadowPaints,
  siteGroundPaints,
  siteThingPaints,
  thingPaints,
} from './sitePaints'
export { type TargetMark, targetMarks } from './targetMarks'
export { wallPaints } from './wallPaints'
export { type Bounds, paintBounds } from './paintBounds'
export { type PathPen, tracePath } from './tracePath'
export { type PaintPen, strokeWidth, walkPaints, wordsPlace } from './walkPaints'
