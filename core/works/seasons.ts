import type { Frosts } from '../count'
import type { Plant } from '../plant'
import { addDays } from '../time'
import type { Season, Stage } from './task'

const monthDay = (day: string) => day.slice(5)
const shifted = (at: string, days: number) => monthDay(addDays(`2001-${at}`, days))
export const springSeason = ({ lastFrost }: Frosts, why: string): Season => ({
  from: shifted(lastFrost, -42),
  to: shifted(lastFrost, 28),
  why,
})
export const autumnSeason = ({ firstFrost }: Frosts, why: string): Season => ({
  from: shifted(firstFrost, -42),
  to: shifted(firstFrost, 21),
  why,
})

/** When the kinds of a stage are planted: bulbs by when they flower, tender ones after the last frost, others in spring or autumn. */
export function seasonsFor(plants: readonly Plant[], stage: Stage, frosts: Frosts): Season[] {
  const spring = springSeason(frosts, 'spring planting')
  const autumn = autumnSeason(frosts, 'autumn planting')
  if (stage === 'bulbs') {
    const summer = plants.every((p) => (p.flowerMonths[0] ?? 4) >= 7)
    return [
      summer
        ? { ...spring, why: 'bulbs that flower in summer go in in spring' }
        : { ...autumn, to: shifted(frosts.firstFrost, 35), why: 'spring bulbs go in in autumn' },
    ]
  }
  const tender = plants.filter((p) => p.lifeCycle === 'tender' || p.lifeCycle === 'annual')
  if (tender.length > plants.length / 2)
    return [
      {
        from: shifted(frosts.lastFrost, 7),
        to: shifted(frosts.lastFrost, 60),
        why: 'tender plants wait for the last frost',
      },
    ]
  if (plants.every((p) => p.retention === 'evergreen'))
    return [
      { ...spring, why: 'evergreens in spring' },
      { ...autumn, to: shifted(frosts.firstFrost, -10), why: 'evergreens in early autumn' },
    ]
  return [{ ...spring, to: shifted(frosts.lastFrost, 45) }, autumn]
}
