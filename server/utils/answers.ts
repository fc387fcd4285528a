import type { H3Event } from 'h3'
import type { z } from 'zod'
import { nameOfBody } from '../../shared/bodies'
import { describeIssues } from '../../shared/wire'
import { beside } from '../beside/beside'

/** An answer that refuses: the message says what was expected and what to do. */
export const refuse = (statusCode: number, message: string, data: object = {}) =>
  createError({ statusCode, statusMessage: STATUS[statusCode] ?? 'Error', message, data: { message, ...data } })

const STATUS: Readonly<Record<number, string>> = {
  400: 'Bad Request',
  401: 'Unauthorized',
  403: 'Forbidden',
  404: 'Not Found',
  409: 'Conflict',
  411: 'Length Required',
  413: 'Content Too Large',
  415: 'Unsupported Media Type',
  422: 'Unprocessable Content',
  429: 'Too Many Requests',
  503: 'Service Unavailable',
  507: 'Insufficient Storage',
}

const NOT_JSON = 'The request is not JSON: an object was expected.'

/** Bodies larger than this, bytes, are parsed and checked in a process beside the server, or refused where none that large is due. */
const CHECKED_HERE = 48_000

/** Whether a body is too large to be looked at here. */
export const isLargeBody = (event: H3Event) => Number(getRequestHeader(event, 'content-length')) > CHECKED_HERE

/** The request's JSON body, checked by a schema; refuses with what is wrong. */
export async function readChecked<T>(event: H3Event, schema: z.ZodType<T>): Promise<T> {
  const isLarge = isLargeBody(event)
  const name = isLarge ? nameOfBody(schema) : null
  if (isLarge && !name)
    throw refuse(413, `${CHECKED_HERE / 1000} kB is the most that can be sent here. Shorten it.`)
  const text = (await readRawBody(event, 'utf8')) ?? ''
  if (name) {
    const read = await beside('body', { name, text }, goneOf(event))
    if (!read.ok) throw refuse(422, read.error)
    return read.value as T
  }
  const body = jsonOf(text)
  const parsed = schema.safeParse(body)
  if (!parsed.success) throw refuse(422, describeIssues(parsed.error))
  return parsed.data
}

function jsonOf(text: string): object {
  try {
    const body = JSON.parse(text) as unknown
    if (typeof body === 'object' && body !== null) return body
  } catch {
    // Said below, as what is no object is.
  }
  throw refuse(400, NOT_JSON)
}

/** The id in the address; anything that cannot be one is simply not found. */
export function idOf(event: H3Event, what: string): string {
  const id = getRouterParam(event, 'id') ?? ''
  if (!/^[A-Za-z0-9_-]{1,80}$/.test(id)) throw notFound(what)
  return id
}

export const notFound = (what: string) =>
  refuse(404, `There is no such ${what}. It may have been removed; go back to the list of gardens.`)
/** Tells when nobody waits for the answer any more. */
export function goneOf(event: H3Event): AbortSignal {
  const gone = new AbortController()
  event.node.res.once('close', () => {
    if (!event.node.res.writableEnded) gone.abort()
  })
  return gone.signal
}
/** Hands an answer out as a file: `<name> - <what>`, and a plain name for those who read only that. */
export function attach(event: H3Event, type: string, name: string, what: string, plain: string) {
  const file = `${name.replace(/[^\p{L}\p{N} _-]+/gu, '').trim() || 'bed'} - ${what}`
  setResponseHeaders(event, {
    'content-type': type,
    'content-disposition': `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(file)}`,
  })
}
