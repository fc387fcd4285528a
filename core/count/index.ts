export { bedCosts } from './bedCosts'
export { gardenKeys, keyLetters, keysOfKinds, kindsOf } from './keyLetters'
export { schedule } from './schedule'
export { LIFT_ALONE_KG } from './materials'
export { countRows, type FileRows, rowsCsv } from './fileRows'
export {
  type CountedBed,
  type CountInput,
  type CountLine,
  type CountScope,
  gardenCount,
  type GardenCount,
} from './gardenCount'
export { inPacks, sizeFigures } from './sizeClass'
export { EMPTY_SUPPLY, plantedYear, withLine } from './supply'
export { shortOf } from './order'

export { gardenMaterials } from './gardenMaterials'
export { MATERIAL_GROUPS, type MaterialNeed } from './materialNeed'
export { COST_KINDS, type CostKind, moneyPlan, type MoneyPlan } from './moneyPlan'
export { simulatedNursery } from './nursery'
export { daysLeftToSow, type Frosts, raisingPlan, type RaisingPlan } from './raising'
export { sowingList, type SowingLine, traysFor } from './sowingList'
export {
  guessColumns,
  plainSize,
  PRICE_FIELDS,
  type PriceColumns,
  type PriceField,
  type PriceListRead,
  readPriceList,
} from './priceList'
export { orderRows } from './orderRows'
export { type DripNeed } from './dripNeeds'
