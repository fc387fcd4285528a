import { hereSchema } from '~~/shared/live'
import { findGarden } from '../../../db/queries/gardens'

/** A window says where in a garden it is, or that it is left. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { open, ...said } = await readChecked(event, hereSchema)
  if (!(await findGarden((await useStore()).db, id))) throw notFound('garden')
  const { account } = whoOf(event)
  const hub = await useHub()
  if (open) hub.say(id, { ...said, name: account?.name ?? '', accountId: account?.id ?? '' })
  else hub.left(id, said.tab)
  return { told: true }
})
