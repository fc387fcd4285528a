import type { Answer, AnswerName } from '~~/shared/answers'

interface Asking {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  readonly body?: object
  readonly query?: object
  readonly timeout?: number
  readonly headers?: Readonly<Record<string, string>>
}
// The routes' own types are too many to be followed everywhere: an answer is read by its schema instead.
const send = (url: string, options: Asking) =>
  ($fetch as (url: string, options: object) => Promise<unknown>)(url, options)

/**
 * Asks the server for something by the name of its answer, which is read by its schema; those that come while a page starts are read a
 * little after they are shown. Throws its refusal, or `UnknownAnswer`.
 */
export const ask = async <N extends AnswerName>(name: N, url: string, options: Asking = {}): Promise<Answer<N>> =>
  readSoon(name, await send(url, options))

/** Tells the server something; its answer is not waited for beyond that it took it. Throws its refusal. */
export const request = async (url: string, options: Asking): Promise<void> => void (await send(url, options))
