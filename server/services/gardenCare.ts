import type { Supply } from '../../core/model'
import { careYear, type CareTask } from '../../core/care'
import { plantedYear } from '../../core/count'
import { zoneNumber } from '../../core/plant'
import { caredBed } from '../../core/scene'
import { yearOfDay, type Day } from '../../core/time'
import type { StoredScenes } from './gardenScenes'

/** The care of a stored garden whose windows meet a stretch of days; done and skipped tasks among it. */
export function careOf(stored: StoredScenes, supply: Supply, from: Day, to: Day): CareTask[] {
  const beds = stored.scenes.map((s) => caredBed(s.id, s.scene))
  const zone = zoneNumber(stored.garden.value.place.hardinessZone) ?? 6
  const planted = plantedYear(supply, from)
  const first = yearOfDay(from) - 1
  const years = Array.from({ length: yearOfDay(to) - first + 1 }, (_, i) => first + i)
  return years
    .flatMap((year) => careYear({ beds, climate: stored.climate, zone, year, age: year - planted }))
    .filter((t) => t.closes >= from && t.opens <= to)
}
