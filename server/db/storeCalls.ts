import { openRaw, type LiteOptions } from './openPglite'
import type { RawDb, RawQueryable, RawRows } from './rawRows'

/** What the server asks of the thread that has the database open. */
export type StoreCall =
  | { readonly do: 'open'; readonly folder: string | undefined; readonly options: LiteOptions }
  | { readonly do: 'query'; readonly tx: number | null; readonly sql: string; readonly params: readonly unknown[] }
  | { readonly do: 'begin'; readonly tx: number }
  | { readonly do: 'commit' | 'rollback'; readonly tx: number }
  | { readonly do: 'close' }

interface Begun {
  readonly raw: RawQueryable
  readonly end: (how: 'commit' | 'rollback') => void
  readonly ended: Promise<unknown>
}

/** The database in its thread: calls come from elsewhere, one transaction at a time as PGlite has it. */
export class StoreCalls {
  private db: RawDb | undefined
  private readonly begun = new Map<number, Begun>()

  async answer(call: StoreCall): Promise<RawRows | null> {
    switch (call.do) {
      case 'open':
        this.db = await openRaw(call.folder, call.options)
        return null
      case 'query':
        return (call.tx === null ? this.db! : this.of(call.tx).raw).query(call.sql, call.params)
      case 'begin':
        await this.begin(call.tx)
        return null
      case 'close':
        await this.db?.close()
        return null
      default:
        return this.end(call.tx, call.do)
    }
  }

  private of(tx: number): Begun {
    const begun = this.begun.get(tx)
    if (!begun) throw new Error('That transaction has ended.')
    return begun
  }

  private begin(tx: number): Promise<void> {
    return new Promise((ready, failed) => {
      const ended = this.db!.transaction(
        (raw) =>
          new Promise<void>((commit, undo) => {
            const end = (how: 'commit' | 'rollback') => (how === 'commit' ? commit() : undo(ROLLED_BACK))
            this.begun.set(tx, { raw, end, ended })
            ready()
          }),
      )
      ended.catch(failed)
    })
  }

  private async end(tx: number, how: 'commit' | 'rollback'): Promise<null> {
    const { end, ended } = this.of(tx)
    this.begun.delete(tx)
    end(how)
    await ended.catch((error: unknown) => {
      if (error !== ROLLED_BACK) throw error
    })
    return null
  }
}
const ROLLED_BACK = new Error('Rolled back.')
