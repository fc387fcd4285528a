export { bedTransform, type BedTransform, windDeg, windName, windWords } from './bedPlace'
export { levelAt, terracesOf } from './levelAt'
export { EYE_M, moved, newThing, spotsOf, THING_NAMES, withSpots } from './newThing'
export { cornersOf, type PlacedOf, type PlacedThing, type ResolvedSite, resolveSite } from './resolve'
export {
  type Against,
  type BedPlace,
  type Building,
  COVERS,
  EMPTY_SITE,
  FEATURES,
  type Fence,
  MATERIALS,
  type Measure,
  type Roof,
  SERVICES,
  type Site,
  type SiteViewpoint,
  type Spot,
  type SurveyPoint,
  type Terrace,
  type Thing,
  type ThingKind,
  type Tree,
  VIEWERS,
} from './site'
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
