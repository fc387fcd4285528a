import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import library from '#plants'
import { changedPlant, type Plant } from '../../core/plant'
import { dataFolderPath, takeDataFolder } from '../db/dataFolder'
import type { Db } from '../db/Db'
import { guarded } from '../db/guarded'
import { migrate, toMigrations, type Migration } from '../db/migrate'
import { openLite } from '../db/openLite'
import { hasGardens } from '../db/queries/gardens'
import { listPlantChanges } from '../db/queries/plantChanges'
import { seedDemo } from '../db/seedDemo'
import { seedHistory } from '../db/seedHistory'
import { Keeping } from './keeping'
import { refuse } from './answers'
import { freeMb, roomTrouble, type StoreTrouble } from '../db/storeTrouble'
import { runDataSteps } from '../services/dataSteps'
import { OwnPlants } from '../beside/OwnPlants'

export interface Store {
  readonly db: Db
  readonly migrations: readonly Migration[]
  /** Of the tables. */
  readonly version: number
  readonly library: ReadonlyMap<string, Plant>
  readonly own: OwnPlants
}

let opening: Promise<Store> | null = null

/** The one store of this process: opened, migrated and (when asked) seeded on first use. */
export const useStore = () => (opening ??= openStore())

async function openStore(): Promise<Store> {
  const [opened, migrations] = await Promise.all([openDb(), readMigrations()])
  await migrate(opened.db, migrations)
  const version = migrations[migrations.length - 1]!.number
  const keeping = new Keeping(opened.db, version)
  const db = guarded(opened.db, raise, { before: opened.room, after: keeping.changed })
  if (withDemo() && !(await hasGardens(db)) && (await seedDemo(db, ...(await demoGardens())))) await seedYears(db)
  void runDataSteps(db).catch((error: unknown) =>
    console.error('Stored data could not be brought up to date:', error),
  )
  const plants = new Map(library.map((p) => [p.id, p]))
  return { db, library: plants, own: new OwnPlants(db), migrations, version }
}

const readMigrations = async () => toMigrations(await readAssets('migrations'))

/** The library with the user's own plants, which stand before the library's of the same name, and what a garden changes of either. */
export async function allPlants(
  { db, library, own: ownPlants }: Store,
  gardenId?: string,
): Promise<{ plants: Map<string, Plant>; own: string[]; changed: string[] }> {
  const own = await ownPlants.list()
  const plants = new Map([...library, ...own.map((p) => [p.id, p] as const)])
  const changed: string[] = []
  for (const [id, cells] of gardenId ? await listPlantChanges(db, gardenId) : []) {
    const base = plants.get(id)
    const after = base && changedPlant(base, cells)
    if (after?.ok) {
      plants.set(id, after.plant)
      changed.push(id)
    }
  }
  return { plants, own: own.map((p) => p.id), changed }
}

/** How a garden's plants are had of a store. */
export const plantsOf = (store: Store) => async (gardenId: string) => (await allPlants(store, gardenId)).plants

const raise = ({ status, words }: StoreTrouble) => refuse(status, words)

interface Opened {
  readonly db: Db
  /** What keeps it from being changed. */
  readonly room: () => StoreTrouble | null
}

async function openDb(): Promise<Opened> {
  // Its driver is loaded only when asked for: it would slow every other start.
  if (process.env.DATABASE_URL) {
    const db = await (await import('../db/openPostgres')).openPostgres(process.env.DATABASE_URL)
    return { db, room: () => null }
  }
  const folder = dataFolderPath()
  const { database, release } = takeDataFolder(folder)
  process.on('exit', release)
  if (freeMb(folder) < FIRST_MB && !existsSync(database))
    throw new Error(
      `There are ${Math.floor(freeMb(folder))} MB free at ${folder}, and ${FIRST_MB} MB are needed to begin. ` +
        'Make room there, or name another folder in AMBER_DATA_DIR.',
    )
  const first = withDemo() ? 'demo-database' : 'empty-database'
  const db = await openLite(database, { first: join(dirname(process.argv[1] ?? '.'), first) })
  return { db, room: () => roomTrouble(folder) }
}

/** Whether a store that never held a garden begins with the demo. */
const withDemo = () => process.env.AMBER_SEED_DEMO === '1'

/** An empty database, its journal, and room for the first day. */
const FIRST_MB = 90

/** The demo gardens that were built into the server. */
export async function demoGardens(): Promise<unknown[]> {
  const demo = await readAssets('demo')
  return [...demo].sort(([a], [b]) => a.localeCompare(b)).map(([, text]): unknown => JSON.parse(text))
}

/** The invented years of the demo garden. */
export async function seedYears(db: Db) {
  const storage = useStorage('assets:demo-history')
  const photos = new Map<string, Uint8Array>()
  const histories: unknown[] = []
  for (const key of await storage.getKeys()) {
    const raw = await storage.getItemRaw(key)
    const bytes = typeof raw === 'string' ? Buffer.from(raw) : Buffer.from(raw as Uint8Array)
    if (key.endsWith('.json')) histories.push(JSON.parse(bytes.toString('utf8')))
    else photos.set(key.replace(/\.jpg$/, ''), bytes)
  }
  for (const history of histories) await seedHistory(db, history, photos)
}

/** Texts that were built into the server, by file name. */
async function readAssets(folder: 'migrations' | 'demo'): Promise<Map<string, string>> {
  const storage = useStorage(`assets:${folder}`)
  const texts = new Map<string, string>()
  for (const key of await storage.getKeys()) {
    const raw = await storage.getItemRaw(key)
    texts.set(key, typeof raw === 'string' ? raw : Buffer.from(raw as Uint8Array).toString('utf8'))
  }
  return texts
}
