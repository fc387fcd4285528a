export {
  type DayWeather,
  type Hindrance,
  hindranceOn,
  meanWeather,
  simulatedWeather,
  type WeatherPlace,
} from './simulatedWeather'
export { grassWater, skyRadiation } from './evaporation'
export {
  climateFromDays,
  type ClimateTable,
  dayGrassWater,
  dayOfYear,
  daysOfMonth,
  type MonthClimate,
  monthGrassWater,
  placeClimate,
  rainThatCounts,
} from './placeClimate'
