import { afterAll, beforeAll, expect, it } from 'vitest'
import { EMPTY_SUPPLY } from '../../core/count'
import { demoStore, readDemoGarden } from '../../tests/support/demoStore'
import type { Db } from '../db/Db'
import { careOf } from './gardenCare'
import { scenesOfParts, type StoredScenes } from './gardenScenes'
import { waterOf } from './gardenWater'

let db: Db
let stored: StoredScenes
beforeAll(async () => {
  db = await demoStore()
  stored = scenesOfParts((await readDemoGarden(db)).parts)
})
afterAll(() => db.close())
const supply = { ...EMPTY_SUPPLY, care: { planted: 2024, ticks: {} } }

it('a stretch of days has the tasks whose windows meet it, of the years it touches, each once', () => {
  const tasks = careOf(stored, supply, '2026-12-20', '2027-03-31')
  expect(tasks.length).toBeGreaterThan(10)
  for (const t of tasks) {
    expect(t.closes >= '2026-12-20').toBe(true)
    expect(t.opens <= '2027-03-31').toBe(true)
  }
  expect(new Set(tasks.map((t) => t.id)).size).toBe(tasks.length)
  expect(new Set(tasks.map((t) => t.id.slice(0, 4)))).toContain('2027')
})

it('a garden planted later is asked for less', () => {
  const younger = { ...supply, care: { planted: 2027, ticks: {} } }
  const minutes = (s: typeof supply) =>
    careOf(stored, s, '2027-03-01', '2027-04-30').reduce((n, t) => n + t.minutes, 0)
  expect(minutes(younger)).toBeLessThan(minutes(supply))
})

it('a stored garden is watered as its ground and its tap say', () => {
  const water = waterOf(stored, {
    ...supply,
    water: { ...supply.water, tap: { litres: 10, seconds: 36, bar: 2.8 } },
  })
  expect(water.isTapMeasured).toBe(true)
  expect(water.beds.filter((b) => b.drip).map((b) => b.id)).toEqual(['reading-room-front', 'car-park-screen'])
  expect(water.beds.find((b) => b.id === 'reading-room-front')!.isMainKnown).toBe(true)
  expect(water.zones.length).toBeGreaterThan(0)
})
