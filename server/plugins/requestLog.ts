import { isLocal } from '../people/listening'
import { whoOf } from '../utils/who'

/** Where others reach the server, each request is noted: when, who, what, how it ended. Never what it carried. */
export default defineNitroPlugin((nitro) => {
  if (isLocal() && process.env.AMBER_LOG !== '1') return
  const began = new WeakMap<object, number>()
  nitro.hooks.hook('request', (event) => {
    began.set(event, performance.now())
  })
  nitro.hooks.hook('afterResponse', (event) => {
    const ms = Math.round(performance.now() - (began.get(event) ?? performance.now()))
    const path = event.path.split('?')[0]!
    if (!path.startsWith('/api/')) return
    const who = whoOf(event)?.account?.login ?? '-'
    console.log(`${new Date().toISOString()} ${who} ${event.method} ${path} ${getResponseStatus(event)} ${ms}ms`)
  })
})
