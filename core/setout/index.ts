export { joinTicks, plantedByKind, type Tick, type TickKind, TICKS } from './tick'
export { mixInto, type OpenPlace, openPlaces, openRefs, type PlacedBed, plantWider } from './openPlaces'
export { type RoundedPlace, roundedPlaces, STEP_M } from './roundedPlaces'
export {
  columnName,
  type FixedPoint,
  GRID_M,
  type Method,
  METHODS,
  type SetOutAsk,
  type SetOutRow,
  setOutTable,
  type SetOutTable,
} from './setOutTable'
export { type DryRun, dryRun, type PotLine, potLines } from './dryRun'
export { type GoodSide, goodSides, leastSeen, type TrioTurn, trioTurns, viewerAt } from './turning'
export { type FirstHeight, firstHeight } from './firstHeight'
export {
  cautionOf,
  type SiteBed,
  type SiteKind,
  type SitePlant,
  siteSheetJson,
  type SiteSheet,
  type SiteExtras,
} from './siteSheet'
