import { parentPort } from 'node:worker_threads'
import { StoreCalls, type StoreCall } from '../db/storeCalls'

const calls = new StoreCalls()

/** Has the database open: a statement that takes long keeps the server from nothing else. */
parentPort!.on('message', ({ id, call }: { readonly id: number; readonly call: StoreCall }) => {
  void calls.answer(call).then(
    (value) => parentPort!.postMessage({ id, value }),
    (error: unknown) => parentPort!.postMessage({ id, error: wordsOf(error) }),
  )
})

/** What is said of an error in words: its code, its detail; the rest of it cannot cross. */
const wordsOf = (error: unknown): object =>
  error instanceof Error
    ? Object.fromEntries(
        [['message', error.message], ...Object.entries(error)].filter(([, said]) => typeof said === 'string'),
      )
    : { message: String(error) }
