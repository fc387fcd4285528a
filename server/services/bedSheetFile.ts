import type { WaterPlan } from '../../core/model'
import { svgLines, writePaintsAsDxf } from '../../core/exchange'
import type { Manner } from '../../core/measure'
import { bedSheet, type DrawnSheet, type Scene } from '../../core/scene'
import { dripOfScene } from '../../core/water'
import { bytesOfLines } from './bytesOfLines'
import { plantingDxf } from './plantingDxf'
import type { SheetAsk } from './sheetAsk'

/** What a sheet is drawn from besides what is asked. */
interface SheetOf {
  readonly scene: Scene
  readonly water: WaterPlan
  readonly manner: Manner
}

const WRITERS: Readonly<
  Record<
    SheetAsk['as'],
    (drawn: DrawnSheet, of: SheetOf, ask: SheetAsk) => Promise<Uint8Array> | Uint8Array | string
  >
> = {
  pdf: async (drawn, _, { fonts }) => {
    const { writePaintsAsPdf } = await import('./pdfPen')
    return writePaintsAsPdf([drawn], fonts)
  },
  svg: ({ paints, sheet, widthPt, heightPt, scale }) =>
    bytesOfLines(svgLines(paints, sheet, widthPt, heightPt, scale)),
  dxf: ({ paints }, { scene, water }, { view }) =>
    view === 'plan' ? plantingDxf(scene, dripOfScene(scene, water)) : writePaintsAsDxf(paints),
}

/** The plan or the elevation of a bed as a file, drawn as it is on screen. */
export async function bedSheetFile(of: SheetOf, ask: SheetAsk): Promise<Uint8Array | string> {
  const { month, year } = ask
  return WRITERS[ask.as](bedSheet(of.scene, ask.view, { month, year }, of.manner), of, ask)
}
