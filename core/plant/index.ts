export * from './plant'
export {
  describeRowError,
  plantFromCells,
  plantId,
  readPlants,
  type PlantCells,
  type PlantsRead,
  type RowError,
} from './readPlants'
export { PLANT_COLUMNS } from './plantRow'
export { lookAt, withoutShow, type Look } from './look'
export { grownShare, sizeAt, type SizeM } from './size'
export { halfWidthAt } from './silhouette'
export { divides, movingMonths, renovationAdvice, shootsAgain } from './renovation'
export { misfits, sunClass, words, zoneNumber, type Misfit, type SiteConditions } from './fit'
export { changedPlant, plantsCsv, plantsJson, readPlantsJson } from './plantLists'
export { cautionWords, HAZARD_WORDS, rangeWords, RETENTION_WORDS } from './plantWords'
export { plantCells } from './plantCells'
export { findPlants } from './findPlants'
export { searchPlants, type PlantFilter } from './searchPlants'
