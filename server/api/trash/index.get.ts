import { listTrash } from '../../db/queries/trash'

/** What was removed in the last thirty days and can be brought back, of the gardens that may be seen. */
export default defineEventHandler(async (event) => {
  const who = whoOf(event)
  const items = await listTrash((await useStore()).db)
  return items.filter((i) => (i.kind === 'plant' ? isDesigner(who) : mayIn(who, i.gardenId, 'designer')))
})
