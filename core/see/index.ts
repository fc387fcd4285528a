export { type Aspect, aspectOf, judgedTurns, middleOfBed, outlinesOf, repeated } from './aspect'
export { type Aim, blockedShare, type Eye } from './screening'
export { type Seen, type SeenFrom, visibleShares } from './seen'
export { windowCover, type WindowCover } from './windowCover'
