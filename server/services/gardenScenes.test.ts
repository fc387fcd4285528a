import { afterAll, beforeAll, expect, it } from 'vitest'
import { demoStore, readDemoGarden } from '../../tests/support/demoStore'
import { library } from '../../tests/support/library'
import type { Db } from '../db/Db'
import { scenesOfParts, type GardenParts } from './gardenScenes'

let db: Db
let parts: GardenParts
beforeAll(async () => {
  db = await demoStore()
  ;({ parts } = await readDemoGarden(db))
})
afterAll(() => db.close())

it('the scenes of a usual garden are made once', () => {
  const { scenes } = scenesOfParts(parts)
  const first = scenes.map((s) => s.scene)
  scenes.forEach((s, i) => expect(s.scene).toBe(first[i]))
})

it('of very large beds no more are held than there is room for, and one made again is the same', () => {
  const { scenes } = scenesOfParts({ ...parts, beds: ['a', 'b', 'c'].map((id) => ({ id, bed: largeBed() })) })
  const [a, b, c] = scenes
  const first = a!.scene
  expect(a!.scene).toBe(first)
  expect(b!.scene.placement.plants).toHaveLength(first.placement.plants.length)
  const last = c!.scene
  expect(c!.scene).toBe(last)
  expect(a!.scene).not.toBe(first)
  expect(a!.scene.placement.plants).toEqual(first.placement.plants)
})

/** A bed of 4,000 plants. */
function largeBed() {
  const { bed } = parts.beds[0]!
  const kinds = [...library.keys()]
  const drifts = Array.from({ length: 400 }, (_, i) => ({
    ...bed.drifts[0]!,
    ...{
      id: `d${i}`,
      plantId: kinds[i % kinds.length]!,
      at: (i % 80) / 8,
      lane: i % bed.laneShares.length,
      count: 10,
    },
  }))
  const pins = drifts.flatMap((d) =>
    Array.from({ length: 10 }, (_, index) => ({ driftId: d.id, index, x: index, y: 1 })),
  )
  return { ...bed, drifts, pins, orders: [], buying: [], existing: [] }
}
