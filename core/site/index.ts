export { bedTransform, type BedTransform, windDeg, windName, windWords } from './bedPlace'
export { levelAt, terracesOf } from './levelAt'
export { EYE_M, moved, newThing, spotsOf, THING_NAMES, withSpots } from './newThing'
export { cornersOf, type PlacedOf, type PlacedThing, type ResolvedSite, resolveSite } from './resolve'
export { EMPTY_SITE } from './siteEdit'
export { applySiteEdit, describeSiteEdit, rebaseSiteEdit, type SiteEdit } from './siteEdit'
export { jarTest, percolation, ribbonSoil } from './soilTests'
export {
  distanceTo,
  doorsOf,
  holds,
  sightTriangles,
  type Surroundings,
  surroundingsOf,
  toSegment,
} from './surroundings'
export { byTapes, closing, measureTo } from './survey'
export { boundsOf, thingAt } from './thingAt'
export { type WalkedSide, walkOutline } from './walkOutline'
