export { blends, pairContrast } from './contrast'
export { pairScore, type PartnerAsk, partners, type Partnership, sharedNeeds } from './partners'
export { type StandInLimits, standIns } from './standIn'
export { type Direction, DIRECTIONS, type Swap, swaps } from './swap'
