export * from './site'
export { byOffset, byTapes, closing, measureTo, resolvePoints, spotAt, type Closing } from './survey'
export { cornersOf, resolveSite, type PlacedOf, type PlacedThing, type ResolvedSite } from './resolve'
export { bedTransform, windName, type BedTransform } from './bedPlace'
