import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'
import type { H3Event } from 'h3'

const brotli = promisify(brotliCompress)
const zip = promisify(gzip)
/** Smaller answers grow when they are packed. */
const LEAST_BYTES = 1400
const TEXT = /^(text\/|application\/(json|javascript|xml|dxf|geo\+json)|image\/svg)/
const JSON_TYPE = 'application/json'

/** Marks answers so that an unchanged one is not sent again, and packs all text for whoever takes it packed. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('beforeResponse', async (event, response) => {
    const bytes = bytesOf(event, response.body)
    if (!bytes) return
    response.body = (await known(event, bytes)) ? '' : await packed(event, bytes)
  })
})

/** The text of an answer; null when it is none, or is sent bit by bit. */
function bytesOf(event: H3Event, body: unknown): Buffer | null {
  if (body === null || body === undefined || event.node.res.headersSent) return null
  const type = String(getResponseHeader(event, 'content-type') ?? '')
  if (typeof body === 'string') return TEXT.test(type || 'text/html') ? Buffer.from(body) : null
  if (body instanceof Uint8Array) return TEXT.test(type) ? Buffer.from(body) : null
  if (typeof body !== 'object' || isStream(body)) return null
  setResponseHeader(event, 'content-type', JSON_TYPE)
  return Buffer.from(JSON.stringify(body))
}

const isStream = (body: object) => 'pipe' in body || 'getReader' in body || body instanceof Response

/** Sets the mark of an answer to a question; true when who asks has it already. */
async function known(event: H3Event, bytes: Buffer): Promise<boolean> {
  if (event.method !== 'GET' || !event.path.startsWith('/api/') || getResponseStatus(event) !== 200) return false
  const mark = `W/"${createHash('sha1').update(bytes).digest('base64url')}"`
  setResponseHeader(event, 'etag', mark)
  if (!getResponseHeader(event, 'cache-control')) setResponseHeader(event, 'cache-control', 'private, no-cache')
  if (getRequestHeader(event, 'if-none-match') !== mark) return false
  setResponseStatus(event, 304)
  return true
}

async function packed(event: H3Event, bytes: Buffer): Promise<Buffer> {
  appendResponseHeader(event, 'vary', 'accept-encoding')
  const takes = getRequestHeader(event, 'accept-encoding') ?? ''
  if (bytes.length < LEAST_BYTES || getResponseHeader(event, 'content-encoding')) return bytes
  if (/\bbr\b/.test(takes)) {
    setResponseHeader(event, 'content-encoding', 'br')
    return brotli(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } })
  }
  if (/\bgzip\b/.test(takes)) {
    setResponseHeader(event, 'content-encoding', 'gzip')
    return zip(bytes, { level: 5 })
  }
  return bytes
}
