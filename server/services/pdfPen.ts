import { deflateSync } from 'node:zlib'
import PDFDocument from 'pdfkit'
import {
  onSheet,
  strokeWidth,
  tracePath,
  walkPaints,
  wordsPlace,
  type Paint,
  type Shade,
  type Shape,
  type Sheet,
  type Words,
} from '../../core/draw'

import type { DrawingPage, PaperPage } from '../../core/papers'
import { pdfPath } from './pdfPath'
import { writeTextPage } from './pdfText'

/** The faces of the letters, as font files. */
export type PdfFonts = Readonly<Record<NonNullable<Words['face']>, Uint8Array>>

interface PdfPage {
  readonly title: string
  readonly paints: Iterable<Paint>
  readonly sheet: Sheet
  readonly widthPt: number
  readonly heightPt: number
}

type Pdf = InstanceType<typeof PDFDocument>

/** Paints as a PDF, a page a drawing, with its fonts in it. */
export const writePaintsAsPdf = (pages: readonly PdfPage[], fonts: PdfFonts): Promise<Uint8Array> =>
  writePapersAsPdf(
    pages.map(({ paints, sheet, ...page }) => ({ kind: 'drawing', ...page, panels: [{ paints, sheet }] })),
    fonts,
    { title: pages[0]?.title ?? '', author: '' },
  )

/** What a PDF says of itself. */
export interface PdfInfo {
  readonly title: string
  readonly author: string
}

/** Papers as one PDF with its fonts in it. */
export async function writePapersAsPdf(
  pages: Iterable<PaperPage>,
  fonts: PdfFonts,
  info: PdfInfo,
): Promise<Uint8Array> {
  const parts: Uint8Array[] = []
  await givePapersAsPdf(pages, fonts, info, (part) => parts.push(part))
  return Buffer.concat(parts)
}

/** Papers as one PDF with its fonts in it, given out part by part, in their order; a page is made when its turn comes. */
export async function givePapersAsPdf(
  pages: Iterable<PaperPage>,
  fonts: PdfFonts,
  info: PdfInfo,
  give: (part: Uint8Array) => void,
): Promise<void> {
  // No font is chosen at the start: the standard ones would be looked for as files beside the program.
  const pdf = new PDFDocument({ autoFirstPage: false, font: '', info: { Title: info.title, Author: info.author } })
  for (const [face, file] of Object.entries(fonts)) pdf.registerFont(face, Buffer.from(file))
  const given = new Given(pdf, give)
  for (const page of pages) {
    await new Promise((next) => {
      setImmediate(next)
    })
    given.check()
    if (page.kind === 'text') writeTextPage(pdf, page)
    else writeDrawing(pdf, page)
  }
  pdf.end()
  await given.ended
  given.check()
}

function writeDrawing(pdf: Pdf, { widthPt, heightPt, panels }: DrawingPage) {
  pdf.addPage({ size: [widthPt, heightPt], margin: 0 })
  for (const { paints, sheet } of panels) drawPaints(pdf, paints, sheet)
}

/** Gives out what a PDF writes, until whoever takes it cannot. */
class Given {
  readonly ended: Promise<void>
  private trouble: { readonly error: unknown } | undefined

  constructor(pdf: Pdf, give: (part: Uint8Array) => void) {
    this.ended = new Promise((done, failed) => {
      pdf.on('end', done).on('error', failed)
    })
    pdf.on('data', (part: Uint8Array) => {
      if (this.trouble) return
      try {
        give(part)
      } catch (error) {
        this.trouble = { error }
      }
    })
  }

  /** Throws what kept the last part from being taken. */
  check() {
    if (this.trouble) throw this.trouble.error
  }
}

