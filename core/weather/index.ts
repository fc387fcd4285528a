export { type DayWeather, hindranceOn, simulatedWeather, type WeatherPlace } from './simulatedWeather'
export { grassWater, skyRadiation } from './evaporation'
export {
  climateFromDays,
  type ClimateTable,
  dayGrassWater,
  dayOfYear,
  daysOfMonth,
  monthGrassWater,
  placeClimate,
  rainThatCounts,
} from './placeClimate'
