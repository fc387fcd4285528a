export { findPlants } from './findPlants'
export { type Misfit, misfits, type SiteConditions, sunClass, words, zoneNumber } from './fit'
export { MOST_HOT_DAYS } from './heatZone'
export { type Look, lookAt, withoutShow } from './look'
export {
  type FlowerForm,
  fullHeightM,
  type Habit,
  HABITS,
  isWoody,
  type Kind,
  KINDS,
  LEAF_SIZES,
  type LeafOutline,
  type LeafSize,
  type Plant,
  type PruningGroup,
  RETENTIONS,
  type Soil,
  SOILS,
  type SoldSize,
  SUN_CLASSES,
  WATER_CLASSES,
  type WaterClass,
} from './plant'
export { columnsByHeading, type ColumnsOf } from './columnsByHeading'
export { genusOf } from './plantWords'
export { plantCells } from './plantCells'
export {
  fillShortList,
  guessShortColumns,
  isWholeList,
  SHORT_FIELDS,
  type ShortColumns,
  type ShortField,
} from './shortLists'
export { type Eater, EATERS, PLAIN_TRAITS, type ToxicGrade } from './plantTraits'
export { changedPlant, plantsCsv, plantsJson, readPlantsJson } from './plantLists'
export { PLANT_COLUMNS } from './plantRow'
export { cautionWords, isSafetyKnown } from './cautions'
export { borrowedWords, growsWords, sourceWords, sownWords, standsWords, winterWords } from './plantFacts'
export { HAZARD_WORDS, rangeWords, RETENTION_WORDS, showsWords, sizesSaid } from './plantWords'
export {
  describeRowError,
  type PlantCells,
  plantFromCells,
  plantId,
  MOST_PLANTS,
  readPlants,
  type RowError,
} from './readPlants'
export { divides, movingMonths, renovationAdvice, shootsAgain } from './renovation'
export { type PlantFilter, searchPlants } from './searchPlants'
export { halfWidthAt } from './silhouette'
export { potLitres } from './potLitres'
export { boughtSize, grownShare, sizeAt } from './size'
export { shownOf } from './shown'
export { knownNames } from './label/namesIn'
export { LABEL_FIELDS, type LabelField, type LabelRead, readLabel } from './label/readLabel'
export { type LabelForm, plantOfLabel } from './label/labelPlant'
export { coloursOfForm, FORM_COLUMNS, formOfPlant } from './label/formOfPlant'
