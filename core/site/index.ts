export * from './site'
export { byOffset, byTapes, closing, measureTo, resolvePoints, spotAt, type Closing } from './survey'
export { cornersOf, resolveSite, type PlacedOf, type PlacedThing, type ResolvedSite } from './resolve'
export { bedTransform, windName, type BedTransform } from './bedPlace'
export {
  distanceTo,
  doorsOf,
  holds,
  sightTriangles,
  surroundingsOf,
  toSegment,
  type Surroundings,
} from './surroundings'
export { applySiteEdit, describeSiteEdit, type SiteEdit } from './siteEdit'
export { EYE_M, moved, newThing, spotsOf, THING_NAMES, withSpots } from './newThing'
export { boundsOf, thingAt } from './thingAt'
export { walkOutline, type WalkedSide } from './walkOutline'
export { jarTest, percolation, ribbonSoil, type JarTest, type Percolation } from './soilTests'
export { levelAt, terracesOf } from './levelAt'
