import pg from 'pg'
import type { Db, Queryable } from './Db'
import { postgresBus } from './postgresBus'
import { troubleOf } from './storeTrouble'

const POOL_SIZE = 8
/** How long a connection is waited for, how long a statement and an unfinished transaction may take, ms. */
const CONNECT_MS = 5000
const STATEMENT_MS = 30_000

/** Connects to a PostgreSQL server by its URL. */
export async function openPostgres(url: string, poolSize = POOL_SIZE): Promise<Db> {
  const pool = new pg.Pool({
    connectionString: url,
    max: poolSize,
    connectionTimeoutMillis: CONNECT_MS,
    idleTimeoutMillis: 60_000,
    keepAlive: true,
    statement_timeout: STATEMENT_MS,
    idle_in_transaction_session_timeout: STATEMENT_MS,
    application_name: 'amber-terrace',
  })
  // A lost idle connection must not end the process; the next query reports what is wrong.
  pool.on('error', () => undefined)
  const wrap = (source: pg.Pool | pg.PoolClient): Queryable => ({
    query: async <T>(sql: string, params: readonly unknown[] = []) => {
      const result = (await source.query(sql, params.length > 0 ? [...params] : undefined)) as
        pg.QueryResult | pg.QueryResult[]
      const last = Array.isArray(result) ? result[result.length - 1] : result
      return (last?.rows ?? []) as T[]
    },
  })
  try {
    await pool.query('SELECT 1')
  } catch (error) {
    await pool.end()
    throw new Error(
      `the database of DATABASE_URL does not take connections (${(error as Error).message}). ` +
        'Start it, or give it more connections, and try again.',
    )
  }
  const bus = postgresBus(url, pool)
  return {
    bus,
    // Asking again changes nothing: a connection that was lost while it lay idle is not the asker's trouble.
    query: <T>(sql: string, params?: readonly unknown[]) =>
      READS.test(sql) ? again(() => wrap(pool).query<T>(sql, params)) : wrap(pool).query<T>(sql, params),
    transaction: async (work) => {
      const client = await again(() => begun(pool))
      try {
        const value = await work(wrap(client))
        await client.query('COMMIT')
        return value
      } catch (error) {
        await client.query('ROLLBACK').catch(() => undefined)
        throw error
      } finally {
        client.release()
      }
    },
    close: async () => {
      await bus.close()
      await pool.end()
    },
  }
}

const READS = /^\s*(SELECT|SHOW)\b/i
const TRIES = 3

/** Tries again when a connection was lost, as often as it is worth. */
async function again<T>(ask: () => Promise<T>): Promise<T> {
  for (let i = 1; ; i++) {
    try {
      return await ask()
    } catch (error) {
      if (i >= TRIES || troubleOf(error)?.status !== 503) throw error
    }
  }
}

/** A connection with a transaction begun; one that is dead is thrown away. */
async function begun(pool: pg.Pool): Promise<pg.PoolClient> {
  const client = await pool.connect()
  try {
    await client.query('BEGIN')
    return client
  } catch (error) {
    client.release(true)
    throw error
  }
}
