import { addDays } from '~~/core/time'
import { findSupply } from '../../../db/queries/supplies'
import { writeCalendar } from '../../../services/calendar'
import { careOf } from '../../../services/gardenCare'
import { scenesOfGarden } from '../../../services/gardenScenes'

const AHEAD_DAYS = 365

/** The garden's care as a calendar to subscribe to: a year from today, without what was done or skipped. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const store = await useStore()
  const stored = await scenesOfGarden(store.db, id, plantsOf(store))
  if (!stored) throw notFound('garden')
  const supply = (await findSupply(store.db, id)).value
  const { ticks } = supply.care
  const now = today()
  const tasks = careOf(stored, supply, now, addDays(now, AHEAD_DAYS))
  const open = tasks.filter((t) => !ticks[t.id] || ticks[t.id]!.what === 'moved')
  const { name } = stored.garden.value
  attach(event, 'text/calendar; charset=utf-8', name, 'care.ics', 'care.ics')
  return writeCalendar(
    `${name}: care`,
    open.map((t) => {
      const day = ticks[t.id]?.day ?? t.best
      return {
        uid: `${id}-${t.id.replace(/[^A-Za-z0-9]/g, '-')}`,
        from: day,
        to: day,
        title: `${t.title} (${t.bedName})`,
        notes: [`From ${t.opens} to ${t.closes}, ${t.minutes} min`, t.why, ...t.tools, ...t.cautions].join('\n'),
      }
    }),
  )
})
