export { type Aspect, aspectOf, judgedTurns, middleOfBed, outlinesOf, repeated } from './aspect'
export { type Aim, blockedShare, type Eye } from './screening'
export { visibleShares } from './seen'
export { windowCover } from './windowCover'
