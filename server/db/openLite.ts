import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'
import type { Db } from './Db'
import { openBeside } from './openBeside'
import type { LiteOptions } from './openPglite'

/** The embedded database, in a thread of its own beside the built server; while developing and in tests there is none. */
export async function openLite(folder?: string, options: LiteOptions = {}): Promise<Db> {
  const thread = join(dirname(process.argv[1] ?? '.'), 'workers', 'store.mjs')
  if (existsSync(thread)) return openBeside(() => new Worker(thread), folder, options)
  return (await import('./openPglite')).openPglite(folder, options)
}
