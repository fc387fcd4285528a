import { PAPER_SIZES } from '~~/core/papers'
import type { PapersAsk } from '../../../services/gardenPapers'
import { rowsOfGarden } from '../../../services/gardenRows'

/** Plans and elevations behind a link that shows them, as one PDF. */
export default defineEventHandler(async (event) => {
  const { gardenId, papers } = await openShare(event)
  if (!papers) throw notFound('paper')
  const store = await useStore()
  const rows = (await rowsOfGarden(store.db, gardenId, plantsOf(store)))!
  const { name } = rows.garden.value
  const head = { garden: name, author: '', revision: '', date: today() }
  const ask: PapersAsk = {
    ...{ sheets: ['cover', 'plan', 'elevation'], paper: PAPER_SIZES[1]!, ratio: 0, plain: false, head },
    ...{ bedId: '', orderId: '', method: 'baseline', path: 'right' },
  }
  const job = { rows, ask, info: { title: name, author: '' } }
  await sendPapers(event, job, () => attach(event, 'application/pdf', name, 'plans.pdf', 'plans.pdf'))
})
