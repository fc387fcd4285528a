import { randomUUID } from 'node:crypto'
import pg from 'pg'
import type { Bus } from './Db'

const CHANNEL = 'amber_terrace'
const AGAIN_MS = 3000

/** A bus through the database: notices of one channel, heard over a connection of its own that is made anew when it is lost. */
export function postgresBus(url: string, pool: pg.Pool): Bus & { close(): Promise<void> } {
  const self = randomUUID()
  const listeners: ((text: string) => void)[] = []
  let client: pg.Client | null = null
  let closed = false

  async function connect() {
    const fresh = new pg.Client({ connectionString: url, keepAlive: true, application_name: 'amber-terrace-bus' })
    fresh.on('notification', ({ payload = '' }) => {
      if (payload.startsWith(self)) return
      for (const listener of listeners) listener(payload.slice(self.length))
    })
    fresh.on('error', () => lost(fresh))
    fresh.on('end', () => lost(fresh))
    client = fresh
    try {
      await fresh.connect()
      await fresh.query(`LISTEN ${CHANNEL}`)
    } catch {
      lost(fresh)
    }
  }

  function lost(which: pg.Client) {
    if (client !== which || closed) return
    client = null
    setTimeout(() => void connect(), AGAIN_MS).unref()
  }

  return {
    // Who is not told learns of a change with the next reload or save.
    send: (text) => void pool.query('SELECT pg_notify($1, $2)', [CHANNEL, self + text]).catch(() => undefined),
    hear: (listener) => {
      listeners.push(listener)
      if (listeners.length === 1) void connect()
    },
    close: async () => {
      closed = true
      await client?.end().catch(() => undefined)
    },
  }
}
