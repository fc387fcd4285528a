import { closeSync, openSync, writeSync } from 'node:fs'
import type { PaperPage } from '../../core/papers'
import { papersOf, type PapersAsk } from './gardenPapers'
import { partsOfRows, type GardenRows } from './gardenRows'
import { lettersOfParts, scenesOfParts } from './gardenScenes'
import { givePapersAsPdf, type PdfFonts, type PdfInfo } from './pdfPen'

/** Everything that papers are made from, as plain data. */
export interface PapersJob {
  readonly rows: GardenRows
  readonly ask: PapersAsk
  readonly fonts: PdfFonts
  readonly info: PdfInfo
  /** Where the PDF is written: papers of a large garden are too large to be held. */
  readonly path: string
}
/** The letters of the garden's kinds on its papers; or that there is nothing to put on them, or no room for the file. */
export type PapersMade = { readonly letters: ReadonlyMap<string, string> } | 'nothing' | 'no room'

/** Papers of a garden as one PDF file. */
export async function makePapers({ rows, ask, fonts, info, path }: PapersJob): Promise<PapersMade> {
  const { parts, input } = partsOfRows(rows)
  const pages = papersOf({ stored: scenesOfParts(parts), input }, ask)
  const first = pages.next()
  if (first.done) return 'nothing'
  const file = openSync(path, 'w')
  try {
    await givePapersAsPdf(from(first.value, pages), fonts, info, (part) => void writeWhole(file, part))
  } catch (error) {
    if (isFull(error)) return 'no room'
    throw error
  } finally {
    closeSync(file)
  }
  return { letters: lettersOfParts(parts) }
}

function* from(first: PaperPage, others: Iterable<PaperPage>) {
  yield first
  yield* others
}

const isFull = (error: unknown) => ['ENOSPC', 'EDQUOT'].includes((error as NodeJS.ErrnoException).code ?? '')

/** The machine may take less than it is given at once. */
function writeWhole(file: number, part: Uint8Array) {
  for (let at = 0; at < part.length;) at += writeSync(file, part, at)
}