const drawPaints = (pdf: Pdf, paints: Iterable<Paint>, sheet: Sheet) =>
  walkPaints(paints, sheet, {
    shape: (shape, at) => drawShape(pdf, shape, at),
    words: (words, at) => drawWords(pdf, words, at),
    clip: (path, at, within) => {
      pdf.save()
      tracePath(path, at, pdf)
      pdf.clip()
      within()
      pdf.restore()
    },
  })

/** What pdfkit does with a page's text is not among its types: it packs what is not said to be packed. */
interface Contents {
  readonly uncompressedLength: number
  readonly data: Record<string, unknown>
  buffer: Uint8Array[]
  compress: boolean
  end: () => void
}
interface OpenPage {
  content: Contents
  readonly dictionary: { readonly data: { Contents: Contents | Contents[] } }
}
/** A page of thousands of plants is packed piece by piece, not held whole, bytes; less tightly, which takes a third of the time. */
const PIECE = 2_000_000
const PACKED = 4

function write(pdf: Pdf, text: string) {
  ;(pdf as unknown as { addContent: (text: string) => void }).addContent(text)
  const page = pdf.page as unknown as OpenPage
  const { content, dictionary } = page
  if (content.uncompressedLength < PIECE) return
  page.content = pdf.ref({}) as unknown as Contents
  dictionary.data.Contents = [dictionary.data.Contents, page.content].flat()
  content.buffer = [deflateSync(Buffer.concat(content.buffer), { level: PACKED })]
  content.data.Filter = 'FlateDecode'
  content.compress = false
  content.end()
}

function drawShape(pdf: Pdf, shape: Shape, sheet: Sheet) {
  const { fill, stroke, dash } = shape
  const alpha = shape.alpha ?? 1
  const path = pdfPath(shape.path, sheet)
  if (path === '') return
  if (typeof fill === 'string') {
    pdf.fillColor(fill).fillOpacity(alpha)
    write(pdf, `${path} f`)
  } else if (fill) {
    write(pdf, path)
    pdf.fillOpacity(alpha).fill(gradientOf(pdf, fill, sheet))
  }
  if (!stroke) return
  pdf
    .lineWidth(strokeWidth(shape, sheet))
    .lineCap(dash ? 'butt' : 'round')
    .strokeColor(stroke)
    .strokeOpacity(alpha)
  if (dash && dash.length > 0) pdf.dash(dash[0]!, { space: dash[1] ?? dash[0]! })
  else pdf.undash()
  write(pdf, `${path} S`)
}

function gradientOf(pdf: Pdf, shade: Shade, sheet: Sheet) {
  const [from, to] = [onSheet(shade.from, sheet), onSheet(shade.to, sheet)]
  const gradient = pdf.linearGradient(from.x, from.y, to.x, to.y)
  for (const [at, colour] of shade.stops) gradient.stop(at, colour)
  return gradient
}

/** Letters are set from their top; places name their middle. */
const HALF_HEIGHT = 0.6
const RIM_PT = 2.4

function drawWords(pdf: Pdf, w: Words, sheet: Sheet) {
  pdf.font(w.face ?? 'plain').fontSize(w.size)
  const wide = pdf.widthOfString(w.words)
  const before = { left: 0, center: wide / 2, right: wide }[w.align ?? 'left']
  const at = wordsPlace(w, sheet)
  const [x, y] = [at.x - before, at.y - w.size * HALF_HEIGHT]
  if (w.rim) {
    pdf.lineWidth(RIM_PT).undash().strokeColor(opaque(w.rim)).strokeOpacity(0.85)
    pdf.text(w.words, x, y, { lineBreak: false, stroke: true, fill: false })
  }
  pdf.fillColor(w.colour).fillOpacity(1).text(w.words, x, y, { lineBreak: false })
}

/** `rgba(251, 247, 238, 0.85)` without its opacity. */
function opaque(colour: string): string | [number, number, number] {
  const parts = /^rgba\((\d+), (\d+), (\d+)/.exec(colour)
  return parts ? [Number(parts[1]), Number(parts[2]), Number(parts[3])] : colour
}
