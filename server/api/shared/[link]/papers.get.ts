import { PAPER_SIZES } from '~~/core/papers'
import { rowsOfGarden } from '../../../services/gardenRows'

/** Plans and elevations behind a link that shows them, as one PDF. */
export default defineEventHandler(async (event) => {
  const { gardenId, papers } = await openShare(event)
  if (!papers) throw notFound('paper')
  const store = await useStore()
  const rows = (await rowsOfGarden(store.db, gardenId, plantsOf(store)))!
  const { name } = rows.garden.value
  const head = { garden: name, author: '', revision: '', date: today() }
  const made = await papersMade(event, {
    rows,
    ask: {
      ...{ sheets: ['cover', 'plan', 'elevation'], paper: PAPER_SIZES[1]!, ratio: 0, plain: false, head },
      ...{ bedId: '', orderId: '', method: 'baseline', path: 'right' },
    },
    info: { title: name, author: '' },
  })
  if (!made) throw notFound('paper')
  attach(event, 'application/pdf', name, 'plans.pdf', 'plans.pdf')
  return made.file
})
