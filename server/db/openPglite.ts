import { cpSync, existsSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite, type Transaction } from '@electric-sql/pglite'
import type { Db, Queryable } from './Db'
import { keepUp } from './upkeep'
import { SyncedFs, syncedParams } from './syncedFs'

/**
 * Opens PGlite in a folder, or in memory without one. A new folder is a copy of `empty`, the folder of an empty database made
 * at build time, when it is there: ten times as fast as making one. In a folder, what was answered is on the disk; `sync` stands in
 * for the system's own in tests.
 */
export async function openPglite(
  folder?: string,
  { empty, sync }: { readonly empty?: string; readonly sync?: (file: number) => void } = {},
): Promise<Db> {
  const isNew = folder !== undefined && !existsSync(join(folder, 'PG_VERSION'))
  if (isNew && empty && existsSync(empty)) copyWhole(empty, folder)
  const lite = await PGlite.create(
    folder ? { fs: new SyncedFs(folder, sync), startParams: syncedParams(PGlite.defaultStartParams) } : {},
  )
  const wrap = (source: PGlite | Transaction): Queryable => ({
    query: async <T>(sql: string, params: readonly unknown[] = []) => {
      if (params.length > 0) return (await source.query<T>(sql, [...params])).rows
      const results = await source.exec(sql)
      return (results[results.length - 1]?.rows ?? []) as T[]
    },
  })
  const db: Db = {
    ...wrap(lite),
    transaction: async (work) => {
      const value = await lite.transaction((tx) => work(wrap(tx)))
      upkeep?.changed()
      return value
    },
    close: () => {
      upkeep?.stop()
      return lite.close()
    },
  }
  const upkeep = folder ? keepUp(db, (error) => console.error('The database could not be swept:', error)) : null
  return db
}

/** Copies a folder so that it is there whole or not at all, even when the process is ended in the middle. */
function copyWhole(from: string, to: string) {
  const half = `${to}.new`
  rmSync(half, { recursive: true, force: true })
  cpSync(from, half, { recursive: true })
  rmSync(to, { recursive: true, force: true })
  renameSync(half, to)
}
