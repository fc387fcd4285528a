export { findPlants } from './findPlants'
export { type Misfit, misfits, type SiteConditions, sunClass, words, zoneNumber } from './fit'
export { heatZoneOf } from './heatZone'
export { type Look, lookAt, withoutShow } from './look'
export {
  type Browsing,
  BROWSING,
  FLOWER_FORMS,
  type FlowerForm,
  fullHeightM,
  type Habit,
  HABITS,
  type Hazard,
  HAZARDS,
  isWoody,
  type Kind,
  KINDS,
  LEAF_OUTLINES,
  LEAF_SIZES,
  LEAF_SURFACES,
  type LeafOutline,
  type LeafSize,
  type LeafSurface,
  LIFE_CYCLES,
  type LifeCycle,
  type Plant,
  PRUNING_GROUPS,
  type PruningGroup,
  type Retention,
  RETENTIONS,
  type Soil,
  SOILS,
  type SoldSize,
  SPACING_HABITS,
  type SpacingHabit,
  SUN_CLASSES,
  type SunClass,
  type Travels,
  TRAVELS,
  WATER_CLASSES,
  type WaterClass,
} from './plant'
export { columnsByHeading, type ColumnsOf } from './columnsByHeading'
export { genusOf } from './genusOf'
export { plantCells } from './plantCells'
export {
  fillShortList,
  type FilledList,
  guessShortColumns,
  isWholeList,
  SHORT_FIELDS,
  type ShortColumns,
  type ShortField,
} from './shortLists'
export { EATERS, type Eater, PLAIN_TRAITS, type PlantTraits, type ToxicGrade } from './plantTraits'
export { changedPlant, plantsCsv, plantsJson, readPlantsJson } from './plantLists'
export { PLANT_COLUMNS } from './plantRow'
export { cautionWords, toxicWords } from './cautions'
export { growsWords, sourceWords, sownWords, standsWords, winterWords } from './plantFacts'
export { HAZARD_WORDS, rangeWords, RETENTION_WORDS, showsWords } from './plantWords'
export {
  describeRowError,
  type PlantCells,
  plantFromCells,
  plantId,
  type PlantsRead,
  MOST_PLANTS,
  readPlants,
  type RowError,
} from './readPlants'
export { divides, movingMonths, renovationAdvice, shootsAgain } from './renovation'
export { type PlantFilter, searchPlants } from './searchPlants'
export { halfWidthAt } from './silhouette'
export { boughtSize, grownShare, sizeAt, type SizeM } from './size'
export { type ColourPart, type Shown, shownOf } from './shown'
