import { z } from 'zod'
import { writePaintsAsDxf, writePaintsAsSvg } from '~~/core/exchange'
import { mannerOf, PLAIN_MANNER } from '~~/core/measure'
import { bedSheet, SHEET_VIEWS, type DrawnSheet, type Scene, type SheetView } from '~~/core/scene'
import type { WaterPlan } from '~~/core/count'
import { dripOfScene } from '~~/core/water'
import { findBed } from '../../../db/queries/beds'
import { findGarden } from '../../../db/queries/gardens'
import { findSupply } from '../../../db/queries/supplies'
import { sceneOfBed } from '../../../services/bedScene'
import { plantingDxf } from '../../../services/plantingDxf'
import { writePaintsAsPdf } from '../../../services/pdfPen'
import { readFonts } from '../../../utils/readFonts'

const askSchema = z.object({
  view: z.enum(SHEET_VIEWS),
  as: z.enum(['pdf', 'svg', 'dxf']),
  month: z.coerce.number().int().min(1).max(12).default(6),
  year: z.coerce.number().int().min(0).max(30).default(3),
})

const TYPES = { pdf: 'application/pdf', svg: 'image/svg+xml', dxf: 'application/dxf' } as const

interface SheetOf {
  readonly scene: Scene
  readonly view: SheetView
  readonly water: WaterPlan
}
const WRITERS: Readonly<
  Record<keyof typeof TYPES, (drawn: DrawnSheet, of: SheetOf) => Promise<Uint8Array | string>>
> = {
  pdf: async (drawn) => writePaintsAsPdf([drawn], await readFonts()),
  svg: async ({ paints, sheet, widthPt, heightPt, scale }) =>
    writePaintsAsSvg(paints, sheet, widthPt, heightPt, scale),
  dxf: async ({ paints }, { scene, view, water }) =>
    view === 'plan' ? plantingDxf(scene, dripOfScene(scene, water)) : writePaintsAsDxf(paints),
}

/** The plan or the elevation of a bed as a file, drawn as it is on screen. */
export default defineEventHandler(async (event) => {
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success)
    throw refuse(
      400,
      'Ask for view=plan or elevation, as=pdf, svg or dxf, a month from 1 to 12 and a year from 0 to 30.',
    )
  const store = await useStore()
  const scene = await sceneOfBed(
    store.db,
    idOf(event, 'bed'),
    async (gardenId) => (await allPlants(store, gardenId)).plants,
  )
  if (!scene) throw notFound('bed')
  const { view, as, month, year } = ask.data
  attach(event, TYPES[as], scene.bed.name, `${view}.${as}`, `${view}.${as}`)
  const bed = await findBed(store.db, idOf(event, 'bed'))
  const { water } = (await findSupply(store.db, bed!.gardenId)).value
  const garden = await findGarden(store.db, bed!.gardenId)
  const drawn = bedSheet(scene, view, { month, year }, garden ? mannerOf(garden.value) : PLAIN_MANNER)
  return WRITERS[as](drawn, { scene, view, water })
})
