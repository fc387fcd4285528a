export { type Raise, raises } from './raises'
export { type Tried, type TriedMend, tryMends } from './tryMends'
