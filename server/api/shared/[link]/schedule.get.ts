import { countRows, gardenCount, rowsCsv } from '~~/core/count'
import { countInputOf } from '../../../services/gardenCounts'

/** What a client reads of the schedule: letter, names, how many. */
const COLUMNS = [0, 1, 2, 3]

/** The plant schedule behind a link that shows it, without what things cost. */
export default defineEventHandler(async (event) => {
  const { gardenId, schedule } = await openShare(event)
  if (!schedule) throw notFound('schedule')
  const store = await useStore()
  const counted = (await countInputOf(store.db, gardenId, plantsOf(store)))!
  const { headings, rows } = countRows(gardenCount(counted.input))
  const some = <T>(row: readonly T[]) => COLUMNS.map((c) => row[c]!)
  attach(event, 'text/csv; charset=utf-8', counted.name, 'plants.csv', 'plants.csv')
  return rowsCsv({ headings: some(headings), rows: rows.slice(0, -1).map(some), money: [] })
})
