import { newId } from './newId'

let id = ''

/** Names this window of the app for as long as it is open. */
export const windowId = () => (id ||= newId())
