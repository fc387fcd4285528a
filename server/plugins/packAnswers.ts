import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'
import type { H3Event } from 'h3'

const brotli = promisify(brotliCompress)
const zip = promisify(gzip)
/** Long answers that many ask for, packed, by their mark and packing: the library would be packed anew for every page. */
const keptLong = new Map<string, Buffer>()
const PACKINGS = ['br', 'gzip'] as const
const LONG_BYTES = 64_000
const MOST_KEPT = 8
const MOST_KEPT_BYTES = 1_000_000
/** Smaller answers grow when they are packed. */
const LEAST_BYTES = 1400
const TEXT = /^(text\/|application\/(json|javascript|xml|dxf|geo\+json)|image\/svg)/
const JSON_TYPE = 'application/json'

/** Marks answers so that an unchanged one is not sent again, and packs all text for whoever takes it packed. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('beforeResponse', async (event, response) => {
    const bytes = isErrorPage(event) ? null : bytesOf(event, response.body)
    if (!bytes) return
    response.body = (await known(event, bytes)) ? '' : await packed(event, bytes)
  })
})

/** The text of an answer; null when it is none, or is sent bit by bit. */
function bytesOf(event: H3Event, body: unknown): Buffer | null {
  if (body === null || body === undefined || event.node.res.headersSent) return null
  const type = String(getResponseHeader(event, 'content-type') ?? '')
  if (typeof body === 'string') return TEXT.test(type || 'text/html') ? Buffer.from(body) : null
  if (body instanceof Uint8Array) return TEXT.test(type) ? viewOf(body) : null
  if (typeof body !== 'object' || isStream(body)) return null
  setResponseHeader(event, 'content-type', JSON_TYPE)
  return Buffer.from(JSON.stringify(body))
}

/** Made for the server itself, which reads it as text and sends it on. */
const isErrorPage = (event: H3Event) => event.path.startsWith('/__nuxt_error')
const viewOf = ({ buffer, byteOffset, byteLength }: Uint8Array) => Buffer.from(buffer, byteOffset, byteLength)
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
  const packing = PACKINGS.find((p) => takes.split(/[\s,;]+/).includes(p))
  if (!packing) return bytes
  setResponseHeader(event, 'content-encoding', packing)
  const mark = bytes.length >= LONG_BYTES ? String(getResponseHeader(event, 'etag') ?? '') : ''
  if (!mark) return pack(bytes, packing)
  const key = `${packing} ${mark}`
  const there = keptLong.get(key) ?? (await pack(bytes, packing))
  if (there.length > MOST_KEPT_BYTES) return there
  // What was asked for last stands last; what was not asked for longest goes first.
  keptLong.delete(key)
  keptLong.set(key, there)
  if (keptLong.size > MOST_KEPT) keptLong.delete(keptLong.keys().next().value!)
  return there
}

const pack = (bytes: Buffer, packing: (typeof PACKINGS)[number]): Promise<Buffer> =>
  packing === 'br' ? brotli(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } }) : zip(bytes, { level: 5 })
