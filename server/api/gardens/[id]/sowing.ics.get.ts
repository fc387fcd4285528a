import { gardenCount } from '~~/core/count'
import { writeCalendar } from '../../../services/calendar'
import { countInputOf } from '../../../services/gardenCounts'
import { sowingOf } from '../../../services/gardenPapers'
import { scenesOfGarden } from '../../../services/gardenScenes'

/** The sowing list as a calendar. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const store = await useStore()
  const stored = await scenesOfGarden(store.db, id, plantsOf(store))
  const counted = await countInputOf(store.db, id, plantsOf(store))
  if (!stored || !counted) throw notFound('garden')
  const now = today()
  const lines = sowingOf({ stored, input: counted.input }, gardenCount(counted.input), now)
  attach(event, 'text/calendar; charset=utf-8', counted.name, 'sowing.ics', 'sowing.ics')
  return writeCalendar(
    `${counted.name}: sow and raise`,
    lines.map((l) => ({
      uid: `${id}-${l.plantId}-${l.task.replace(/ /g, '-')}`,
      from: l.day,
      to: l.day,
      title: `${l.task}: ${l.pieces} ${stored.library.get(l.plantId)?.commonName ?? l.plantId}`,
      notes: l.trayNumbers.length > 0 ? `Trays ${l.trayNumbers.join(', ')}` : '',
    })),
  )
})
