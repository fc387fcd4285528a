import type { Answer, AnswerName, KeptName } from '~~/shared/answers'

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

/** What is wrong with an answer that was shown before it could be read; empty while nothing is. Shown on every page. */
export const answerFault = ref('')
/** The first picture comes before the schemas, which weigh a tenth of the first script: what it is made of is read a little later, ms. */
const READ_AFTER_MS = 4000
type Schemas = typeof import('~~/shared/answers')
let schemas: Schemas | null = null
const fetchSchemas = async (): Promise<Schemas> => (schemas ??= await import('~~/shared/answers'))

/** A check of what is edited and kept: the value as it is stored, or null when it is none. */
export async function checkOf<K extends KeptName>(what: K) {
  const { KEPT } = await fetchSchemas()
  return (value: unknown) => (KEPT[what].safeParse(value).data as Answer<K>['value'] | undefined) ?? null
}

function check<N extends AnswerName>(name: N, value: unknown): Answer<N> {
  const read = schemas!.ANSWERS[name].safeParse(value)
  if (read.success) return read.data as Answer<N>
  const [issue] = read.error.issues
  throw new UnknownAnswer(`${name}: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}`)
}
/** A value read as what it should be. Throws {@link UnknownAnswer}, naming the first place that differs. */
export async function readAs<N extends AnswerName>(name: N, value: unknown): Promise<Answer<N>> {
  if (!schemas) await fetchSchemas()
  return check(name, value)
}
/** A value read as what it should be; while the program starts it is taken as it is, and read a little later. */
export function readSoon<N extends AnswerName>(name: N, value: unknown): Answer<N> {
  if (schemas) return check(name, value)
  setTimeout(() => void readAs(name, value).catch((error) => (answerFault.value = messageOf(error))), READ_AFTER_MS)
  return value as Answer<N>
}

/**
 * Asks the server for something by the name of its answer, which is read by its schema; those that come while the program starts are read
 * a little after they are shown. Throws its refusal, or {@link UnknownAnswer}.
 */
export async function ask<N extends AnswerName>(name: N, url: string, options: Asking = {}): Promise<Answer<N>> {
  return readSoon(name, await send(url, options))
}

/** Tells the server something; its answer is not waited for beyond that it took it. Throws its refusal. */
export const request = async (url: string, options: Asking): Promise<void> => void (await send(url, options))
