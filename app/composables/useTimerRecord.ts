import { timerRecord } from '~~/core/water'
import { simulatedWeather, placeClimate } from '~~/core/weather'
import type { Day } from '~~/core/time'

/** What the simulated timer did between two days, by the programmes it was given and the made-up weather. */
export function useTimerRecord() {
  const bed = useBedStore()
  const supply = useSupplyStore()
  const record = (from: Day, to: Day) => {
    const { place } = bed.garden!.value
    const { programmes, months } = supply.supply.water
    return timerRecord(programmes, from, to, {
      weather: simulatedWeather(place, bed.garden!.id),
      table: months ?? placeClimate(place),
      latitude: place.latitude,
    })
  }
  return { record }
}
