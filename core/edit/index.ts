export { describeEdit } from './describeEdit'
export { applyEdit, type Edit, type Edited } from './edit'
export { compareBeds } from './compareBeds'
