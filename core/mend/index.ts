export { type Raise, raises, raisesOf } from './raises'
export { triesOf, type Tried, type TriedMend, tryMends } from './tryMends'
