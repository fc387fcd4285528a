export {
  type DayWeather,
  type Hindrance,
  hindranceOn,
  simulatedWeather,
  type WeatherPlace,
} from './simulatedWeather'
