export { bedTransform, type BedTransform, windDeg, windName, windWords } from './bedPlace'
export { levelAt, terracesOf } from './levelAt'
export { EYE_M, moved, newThing, spotsOf, THING_NAMES, withSpots } from './newThing'
export { cornersOf, type PlacedOf, type PlacedThing, type ResolvedSite, resolveSite } from './resolve'
export {
  type BaseDrawing,
  type Against,
  type BedPlace,
  type Building,
  type Cover,
  COVERS,
  EMPTY_SITE,
  type Feature,
  FEATURES,
  type Fence,
  type Material,
  MATERIALS,
  type Measure,
  type Roof,
  type Service,
  SERVICES,
  type Side,
  type Site,
  type SiteOpening,
  type SiteViewpoint,
  type Spot,
  type Surface,
  type SurveyPoint,
  type Target,
  type Terrace,
  type Thing,
  type ThingKind,
  type Tree,
  VIEWERS,
} from './site'
export { applySiteEdit, describeSiteEdit, rebaseSiteEdit, type SiteEdit } from './siteEdit'
export { jarTest, type JarTest, percolation, type Percolation, ribbonSoil } from './soilTests'
export {
  distanceTo,
  doorsOf,
  holds,
  sightTriangles,
  type Surroundings,
  surroundingsOf,
  toSegment,
} from './surroundings'
export { byOffset, byTapes, closing, type Closing, measureTo, resolvePoints, spotAt } from './survey'
export { boundsOf, thingAt } from './thingAt'
export { type WalkedSide, walkOutline } from './walkOutline'
