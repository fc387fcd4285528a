import { ref } from 'vue'
import type { Answer, AnswerName, KeptName } from '~~/shared/answers'
import { messageOf, UnknownAnswer } from './messageOf'

/** What is wrong with an answer that was shown before it could be read; empty while nothing is. Shown on every page. */
export const answerFault = ref('')
/** What comes while a page starts is read this much later, when the browser has nothing else to do, ms. */
const READ_AFTER_MS = 10_000

type Schemas = typeof import('~~/shared/answers')
let schemas: Schemas | null = null
/** The schemas weigh a tenth of the first script: they are fetched apart from it. */
const fetchSchemas = async (): Promise<Schemas> => (schemas ??= await import('~~/shared/answers'))

/** A check of what is edited and kept: the value as it is stored, or null when it is none. */
export async function checkOf<K extends KeptName>(what: K) {
  const { KEPT } = await fetchSchemas()
  return (value: unknown) => (KEPT[what].safeParse(value).data as Answer<K>['value'] | undefined) ?? null
}

function check<N extends AnswerName>(name: N, value: unknown, { ANSWERS }: Schemas): Answer<N> {
  const read = ANSWERS[name].safeParse(value)
  if (read.success) return read.data as Answer<N>
  const [issue] = read.error.issues
  throw new UnknownAnswer(`${name}: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}`)
}
/** A value read as what it should be. Throws {@link UnknownAnswer}, naming the first place that differs. */
export const readAs = async <N extends AnswerName>(name: N, value: unknown): Promise<Answer<N>> =>
  check(name, value, await fetchSchemas())

/** A value read as what it should be; while a page starts it is taken as it is, and read a little later. */
export function readSoon<N extends AnswerName>(name: N, value: unknown): Answer<N> {
  if (schemas) return check(name, value, schemas)
  setTimeout(() => requestIdleCallback(() => void readLater(name, value)), READ_AFTER_MS)
  return value as Answer<N>
}
async function readLater(name: AnswerName, value: unknown) {
  try {
    await readAs(name, value)
  } catch (error) {
    answerFault.value = messageOf(error)
  }
}
