export { applyEdit, type Edit, type Edited } from './edit'
export { describeEdit } from './describeEdit'
