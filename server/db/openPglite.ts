import { PGlite, type Transaction } from '@electric-sql/pglite'
import type { Db, Queryable } from './Db'

/** Opens PGlite in a folder, or in memory without one. */
export async function openPglite(folder?: string): Promise<Db> {
  const lite = await PGlite.create(folder ? { dataDir: folder } : {})
  const wrap = (source: PGlite | Transaction): Queryable => ({
    query: async <T>(sql: string, params: readonly unknown[] = []) => {
      if (params.length > 0) return (await source.query<T>(sql, [...params])).rows
      const results = await source.exec(sql)
      return (results[results.length - 1]?.rows ?? []) as T[]
    },
  })
  return {
    ...wrap(lite),
    transaction: (work) => lite.transaction((tx) => work(wrap(tx))),
    close: () => lite.close(),
  }
}
