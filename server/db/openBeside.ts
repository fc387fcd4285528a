import type { Worker } from 'node:worker_threads'
import type { Db } from './Db'
import type { LiteOptions } from './openPglite'
import { parsedDb, type RawQueryable, type RawRows } from './rawRows'
import type { StoreCall } from './storeCalls'
import { StoreThread } from './StoreThread'

/**
 * Opens PGlite in a thread of its own, which `start` begins: what it does there does not hold the server. A thread that breaks off fails
 * what it was asked; in a folder the next question begins another, which finds all that was answered.
 */
export async function openBeside(start: () => Worker, folder?: string, options: LiteOptions = {}): Promise<Db> {
  async function open() {
    const thread = new StoreThread(start())
    await thread.ask({ do: 'open', folder, options })
    return thread
  }
  let thread = await open()
  let opening: Promise<void> | null = null
  let isClosed = false

  async function reopen() {
    console.error('The database stopped and is opened again.', thread.ended?.cause ?? '')
    thread = await open()
  }
  async function ask(call: StoreCall): Promise<RawRows | null> {
    if (thread.ended && folder && !isClosed) await (opening ??= reopen().finally(() => (opening = null)))
    return thread.ask(call)
  }
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
    close: () => {
      isClosed = true
      return thread.close()
    },
  })
}
