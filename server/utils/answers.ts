import type { H3Event } from 'h3'
import type { z } from 'zod'
import { describeIssues } from '../../shared/wire'

/** An answer that refuses: the message says what was expected and what to do. */
export const refuse = (statusCode: number, message: string, data: object = {}) =>
  createError({ statusCode, statusMessage: STATUS[statusCode] ?? 'Error', message, data: { message, ...data } })

const STATUS: Readonly<Record<number, string>> = {
  400: 'Bad Request',
  403: 'Forbidden',
  404: 'Not Found',
  409: 'Conflict',
  411: 'Length Required',
  413: 'Content Too Large',
  415: 'Unsupported Media Type',
  422: 'Unprocessable Content',
}

const NOT_JSON = 'The request is not JSON: an object was expected.'

/** The request's JSON body, checked by a schema; refuses with what is wrong. */
export async function readChecked<T>(event: H3Event, schema: z.ZodType<T>): Promise<T> {
  let body: unknown
  try {
    body = await readBody(event)
  } catch {
    throw refuse(400, NOT_JSON)
  }
  // h3 hands on what it cannot parse as a text.
  if (typeof body !== 'object' || body === null) throw refuse(400, NOT_JSON)
  const parsed = schema.safeParse(body)
  if (!parsed.success) throw refuse(422, describeIssues(parsed.error))
  return parsed.data
}

/** The id in the address; anything that cannot be one is simply not found. */
export function idOf(event: H3Event, what: string): string {
  const id = getRouterParam(event, 'id') ?? ''
  if (!/^[A-Za-z0-9_-]{1,80}$/.test(id)) throw notFound(what)
  return id
}

export const notFound = (what: string) =>
  refuse(404, `There is no such ${what}. It may have been removed; go back to the list of gardens.`)
