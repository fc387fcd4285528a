export { type Raise, raises, raisesOf } from './raises'
export { triesOf, type Tried, type TriedMend, tryMends } from './tryMends'
export { type PlaceAsk, type Suggestion, suggestions, suggestionsOf } from './suggest'
export { placeBeside } from './lanePlaces'
