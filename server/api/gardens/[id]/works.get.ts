import { z } from 'zod'
import { gardenCount, rowsCsv } from '~~/core/count'
import { worksRows } from '~~/core/works'
import { writeCalendar } from '../../../services/calendar'
import { countInputOf } from '../../../services/gardenCounts'
import { worksOf } from '../../../services/gardenPapers'
import { scenesOfGarden } from '../../../services/gardenScenes'

const askSchema = z.object({ as: z.enum(['ics', 'csv']).default('csv') })

/** The order of works as a calendar or as rows. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success) throw refuse(400, 'Ask for as=ics or csv.')
  const store = await useStore()
  const stored = await scenesOfGarden(store.db, id, plantsOf(store))
  const counted = await countInputOf(store.db, id, plantsOf(store))
  if (!stored || !counted) throw notFound('garden')
  const tasks = worksOf({ stored, input: counted.input }, gardenCount(counted.input), today())
  if (ask.data.as === 'csv') {
    attach(event, 'text/csv; charset=utf-8', counted.name, 'order of works.csv', 'order-of-works.csv')
    return rowsCsv(worksRows(tasks))
  }
  attach(event, 'text/calendar; charset=utf-8', counted.name, 'order of works.ics', 'order-of-works.ics')
  const { lines } = counted.input.supply
  const again = lines.flatMap(({ plantId, reserved }) =>
    reserved?.askAgain
      ? [
          {
            uid: `${id}-ask-${plantId}`,
            from: reserved.askAgain,
            to: reserved.askAgain,
            title: `Ask again for ${stored.library.get(plantId)?.botanicalName ?? plantId}`,
            notes: 'Its places are kept open.',
          },
        ]
      : [],
  )
  return writeCalendar(`${counted.name}: order of works`, [
    ...tasks.map((t) => ({
      uid: `${id}-${t.id.replace(/[^A-Za-z0-9]/g, '-')}`,
      from: t.start,
      to: t.end,
      title: t.name,
      notes: [`${t.hours.toFixed(1)} h, ${t.people} at once`, t.basis, ...t.tools, ...t.cautions].join('\n'),
    })),
    ...again,
  ])
})
