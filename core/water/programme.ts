import type { TimerProgramme } from '../model'
import { type Zone, zoneYear } from './zones'

/** The programme that a garden's zones ask for in a year from planting, as it is handed to the timer on a day. */
export function programmeOf(
  zones: readonly Zone[],
  year: number,
  emitterLH: number,
  set: Pick<TimerProgramme, 'since' | 'startsAt' | 'skipMm'>,
): TimerProgramme {
  return {
    ...set,
    zones: zones.map((z) => ({
      id: z.id,
      name: z.name,
      litresAnHour: z.flowLH,
      months: zoneYear(z, year, emitterLH).map(({ minutes, days, cycles }) => ({ minutes, days, cycles })),
    })),
  }
}
