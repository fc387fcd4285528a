import type { Db, Queryable } from './Db'

/** Rows as a database gives them, and which of their columns are JSON still to be parsed. */
export interface RawRows {
  readonly rows: Record<string, unknown>[]
  readonly json: readonly string[]
}
export interface RawQueryable {
  query(sql: string, params?: readonly unknown[]): Promise<RawRows>
}
export interface RawDb extends RawQueryable {
  transaction<T>(work: (tx: RawQueryable) => Promise<T>): Promise<T>
  close(): Promise<void>
}

function parsed<T>({ rows, json }: RawRows): T[] {
  for (const row of rows)
    for (const column of json) {
      const text = row[column]
      if (typeof text === 'string') row[column] = JSON.parse(text)
    }
  return rows as T[]
}

const parsing = (raw: RawQueryable): Queryable => ({
  query: async <T>(sql: string, params?: readonly unknown[]) => parsed<T>(await raw.query(sql, params)),
})

/** A database whose rows come with their JSON parsed. */
export const parsedDb = (raw: RawDb): Db => ({
  ...parsing(raw),
  transaction: (work) => raw.transaction((tx) => work(parsing(tx))),
  close: () => raw.close(),
})
