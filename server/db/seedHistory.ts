import { z } from 'zod'
import { logEntrySchema, waterPlanSchema } from '../../core/model'
import { saveSupply } from './queries/supplies'
import { EMPTY_SUPPLY } from '../../core/count'
import { blankEntry } from '../../core/log'
import { simulatedWeather } from '../../core/weather'
import type { Db } from './Db'
import { insertDrawing } from './queries/drawings'
import { findGarden } from './queries/gardens'
import { joinStoredLog } from './queries/logEntries'

const historySchema = z.object({
  gardenId: z.string(),
  planted: z.number().int(),
  tap: waterPlanSchema.shape.tap,
  log: z.array(logEntrySchema.partial().required({ id: true, day: true, kind: true, changed: true })),
})

/** Gives a demo garden its invented years: when it was planted, its tap, its log with the weather of each day, and the drawn photos. */
export async function seedHistory(
  db: Db,
  history: unknown,
  photos: ReadonlyMap<string, Uint8Array>,
): Promise<void> {
  const { gardenId, planted, tap, log } = historySchema.parse(history)
  await db.transaction(async (tx) => {
    const garden = await findGarden(tx, gardenId)
    if (!garden) return
    const weather = simulatedWeather(garden.value.place, gardenId)
    for (const [id, bytes] of photos) await insertDrawing(tx, gardenId, { id, mediaType: 'image/jpeg', bytes })
    const entries = log.map(({ id, day, kind, changed, ...said }) => {
      const { lowC, highC, rainMm } = weather(day)
      return {
        ...blankEntry({ id, day, kind, changed, device: 'demo' }),
        weather: { lowC, highC, rainMm },
        ...said,
        photoId: said.photoId && photos.has(said.photoId) ? said.photoId : '',
      }
    })
    await joinStoredLog(tx, gardenId, entries)
    const supply = { ...EMPTY_SUPPLY, care: { planted, ticks: {} }, water: { ...EMPTY_SUPPLY.water, tap } }
    await saveSupply(tx, gardenId, 0, supply)
  })
}
