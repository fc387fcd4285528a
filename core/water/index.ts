export { livesWith, PLANT_FACTORS, plantNeedL, wantMm, wantOf, type WaterContext } from './plantNeed'
export { daysBetweenRuns, soaked, SOIL_WATER, type SoilWater } from './soilWater'
export { longestRowM, lostBar, tapFlowLH, usableLH, USUAL_TAP } from './pipes'
export { type DripBed, type DripChoice, type DripFigures, type DripRow, type DripSpot, layDrip } from './layDrip'
export { dripOfScene, needL, type WaterBed, waterBed } from './waterBed'
export { type Zone, type ZoneRun, zonesOf, zoneYear } from './zones'
export {
  byHand,
  type ByHand,
  CAN_L,
  dripNeed,
  needByKind,
  type WaterGarden,
  waterGarden,
  waterGardenFigures,
  type WaterInput,
} from './waterGarden'
export { missedPlants, WATER_FAULTS, type WaterFault, waterFaults } from './waterFaults'
export { runDays, type TimerRun, timerRecord, type TimerWeather } from './timer'
export { dripPaints, WATER_INKS } from './dripPaints'
export { programmeOf } from './programme'
export { tapDistances } from './fromTap'
export { dripLines } from './dripLines'
