import {
  sendLogSchema,
  sendTicksSchema,
  careTicksSchema,
  changePlantSchema,
  learnedSchema,
  newBedSchema,
  newGardenSchema,
  nurseryAskSchema,
  saveBedSchema,
  saveBriefSchema,
  saveEditsSchema,
  saveGardenSchema,
  saveSiteSchema,
  saveSupplySchema,
} from './wire'
import type { z } from 'zod'

/** What the bodies of requests must be, by name: a large one is checked in a process of its own, which is told the name. */
export const BODIES = {
  careTicks: careTicksSchema,
  changePlant: changePlantSchema,
  learned: learnedSchema,
  newBed: newBedSchema,
  newGarden: newGardenSchema,
  nurseryAsk: nurseryAskSchema,
  saveBed: saveBedSchema,
  saveBrief: saveBriefSchema,
  saveEdits: saveEditsSchema,
  saveGarden: saveGardenSchema,
  saveSite: saveSiteSchema,
  saveSupply: saveSupplySchema,
  sendLog: sendLogSchema,
  sendTicks: sendTicksSchema,
} as const satisfies Record<string, z.ZodType>
export type BodyName = keyof typeof BODIES

/** The name of a body's schema; null for one that is never large. */
export const nameOfBody = (schema: z.ZodType): BodyName | null =>
  (Object.keys(BODIES) as BodyName[]).find((name) => BODIES[name] === (schema as unknown)) ?? null
