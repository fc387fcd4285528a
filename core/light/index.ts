export { solarNoon, sunPosition, sunSteps, type SunPosition, type SunStep } from './sun'
export {
  obstacleOf,
  obstaclesOf,
  type Corner,
  type CrownObstacle,
  type FaceObstacle,
  type Obstacle,
} from './obstacle'
export { shadowOutlines, slantOf, type Slant } from './shadow'
export {
  changedLight,
  finish,
  lightHours,
  sunAt,
  type ChangedLight,
  type GridWindow,
  type LightGrid,
  type LightHours,
  type LightInput,
  type MonthLight,
} from './lightHours'
export { placeLight, type PlaceLight } from './season'
export { bedLight, bedLightHours, type BedLight, type BedLightInput } from './bedLight'
export { levelsOf, siteGrid } from './siteGrid'
