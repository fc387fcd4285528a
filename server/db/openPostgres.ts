import pg from 'pg'
import type { Db, Queryable } from './Db'

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
  return {
    ...wrap(pool),
    transaction: async (work) => {
      const client = await pool.connect()
      try {
        await client.query('BEGIN')
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
    close: () => pool.end(),
  }
}
