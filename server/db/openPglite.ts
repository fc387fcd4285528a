import { cpSync, existsSync, renameSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { PGlite, type Transaction } from '@electric-sql/pglite'
import type { Db } from './Db'
import { parsedDb, type RawDb, type RawQueryable } from './rawRows'
import { keepUp } from './upkeep'
import { SyncedFs, syncedParams, type Syncing } from './syncedFs'
import { syncPath, syncTree } from './syncTree'

/** How to sync stands in for the system's own in tests. */
export interface LiteOptions extends Syncing {
  /** The folder of a database made at build time that a new one begins as: copying it is ten times as fast as making one. */
  readonly first?: string
  /** What a database in memory begins as, as the package dumps it. */
  readonly dump?: Blob
}

/** Opens PGlite in a folder, or in memory without one. In a folder, what was answered is on the disk. */
export const openPglite = async (folder?: string, options: LiteOptions = {}): Promise<Db> =>
  parsedDb(await openRaw(folder, options))

const JSON_TYPES: readonly number[] = [114, 3802]
const asText = (text: string) => text
const parsers = Object.fromEntries(JSON_TYPES.map((type) => [type, asText]))

/** The same with JSON left as text, so that a thread can hand it over. */
export async function openRaw(folder?: string, { first, dump, ...syncing }: LiteOptions = {}): Promise<RawDb> {
  const isNew = folder !== undefined && !existsSync(join(folder, 'PG_VERSION'))
  if (isNew && first && existsSync(first)) copyWhole(first, folder)
  const fs = folder ? new SyncedFs(folder, syncing) : null
  const lite = await PGlite.create(
    fs ? { fs, startParams: syncedParams(PGlite.defaultStartParams) } : { loadDataDir: dump },
  )
  fs?.started()
  const wrap = (source: PGlite | Transaction): RawQueryable => ({
    query: async (sql, params = []) => {
      const done =
        params.length > 0
          ? await source.query<Record<string, unknown>>(sql, [...params], { parsers })
          : (await source.exec(sql, { parsers })).at(-1)
      const json = (done?.fields ?? []).filter((f) => JSON_TYPES.includes(f.dataTypeID)).map((f) => f.name)
      return { rows: (done?.rows ?? []) as Record<string, unknown>[], json }
    },
  })
  const raw: RawDb = {
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
  const swept = (error: unknown) => console.error('The database could not be swept:', error)
  const upkeep = folder ? keepUp(parsedDb(raw), swept) : null
  return raw
}

/** Copies a folder so that it is there whole and for good or not at all, even when the process or the power ends in the middle. */
function copyWhole(from: string, to: string) {
  const half = `${to}.new`
  rmSync(half, { recursive: true, force: true })
  cpSync(from, half, { recursive: true })
  syncTree(half)
  rmSync(to, { recursive: true, force: true })
  renameSync(half, to)
  syncPath(dirname(to))
}
