export {
  describeViewpoint,
  elevation,
  type Elevation,
  type Figure,
  figureAt,
  type StandingFixture,
} from './elevation'
export { type Fixture, fixturesOf } from './fixture'
export { L, M, O, type Paint, type Path, Q, Z } from './path'
export { paintsToSvg, pathToSvg } from './pathToSvg'
export { circleAt, plan, type Plan, type PlanCircle } from './plan'
export { portrait, VARIANTS } from './portrait/portrait'
export { type Sitter } from './portrait/sitter'
export { type TargetMark, targetMarks } from './targetMarks'
