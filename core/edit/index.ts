export { describeEdit } from './describeEdit'
export { applyEdit } from './edit'
export { editSchema, type Edit } from './editSchema'
export { compareBeds } from './compareBeds'
export {
  deepened,
  stretched,
  toKind,
  toLanes,
  withoutStation,
  withRoundStationAt,
  withStationAdded,
  withStationAt,
} from './shapeEdits'
export {
  alignDrifts,
  copyInto,
  copyMirrored,
  distributeDrifts,
  holdOrder,
  joinDrifts,
  letOrderGo,
  moveDrifts,
  removeDrifts,
  splitDrift,
  swapOnePlant,
  withMix,
} from './manyDrifts'
export { knotOf } from './knot'
export { swapKind } from './swapKind'
export { type OrderPlace, orderPlaces } from './orderPlaces'
export { replaceKind } from './replaceKind'
export { mergeBeds, rebaseEdit } from './mergeBeds'
export { bedMeetingWords } from './bedMeetingWords'
