export {
  describeViewpoint,
  elevation,
  figureAt,
  type Elevation,
  type Figure,
  type StandingFixture,
} from './elevation'
export { circleAt, plan, type Plan, type PlanCircle } from './plan'
export { monthColours, type ColourShare } from './monthColours'
export { visibleShares, type Seen, type SeenFrom } from './seen'
export { windowCover, type WindowCover } from './windowCover'
export { aspectOf, judgedTurns, middleOfBed, outlinesOf, repeated, type Aspect } from './aspect'
export { fixturesOf, type Fixture } from './fixture'
export { targetMarks, type TargetMark } from './targetMarks'
export { blockedShare, type Aim, type Eye } from './screening'
export { portrait, VARIANTS } from './portrait/portrait'
export type { Sitter } from './portrait/sitter'
export { L, M, O, Q, Z, type Paint, type Path } from './path'
export { paintsToSvg, pathToSvg } from './pathToSvg'
