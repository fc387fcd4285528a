import type { H3Event } from 'h3'

/** Tells when nobody waits for the answer any more. */
export function goneOf(event: H3Event): AbortSignal {
  const gone = new AbortController()
  event.node.res.once('close', () => {
    if (!event.node.res.writableEnded) gone.abort()
  })
  return gone.signal
}
