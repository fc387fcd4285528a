import { refuse } from '../utils/answers'

const LARGEST_BODY = 4 * 1024 * 1024
/** Pictures and archives are larger than what is typed. */
const LARGEST_FILE = 16 * 1024 * 1024
const FILES = new Set(['image/png', 'image/jpeg', 'application/zip', 'application/octet-stream'])
const CHANGING = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])
const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

type Event = Parameters<typeof getRequestHeader>[0]

/** Turns away bodies that are too large, requests made by other sites' pages, and, on loopback, foreign host names. */
export default defineEventHandler((event) => {
  const host = getRequestHeader(event, 'host') ?? ''
  const listening = process.env.HOST || '127.0.0.1'
  if (LOOPBACK.has(listening) && !LOOPBACK.has(host.replace(/:\d+$/, '')))
    throw refuse(403, 'This server answers only to 127.0.0.1 and localhost.')
  if (!CHANGING.has(event.method) || !event.path.startsWith('/api/')) return
  const origin = getRequestHeader(event, 'origin')
  if (origin && originHost(origin) !== host) throw refuse(403, 'This request was made by another site.')
  if (event.method !== 'DELETE') checkBody(event)
})

const mb = (bytes: number) => bytes / 1048576

function checkBody(event: Event) {
  const length = getRequestHeader(event, 'content-length')
  if (length === undefined) throw refuse(411, 'The request must say how long it is.')
  const type = (getRequestHeader(event, 'content-type') ?? '').split(';')[0]!
  const most = FILES.has(type) ? LARGEST_FILE : LARGEST_BODY
  if (Number(length) > most) {
    const said = `The request is ${mb(Number(length)).toFixed(1)} MB; ${mb(most)} MB is the most.`
    throw refuse(413, `${said} Split it into smaller parts.`)
  }
  if (!TEXTS.has(type) && !FILES.has(type)) throw refuse(415, TAKEN)
}
const TEXTS = new Set(['application/json', 'text/csv'])
const TAKEN =
  'Send JSON, CSV to the plant import, PNG or JPEG to the drawings, ZIP to the archive import, or a price list as it is.'

function originHost(origin: string): string | null {
  try {
    return new URL(origin).host
  } catch {
    return null
  }
}
