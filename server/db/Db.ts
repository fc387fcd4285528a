/** Rows of a query; parameters are always bound. Numbers come as numbers, jsonb parsed. */
export interface Queryable {
  query<T>(sql: string, params?: readonly unknown[]): Promise<T[]>
}

/** A database: PGlite on disk or a PostgreSQL server. What a resolved transaction wrote survives a killed process. */
export interface Db extends Queryable {
  transaction<T>(work: (tx: Queryable) => Promise<T>): Promise<T>
  /** Runs several statements without parameters. */
  close(): Promise<void>
  /** To other servers of the same database; left out where there are none. */
  readonly bus?: Bus | undefined
}

/** Short texts (under 8 kB) from server to server; a sender does not hear itself. What is sent while a connection is lost is lost. */
export interface Bus {
  send(text: string): void
  hear(listener: (text: string) => void): void
}
