import { logCsv } from '~~/core/log'
import { listBedsOf } from '../../../db/queries/beds'
import { findGarden } from '../../../db/queries/gardens'
import { listLog } from '../../../db/queries/logEntries'

/** The log as a table. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const store = await useStore()
  const garden = await findGarden(store.db, id)
  if (!garden) throw notFound('garden')
  const names = new Map((await listBedsOf(store.db, id)).map((b) => [b.id, b.value.name]))
  const library = await plantsOf(store)(id)
  attach(event, 'text/csv; charset=utf-8', garden.value.name, 'log.csv', 'log.csv')
  return logCsv(await listLog(store.db, id), {
    library,
    bedName: (bed) => names.get(bed) ?? '',
    fileOf: (photo) => `photos/${photo}.jpg`,
  })
})
