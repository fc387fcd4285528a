import type { SheetView } from '../../core/scene'
import type { PdfFonts } from './pdfPen'

export const SHEET_FILES = ['pdf', 'svg', 'dxf'] as const
export interface SheetAsk {
  readonly bedId: string
  readonly view: SheetView
  readonly as: (typeof SHEET_FILES)[number]
  readonly month: number
  readonly year: number
  readonly fonts: PdfFonts
}
