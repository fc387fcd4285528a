export { bedCosts, type BedCosts } from './bedCosts'
export { gardenKeys, keyLetters, keysOfKinds, kindsOf } from './keyLetters'
export { schedule, type Schedule, type ScheduleLine } from './schedule'
export { LIFT_ALONE_KG, type MaterialLine, materials } from './materials'
export { countRows, type FileRows, rowsCsv } from './fileRows'
export {
  type CountedBed,
  type CountInput,
  type CountLine,
  type CountScope,
  gardenCount,
  type GardenCount,
  type LaneCount,
  LINE_STATES,
  type LineState,
} from './gardenCount'
export { phaseOf } from './phaseOf'
export {
  inPacks,
  SIZE_CLASSES,
  type SizeClass,
  sizeFigures,
  type SizeFigures,
  SPARES,
  sparesFor,
} from './sizeClass'
export {
  type CarePlan,
  type CareTick,
  EMPTY_SUPPLY,
  type Have,
  type MaterialChoice,
  type MoneyRules,
  NURSERY_ID,
  plainLine,
  plantedYear,
  type Reserved,
  SIMULATED_NURSERY,
  type Supplier,
  type Supply,
  type SupplyLine,
  type Way,
  WAYS,
  withLine,
  type WorksPlan,
} from './supply'
export {
  NOTHING_ORDERED,
  type Order,
  ORDER_STATES,
  orderedByKind,
  type Ordered,
  type OrderLine,
  type OrderState,
  shortOf,
} from './order'
export { type Tray, TRAY_STEPS, type TrayStep } from './tray'
export { gardenMaterials } from './gardenMaterials'
export { MATERIAL_GROUPS, type MaterialGroup, type MaterialNeed } from './materialNeed'
export { COST_KINDS, type CostKind, moneyPlan, type MoneyPlan, type YearCosts } from './moneyPlan'
export { type Nursery, simulatedNursery } from './nursery'
export { daysLeftToSow, type Frosts, raisingPlan, type RaisingPlan, seedsFor, TRAY_CELLS } from './raising'
export { sowingList, type SowingLine, type SowingTask, traysFor } from './sowingList'
export {
  guessColumns,
  type Offer,
  plainName,
  plainSize,
  PRICE_FIELDS,
  type PriceColumns,
  type PriceField,
  type PriceListRead,
  readPriceList,
} from './priceList'
export { orderRows } from './orderRows'
export { type DripNeed, dripNeeds } from './dripNeeds'
export {
  NO_WATER_PLAN,
  type Tap,
  type TimerProgramme,
  type TimerZone,
  type WaterPlan,
  type ZoneMonth,
} from './waterPlan'
