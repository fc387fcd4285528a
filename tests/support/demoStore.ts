import { partsOfRows, rowsOfGarden } from '../../server/services/gardenRows'
import { unwrapWoff } from '../../server/services/unwrapWoff'
import { readdirSync, readFileSync } from 'node:fs'
import type { Db } from '../../server/db/Db'
import { migrate, toMigrations } from '../../server/db/migrate'
import { seedDemo } from '../../server/db/seedDemo'
import type { PdfFonts } from '../../server/services/pdfPen'
import { memoryDb } from './firstDatabase'
import { demo, library } from './library'

const migrations = new URL('../../server/db/migrations/', import.meta.url)

/** A database in memory with the demo garden in it. */
export async function demoStore(): Promise<Db> {
  const db = await memoryDb()
  await migrated(db)
  await seedDemo(db, demo)
  return db
}

/** The migrations as they lie in the source. */
export const storedMigrations = () =>
  toMigrations(new Map(readdirSync(migrations).map((f) => [f, readFileSync(new URL(f, migrations), 'utf8')])))

/** Brings a database to the newest version of the tables. */
export const migrated = (db: Db) => migrate(db, storedMigrations())

const packed = (file: string) =>
  new Uint8Array(readFileSync(new URL(`../../node_modules/@fontsource/${file}`, import.meta.url)))

/** The fonts that the server prints with. */
const font = (path: string) => unwrapWoff(packed(path))

export const demoFonts = (): PdfFonts => ({
  plain: font('inter/files/inter-latin-400-normal.woff'),
  bold: font('inter/files/inter-latin-600-normal.woff'),
  title: font('fraunces/files/fraunces-latin-400-normal.woff'),
  'title-bold': font('fraunces/files/fraunces-latin-600-normal.woff'),
})

/** The demo garden as it is read from its store. */
export const readDemoGarden = async (db: Db) =>
  partsOfRows((await rowsOfGarden(db, 'saltmarsh-row', () => Promise.resolve(library)))!)
