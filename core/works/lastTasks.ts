import type { Bed } from '../model'
import { areaOf } from './groundTasks'
import type { RateOf } from './rates'
import { task, type Task } from './task'

const sum = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)

/** What comes after planting: drip, watering in, mulch of `mulchM` metres, and gravel last, so that no soil falls on it. */
export function lastTasks(mulchM: number, bedId: string, bed: Bed, rate: RateOf, done: readonly string[]): Task[] {
  const area = areaOf(bed)
  if (area === 0) return []
  const planted = done.slice(-1)
  const gravel = bed.features.filter((f) => f.kind === 'gravel')
  const volume = sum(gravel, (f) => f.lengthM * f.widthM * f.heightM)
  const drip = bed.ground.irrigation === 'drip'
  const list: Task[] = []
  if (drip)
    list.push(
      task('drip', bedId, {
        name: `${bed.name}: drip rings and lines`,
        basis: `${(area / 0.45).toFixed(0)}\u202fm at ${rate('m of drip line')} min`,
        hours: ((area / 0.45) * rate('m of drip line')) / 60,
        tools: ['pipe cutter', 'pegs'],
        after: planted,
      }),
    )
  list.push(
    task('water in', bedId, {
      name: `${bed.name}: water in`,
      basis: `${area.toFixed(1)}\u202fm² at ${rate('m² watered in')} min`,
      hours: (area * rate('m² watered in')) / 60,
      tools: ['hose or cans'],
      after: drip ? [`drip:${bedId}`] : planted,
    }),
    task('mulch', bedId, {
      name: `${bed.name}: mulch ${(mulchM * 100).toFixed(0)}\u202fcm, off the stems`,
      basis: `${(area * mulchM).toFixed(2)}\u202fm³ at ${rate('m³ of mulch spread')} min`,
      hours: (area * mulchM * rate('m³ of mulch spread')) / 60,
      tools: ['barrow', 'forks'],
      after: [`water in:${bedId}`],
    }),
  )
  if (volume > 0)
    list.push(
      task('gravel', bedId, {
        name: `${bed.name}: gravel last`,
        basis: `${volume.toFixed(2)}\u202fm³ at ${rate('m³ of gravel spread')} min`,
        hours: (volume * rate('m³ of gravel spread')) / 60,
        tools: ['barrow', 'rake', 'tamper'],
        after: [`mulch:${bedId}`],
      }),
    )
  return list
}
