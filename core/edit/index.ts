export { describeEdit } from './describeEdit'
export { applyEdit, type Edit, type Edited } from './edit'
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
