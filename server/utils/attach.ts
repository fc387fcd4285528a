import type { H3Event } from 'h3'

/** Hands an answer out as a file: `<name> - <what>`, and a plain name for those who read only that. */
export function attach(event: H3Event, type: string, name: string, what: string, plain: string) {
  const file = `${name.replace(/[^\p{L}\p{N} _-]+/gu, '').trim() || 'bed'} - ${what}`
  setResponseHeaders(event, {
    'content-type': type,
    'content-disposition': `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(file)}`,
  })
}
