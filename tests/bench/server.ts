import { mkdirSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gardenSchema } from '../../core/model'
import { migrate, toMigrations } from '../../server/db/migrate'
import { openPglite } from '../../server/db/openPglite'
import { insertBed } from '../../server/db/queries/beds'
import { insertGarden } from '../../server/db/queries/gardens'
import { demo, demoBed } from '../support/library'
import { emptyFolder, startServer } from '../support/server'
import { bed1500 } from './bed1500'
import { middle, type Report } from './report'

const GARDENS = 2000
const BEDS_EACH = 10
const migrations = new URL('../../server/db/migrations/', import.meta.url)

/** A data folder with 2,000 gardens of ten beds, and one of 20 beds with 5,000 plants each. */
async function largeFolder(): Promise<string> {
  const folder = emptyFolder()
  mkdirSync(folder, { recursive: true })
  const db = await openPglite(join(folder, 'database'))
  const read = (f: string) => readFileSync(new URL(f, migrations), 'utf8')
  await migrate(db, toMigrations(new Map(readdirSync(migrations).map((f) => [f, read(f)]))))
  const garden = gardenSchema.parse(demo.garden)
  await insertGarden(db, 'first', garden)
  await insertBed(db, 'first-bed', 'first', demoBed('reading-room-front'))
  await db.query(
    `INSERT INTO garden (id, name, town, latitude, longitude, hardiness_zone, last_frost, first_frost, units)
     SELECT 'g' || i, 'Garden ' || i, town, latitude, longitude, hardiness_zone, last_frost, first_frost, units
     FROM garden, generate_series(1, $1::int) AS i WHERE id = 'first'`,
    [GARDENS],
  )
  await db.query(
    `INSERT INTO bed (id, garden_id, name, value, facts)
     SELECT 'b' || i || '-' || k, 'g' || i, 'Bed ' || k, value, facts
     FROM bed, generate_series(1, $1::int) AS i, generate_series(1, $2::int) AS k WHERE id = 'first-bed'`,
    [GARDENS, BEDS_EACH],
  )
  await insertGarden(db, 'large', { ...garden, name: 'Large' })
  const bed = bed1500()
  const grown = 5000 / bed.drifts.reduce((sum, d) => sum + d.count, 0)
  const drifts = bed.drifts.map((d) => ({ ...d, count: Math.floor(d.count * grown) }))
  for (let i = 0; i < 20; i++) await insertBed(db, `large-${i}`, 'large', { ...bed, drifts, name: `Bed ${i + 1}` })
  await db.close()
  return folder
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < 7; i++) {
    const began = performance.now()
    await work()
    times.push(performance.now() - began)
  }
  return middle(times)
}

/** A server with 2,000 gardens: how soon it is there, and back when it was killed; how soon its list, a part, a search, a garden are. */
export async function benchServer(report: Report) {
  const folder = await largeFolder()
  const server = await startServer({ folder })
  report('start-20000-beds', server.startedInMs, 'ms', 2000)
  const get = async (path: string) => {
    const answer = await fetch(`${server.url}${path}`)
    const text = await answer.text()
    if (!answer.ok) throw new Error(text)
    return text.length
  }
  const parts = ['', '?from=1980&most=20', '?find=garden%201999', '?most=250']
  const lists = []
  for (const part of parts) lists.push(await timed(() => get(`/api/gardens${part}`)))
  console.log(`(list, its end, a search, 250 of it: ${lists.map((t) => t.toFixed(0)).join(', ')} ms)`)
  report('list-2000-gardens', Math.max(...lists), 'ms', 200)
  const garden = ['', '/beds', '/site', '/brief', '/supply', '/log', '/ticks'].map((p) => `/api/gardens/large${p}`)
  const opened = await timed(() => Promise.all([...garden, '/api/beds/large-0'].map(get)))
  report('open-100000-plants', opened, 'ms', 300)
  report('save-median', await savedIn(server.url), 'ms', 50)
  await server.kill()
  const again = await startServer({ folder })
  report('start-after-kill', again.startedInMs, 'ms', 2000)
  await again.kill()
}

const SAVES = 60

/** The median of saves of a bed, one after another, each synced before it is answered. */
async function savedIn(url: string): Promise<number> {
  const address = `${url}/api/beds/first-bed`
  let { revision } = (await (await fetch(address)).json()) as { revision: number }
  const times: number[] = []
  for (let i = 0; i < SAVES; i++) {
    const edit = { kind: 'changeDrift', driftId: 'rr-12', change: { count: 1 + (i % 9) } }
    const body = JSON.stringify({ revision, edits: [{ id: `save-${i}`, how: 'edit', edit }] })
    const began = performance.now()
    const answer = await fetch(`${address}/edits`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    })
    const saved = (await answer.json()) as { revision: number }
    times.push(performance.now() - began)
    if (!answer.ok) throw new Error(JSON.stringify(saved))
    revision = saved.revision
  }
  return middle(times)
}
