import { messageOf, statusOf } from './messageOf'

/** What became of items that were sent: those that could not be brought yet, and those that the server will not have, with its words. */
export interface Delivery<T, Answer> {
  /** The last answer of the server; null when it took nothing. */
  readonly answer: Answer | null
  readonly waiting: readonly T[]
  readonly refused: readonly T[]
  readonly why: string
}

/** The server knows who asks and says no to all of it. */
const NOT_ALLOWED = new Set([401, 403, 404])
/** It says no to something of what was sent. */
const NOT_TAKEN = new Set([400, 409, 413, 422])

/**
 * Sends items together. Without a network, or when the server is busy or broken, all wait. What is refused for one item's sake is sent
 * in halves, so that the others arrive and the one is found.
 */
export async function deliver<T, Answer>(
  items: readonly T[],
  send: (items: readonly T[]) => Promise<Answer>,
): Promise<Delivery<T, Answer>> {
  try {
    return { answer: await send(items), waiting: [], refused: [], why: '' }
  } catch (error) {
    const status = statusOf(error)
    if (!NOT_ALLOWED.has(status) && !NOT_TAKEN.has(status))
      return { answer: null, waiting: items, refused: [], why: '' }
    if (NOT_ALLOWED.has(status) || items.length <= 1)
      return { answer: null, waiting: [], refused: items, why: messageOf(error) }
    const middle = Math.ceil(items.length / 2)
    const first = await deliver(items.slice(0, middle), send)
    const second = await deliver(items.slice(middle), send)
    return {
      answer: second.answer ?? first.answer,
      waiting: [...first.waiting, ...second.waiting],
      refused: [...first.refused, ...second.refused],
      why: first.why || second.why,
    }
  }
}
