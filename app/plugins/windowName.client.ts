import { TAB_HEADER } from '~~/shared/windowHeader'
import { windowId } from '~/utils/windowId'

/** Every request says which window of the app it comes from, so that nobody is told of a change of one's own. */
export default defineNuxtPlugin(() => {
  const plain = globalThis.$fetch
  globalThis.$fetch = plain.create({ headers: { [TAB_HEADER]: windowId() } }) as typeof plain
})
