export { followSite, layGarden, placeOfBed, seenFrom, type GardenScene, type LaidBed } from './layGarden'
export { neighboursOf } from './neighbours'
export { sideOf, wallOf, type WallSide } from './sideOf'
export { sidesNear, type SideChoice } from './sidesNear'
