import { idSchema } from '~~/core/model'
import { findGarden } from '../../../db/queries/gardens'

const BEAT_MS = 25_000
/** Open streams that one server keeps. */
const MOST = 500

/** A stream of who is in a garden and what is changed there, as server-sent events, for as long as the asker may look. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  const hub = await useHub()
  if (hub.size >= MOST) throw refuse(503, 'Too many windows are open on this server. Changes come with a reload.')
  const stream = createEventStream(event)
  const tab = idSchema.safeParse(getQuery(event).tab).data
  const leave = hub.listen(id, (told) => void stream.push(JSON.stringify(told)), tab)
  const beat = setInterval(() => void check(), BEAT_MS)
  // A session that ended, or a role that was taken away, ends the stream with it.
  const check = async () => {
    const who = await signedIn(event).catch(() => null)
    if (who && mayIn(who, id, 'viewer')) await stream.push({ event: 'beat', data: '' })
    else await stream.close()
  }
  stream.onClosed(async () => {
    clearInterval(beat)
    leave()
    await stream.close()
  })
  return stream.send()
})
