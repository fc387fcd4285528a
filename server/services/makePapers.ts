import type { CountInput } from '../../core/count'
import { papersOf, type PapersAsk } from './gardenPapers'
import { scenesOfParts, type GardenParts } from './gardenScenes'
import { writePapersAsPdf, type PdfFonts } from './pdfPen'

/** Everything that papers are made from, as plain data. */
export interface PapersJob {
  readonly parts: GardenParts
  readonly input: CountInput
  readonly ask: PapersAsk
  readonly fonts: PdfFonts
  readonly info: { readonly title: string; readonly author: string }
}

/** Papers of a garden as one PDF; null when there is nothing to put on them. */
export async function makePapers({ parts, input, ask, fonts, info }: PapersJob): Promise<Uint8Array | null> {
  const pages = papersOf({ stored: scenesOfParts(parts), input }, ask)
  return pages.length > 0 ? writePapersAsPdf(pages, fonts, info) : null
}
