import { Worker } from 'node:worker_threads'
import type { Db } from './Db'
import type { LiteOptions } from './openPglite'
import { parsedDb, type RawQueryable, type RawRows } from './rawRows'
import type { StoreCall } from './storeCalls'

interface Answer {
  readonly id: number
  readonly value?: RawRows | null
  /** What PostgreSQL says of an error, or the system: code, detail, message. */
  readonly error?: { readonly message: string }
}
interface Waiting {
  readonly done: (value: RawRows | null) => void
  readonly failed: (error: Error) => void
}
type Asks = (call: StoreCall) => Promise<RawRows | null>

/** Opens PGlite in a thread of its own, whose file is given: what it does there does not hold the server. */
export async function openBeside(file: string, folder?: string, options: LiteOptions = {}): Promise<Db> {
  const worker = new Worker(file)
  const ask = asking(worker)
  await ask({ do: 'open', folder, options })
  let transactions = 0
  const wrap = (tx: number | null): RawQueryable => ({
    query: async (sql, params = []) => (await ask({ do: 'query', tx, sql, params }))!,
  })
  return parsedDb({
    ...wrap(null),
    transaction: async (work) => {
      const tx = transactions++
      await ask({ do: 'begin', tx })
      try {
        const value = await work(wrap(tx))
        await ask({ do: 'commit', tx })
        return value
      } catch (error) {
        await ask({ do: 'rollback', tx }).catch(() => undefined)
        throw error
      }
    },
    close: async () => {
      await ask({ do: 'close' })
      await worker.terminate()
    },
  })
}

/** Asks a thread, each question answered by its number; once the thread has ended every question fails. */
function asking(worker: Worker): Asks {
  const waiting = new Map<number, Waiting>()
  let asked = 0
  let ended: Error | null = null
  const end = (error: Error) => {
    ended ??= error
    for (const { failed } of waiting.values()) failed(ended)
    waiting.clear()
  }
  worker.on('message', ({ id, value = null, error }: Answer) => {
    const { done, failed } = waiting.get(id)!
    waiting.delete(id)
    if (error) failed(Object.assign(new Error(error.message), error))
    else done(value)
  })
  worker.on('error', end)
  worker.on('exit', () => end(new Error(ENDED)))
  return (call) =>
    new Promise((done, failed) => {
      if (ended) return failed(ended)
      const id = asked++
      waiting.set(id, { done, failed })
      worker.postMessage({ id, call })
    })
}
const ENDED = 'The database has stopped. Start the server again: what was answered is kept.'
