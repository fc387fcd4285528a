export { type Raise, raises, raisesOf } from './raises'
export { triesOf, type Tried, tryMends } from './tryMends'
export { type PlaceAsk, type Suggestion, suggestionsOf } from './suggest'
export { placeBeside } from './lanePlaces'
