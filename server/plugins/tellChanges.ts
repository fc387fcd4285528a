import type { H3Event } from 'h3'
import { TAB_HEADER } from '~~/shared/windowHeader'
import { changedBy, type ChangeMade } from '../live/changedBy'
import { gardenOf } from '../db/queries/gardens'

/** Tells every window of a garden what was changed in it, once the change is answered. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('afterResponse', (event) => {
    const made = changedBy(event.method, event.path.split('?')[0]!)
    if (!made || event.context.changesNothing || getResponseStatus(event) >= 300) return
    void tell(event, made).catch((error: unknown) => console.error('A change could not be told:', error))
  })
})

async function tell(event: H3Event, { of, id, what }: ChangeMade) {
  const name = whoOf(event)?.account?.name ?? ''
  const tab = getRequestHeader(event, TAB_HEADER) ?? ''
  const hub = await useHub()
  const changed = { what, id, tab, name }
  if (of === 'store') return hub.tellAll(changed)
  const gardenId = of === 'garden' ? id : await gardenOf((await useStore()).db, of, id)
  if (gardenId) hub.tell(gardenId, changed)
}
