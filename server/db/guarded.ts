import type { Db, Queryable } from './Db'
import { troubleOf, type StoreTrouble } from './storeTrouble'

const READS = /^\s*(SELECT|SHOW|WITH)\b/i

interface Watch {
  /** Asked ahead of every change: what keeps it from being begun. */
  readonly before?: () => StoreTrouble | null
  /** Told after every change. */
  readonly after?: () => void
}

/**
 * A database whose troubles (no room, no connection, too much to do) are raised by `raise`, in words. A change that
 * could stop in the middle is not begun.
 */
export function guarded(
  db: Db,
  raise: (trouble: StoreTrouble) => Error,
  { before = () => null, after = () => undefined }: Watch = {},
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
      if (READS.test(sql)) return db.query<T>(sql, params).catch(tell)
      check()
      const rows = await db.query<T>(sql, params).catch(tell)
      after()
      return rows
    },
    transaction: async <T>(work: (tx: Queryable) => Promise<T>) => {
      check()
      const value = await db.transaction(work).catch(tell)
      after()
      return value
    },
    close: () => db.close(),
    bus: db.bus,
  }
}
