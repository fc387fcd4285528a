import { isLocal, isLocalName } from '../people/listening'
import { refuse } from '../utils/answers'

const MB = 1048576
/** What is typed. */
const LARGEST_BODY = 4 * MB
const CHANGING = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])
const PICTURES = ['image/png', 'image/jpeg']

/**
 * Addresses that take files, or less than usual: which types, and how large. Everywhere else a body is what is typed, whatever it calls
 * itself.
 */
const FILES: readonly { readonly path: RegExp; readonly types: readonly string[]; readonly most: number }[] = [
  { path: /^\/api\/gardens\/[^/]+\/drawings$/, types: PICTURES, most: 16 * MB },
  { path: /^\/api\/gardens\/[^/]+\/photos\/[^/]+$/, types: PICTURES, most: 5 * MB },
  { path: /^\/api\/gardens\/[^/]+\/plants\/[^/]+\/picture$/, types: PICTURES, most: 4 * MB },
  { path: /^\/api\/beds\/[^/]+\/picture$/, types: PICTURES, most: MB },
  { path: /^\/api\/gardens\/archive$/, types: ['application/zip'], most: 32 * MB },
  {
    path: /^\/api\/gardens\/[^/]+\/prices$/,
    types: ['text/csv', 'application/octet-stream', 'application/zip'],
    most: 8 * MB,
  },
  // Large as it may be, it is read and checked again with each question that needs it.
  { path: /^\/api\/gardens\/[^/]+\/supply$/, types: ['application/json'], most: 2 * MB },
  { path: /^\/api\/library\/import$/, types: ['text/csv', 'application/json'], most: LARGEST_BODY },
]

type Event = Parameters<typeof getRequestHeader>[0]

/** Turns away bodies that are too large, requests made by other sites' pages, and, on loopback, foreign host names. */
export default defineEventHandler((event) => {
  const host = getRequestHeader(event, 'host') ?? ''
  if (isLocal() && !isLocalName(host)) throw refuse(403, 'This server answers only to 127.0.0.1 and localhost.')
  if (!CHANGING.has(event.method) || !event.path.startsWith('/api/')) return
  const origin = getRequestHeader(event, 'origin')
  if (origin && originHost(origin) !== host) throw refuse(403, 'This request was made by another site.')
  if (event.method !== 'DELETE') checkBody(event)
})

function checkBody(event: Event) {
  const length = getRequestHeader(event, 'content-length')
  if (length === undefined) throw refuse(411, 'The request must say how long it is.')
  const type = (getRequestHeader(event, 'content-type') ?? '').split(';')[0]!
  const path = event.path.split('?')[0]!
  const file = FILES.find((f) => f.path.test(path))
  const types = file?.types ?? ['application/json']
  const most = file?.most ?? LARGEST_BODY
  if (!types.includes(type)) throw refuse(415, `Send ${types.join(' or ')} to this address.`)
  if (Number(length) > most) {
    const said = `The request is ${(Number(length) / MB).toFixed(1)} MB; ${most / MB} MB is the most.`
    throw refuse(413, `${said} Split it into smaller parts.`)
  }
}

function originHost(origin: string): string | null {
  try {
    return new URL(origin).host
  } catch {
    return null
  }
}
