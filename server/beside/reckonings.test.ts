import type { SiteSheet } from '../../core/setout'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoStore } from '../../tests/support/demoStore'
import { library } from '../../tests/support/library'
import { BESIDE_JOBS } from './besideJobs'
import type { Db } from '../db/Db'
import { rowsOfGarden, type GardenRows } from '../services/gardenRows'
import type { ReckoningName, ReckoningValue } from '../services/reckonings'

let db: Db
let rows: GardenRows
beforeAll(async () => {
  db = await demoStore()
  rows = (await rowsOfGarden(db, 'saltmarsh-row', () => Promise.resolve(library)))!
})
afterAll(() => db.close())

/** As a process beside the server does it: everything that goes in and comes out is copied. */
async function reckon<N extends ReckoningName>(what: N, ask?: unknown): Promise<ReckoningValue<N>> {
  const done = await BESIDE_JOBS.reckon(structuredClone({ rows, what, now: '2026-04-01', ask }))
  return structuredClone(done.ok ? done.value : null) as ReckoningValue<N>
}

describe('what is reckoned of a stored garden beside the server', () => {
  it('the schedule counts every plant of every bed, and gives the letters that stand on it', async () => {
    const { file, letters } = await reckon('schedule', { as: 'csv', scope: { segment: false } })
    const drifts = rows.beds.flatMap((b) => (JSON.parse(b.text) as { drifts: { plantId: string }[] }).drifts)
    const kinds = new Set(drifts.map((d) => d.plantId))
    for (const id of kinds) {
      expect(letters.has(id)).toBe(true)
      expect(String(file)).toContain(library.get(id)!.botanicalName.split("'")[0]!.trim())
    }
    const bed = await reckon('schedule', { as: 'xlsx', scope: { bedId: rows.beds[0]!.id, segment: false } })
    expect(bed.letters.size).toBeLessThan(letters.size)
    expect(
      Buffer.from(bed.file as Uint8Array)
        .subarray(0, 2)
        .toString(),
    ).toBe('PK')
  })

  it('a client’s schedule has four columns and no money', async () => {
    const [head, ...lines] = (await reckon('clientSchedule')).trim().split(/\r?\n/)
    expect(head!.replace(/^\uFEFF/, '').split(/[,;]/)).toHaveLength(4)
    expect(lines.length).toBeGreaterThan(10)
    expect(head).not.toMatch(/price|cost/i)
  })

  it('calendars have an entry of one day or more for every task, and name the garden', async () => {
    for (const what of ['works', 'care', 'sowing'] as const) {
      const text = await reckon(what, what === 'works' ? { as: 'ics' } : undefined)
      expect(text).toMatch(/^BEGIN:VCALENDAR/)
      if (what !== 'sowing') expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(5)
    }
    expect((await reckon('works', { as: 'csv' })).split('\n').length).toBeGreaterThan(5)
  })

  it('money runs over years, and the sheet for the site holds every bed with its places', async () => {
    const money = await reckon('money')
    expect(JSON.stringify(money)).toMatch(/\d/)
    const sheet = JSON.parse(Buffer.from(await reckon('setout')).toString()) as SiteSheet
    expect(sheet.beds.map((b) => b.id)).toEqual(rows.beds.map((b) => b.id))
    const isPlanted = (text: string) => (JSON.parse(text) as { drifts: unknown[] }).drifts.length > 0
    for (const [i, { text }] of rows.beds.entries()) expect(sheet.beds[i]!.plants.length > 0).toBe(isPlanted(text))
  })
})
