import { findSupply, saveSupply } from '../../../db/queries/supplies'
import { saveSupplySchema } from '~~/shared/wire'
import { findGarden } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { revision, supply, saves } = await readChecked(event, saveSupplySchema)
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  const saved = await db.transaction((tx) => saveSupply(tx, id, revision, supply, saves))
  if (saved) return saved
  throw refuse(409, 'The count of this garden was changed elsewhere since it was opened.', {
    stored: await findSupply(db, id),
  })
})
