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
export { inPacks, SIZE_CLASSES, sizeFigures } from './sizeClass'
export {
  type CareTick,
  EMPTY_SUPPLY,
  type Have,
  type MaterialChoice,
  type MoneyRules,
  plantedYear,
  type Supplier,
  type Supply,
  type SupplyLine,
  type Way,
  WAYS,
  withLine,
  type WorksPlan,
} from './supply'
export { type Order, ORDER_STATES, type OrderLine, shortOf } from './order'
export { type Tray, TRAY_STEPS, type TrayStep } from './tray'
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
export {
  NO_WATER_PLAN,
  type Tap,
  type TimerProgramme,
  type TimerZone,
  type WaterPlan,
  type ZoneMonth,
} from './waterPlan'
