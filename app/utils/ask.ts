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
/** Schemas are fetched with the first answer, not with the first script. */
const schemas = () => import('~~/shared/answers')

/** A value read as what it should be. Throws {@link UnknownAnswer}, naming the first place that differs. */
export async function readAs<N extends AnswerName>(name: N, value: unknown): Promise<Answer<N>> {
  const read = (await schemas()).ANSWERS[name].safeParse(value)
  if (read.success) return read.data as Answer<N>
  const [issue] = read.error.issues
  throw new UnknownAnswer(`${name}: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}`)
}

/** Asks the server for something by the name of its answer. Throws its refusal, or {@link UnknownAnswer}. */
export async function ask<N extends AnswerName>(name: N, url: string, options: Asking = {}): Promise<Answer<N>> {
  const [answer] = await Promise.all([send(url, options), schemas()])
  return readAs(name, answer)
}

/** Tells the server something; its answer is not waited for beyond that it took it. Throws its refusal. */
export const request = async (url: string, options: Asking): Promise<void> => void (await send(url, options))
