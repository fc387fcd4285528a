import type { Db, Queryable } from './Db'
import { troubleOf, type StoreTrouble } from './storeTrouble'

const READS = /^\s*(SELECT|SHOW|WITH)\b/i

/**
 * A database whose troubles (no room, no connection, too much to do) are raised by `raise`, in words. `before` is asked ahead of every
 * change: a change that could stop in the middle is not begun.
 */
export function guarded(
  db: Db,
  raise: (trouble: StoreTrouble) => Error,
  before: () => StoreTrouble | null = () => null,
): Db {
  const tell = (error: unknown): never => {
    const trouble = troubleOf(error)
    throw trouble ? raise(trouble) : error
  }
  const check = () => {
    const trouble = before()
    if (trouble) throw raise(trouble)
  }
  return {
    query: async <T>(sql: string, params?: readonly unknown[]) => {
      if (!READS.test(sql)) check()
      return db.query<T>(sql, params).catch(tell)
    },
    transaction: async <T>(work: (tx: Queryable) => Promise<T>) => {
      check()
      return db.transaction(work).catch(tell)
    },
    close: () => db.close(),
  }
}
