export { bedLight, type BedLight, bedLightHours, type BedLightInput } from './bedLight'
export {
  changedLight,
  type ChangedLight,
  type GridWindow,
  type LightGrid,
  lightHours,
  type LightHours,
  type LightInput,
  type MonthLight,
  sunAt,
} from './lightHours'
export {
  type Corner,
  type CrownObstacle,
  type FaceObstacle,
  type Obstacle,
  obstacleOf,
  obstaclesOf,
} from './obstacle'
export { placeLight, type PlaceLight } from './season'
export { shadowOutlines, type Slant, slantOf } from './shadow'
export { levelsOf, siteGrid } from './siteGrid'
export { solarNoon, sunPosition, type SunPosition, type SunStep, sunSteps } from './sun'
export { sunWay, throughCrowns, type Crown, type SunWay } from './crownShade'
