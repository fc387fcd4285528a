import { papersOf, type PapersAsk } from './gardenPapers'
import { partsOfRows, type GardenRows } from './gardenRows'
import { lettersOfParts, scenesOfParts } from './gardenScenes'
import { writePapersAsPdf, type PdfFonts } from './pdfPen'

/** Everything that papers are made from, as plain data. */
export interface PapersJob {
  readonly rows: GardenRows
  readonly ask: PapersAsk
  readonly fonts: PdfFonts
  readonly info: { readonly title: string; readonly author: string }
}
/** A PDF, and the letters of the garden's kinds on it. */
export interface PapersMade {
  readonly file: Uint8Array
  readonly letters: ReadonlyMap<string, string>
}

/** Papers of a garden as one PDF; null when there is nothing to put on them. */
export async function makePapers({ rows, ask, fonts, info }: PapersJob): Promise<PapersMade | null> {
  const { parts, input } = partsOfRows(rows)
  const pages = papersOf({ stored: scenesOfParts(parts), input }, ask)
  if (pages.length === 0) return null
  return { file: await writePapersAsPdf(pages, fonts, info), letters: lettersOfParts(parts) }
}
