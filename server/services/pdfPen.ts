import PDFDocument from 'pdfkit'
import {
  badgeSheet,
  isClipped,
  isShape,
  isWords,
  L,
  M,
  Q,
  Z,
  type Paint,
  type Path,
  type Shade,
  type Shape,
  type Sheet,
  type Words,
} from '../../core/draw'

/** The faces of the letters, as font files. */
export type PdfFonts = Readonly<Record<NonNullable<Words['face']>, Uint8Array>>

export interface PdfPage {
  readonly title: string
  readonly paints: readonly Paint[]
  readonly sheet: Sheet
  readonly widthPt: number
  readonly heightPt: number
}

type Pdf = InstanceType<typeof PDFDocument>

/** Paints as a PDF, a page a drawing, with its fonts in it. */
export async function writePaintsAsPdf(pages: readonly PdfPage[], fonts: PdfFonts): Promise<Uint8Array> {
  // No font is chosen at the start: the standard ones would be looked for as files beside the program.
  const pdf = new PDFDocument({ autoFirstPage: false, font: '', info: { Title: pages[0]?.title ?? '' } })
  for (const [face, file] of Object.entries(fonts)) pdf.registerFont(face, Buffer.from(file))
  const done = collect(pdf)
  for (const { paints, sheet, widthPt, heightPt } of pages) {
    pdf.addPage({ size: [widthPt, heightPt], margin: 0 })
    drawPaints(pdf, paints, sheet)
  }
  pdf.end()
  return done
}

function collect(pdf: Pdf): Promise<Uint8Array> {
  return new Promise((done, failed) => {
    const parts: Buffer[] = []
    pdf.on('data', (part: Buffer) => parts.push(part))
    pdf.on('end', () => done(Buffer.concat(parts)))
    pdf.on('error', failed)
  })
}

function drawPaints(pdf: Pdf, paints: readonly Paint[], sheet: Sheet) {
  for (const paint of paints) {
    if (isShape(paint)) drawShape(pdf, paint, sheet)
    else if (isWords(paint)) drawWords(pdf, paint, sheet)
    else if (isClipped(paint)) {
      pdf.save()
      tracePath(pdf, paint.clip, sheet)
      pdf.clip()
      drawPaints(pdf, paint.within, sheet)
      pdf.restore()
    } else drawPaints(pdf, paint.badge, badgeSheet(sheet, paint.at))
  }
}

function drawShape(pdf: Pdf, shape: Shape, sheet: Sheet) {
  const { fill, stroke, dash } = shape
  const alpha = shape.alpha ?? 1
  if (fill) {
    tracePath(pdf, shape.path, sheet)
    pdf.fillOpacity(alpha).fill(typeof fill === 'string' ? fill : gradientOf(pdf, fill, sheet))
  }
  if (!stroke) return
  tracePath(pdf, shape.path, sheet)
  pdf
    .lineWidth(Math.max(shape.thin ?? 0, (shape.lineWidth ?? 0) * sheet.perM))
    .lineCap(dash ? 'butt' : 'round')
    .strokeOpacity(alpha)
  if (dash && dash.length > 0) pdf.dash(dash[0]!, { space: dash[1] ?? dash[0]! })
  else pdf.undash()
  pdf.stroke(stroke)
}

function gradientOf(pdf: Pdf, { from, to, stops }: Shade, { perM, left, top }: Sheet) {
  const ends = [left + from.x * perM, top - from.y * perM, left + to.x * perM, top - to.y * perM] as const
  const gradient = pdf.linearGradient(...ends)
  for (const [at, colour] of stops) gradient.stop(at, colour)
  return gradient
}

/** Letters stand on a base line; places name their middle. */
const HALF_HEIGHT = 0.6
const RIM_PT = 2.4

function drawWords(pdf: Pdf, w: Words, { perM, left, top }: Sheet) {
  pdf.font(w.face ?? 'plain').fontSize(w.size)
  const wide = pdf.widthOfString(w.words)
  const before = { left: 0, center: wide / 2, right: wide }[w.align ?? 'left']
  const x = left + w.x * perM + (w.dx ?? 0) - before
  const y = top - w.y * perM - (w.dy ?? 0) - w.size * HALF_HEIGHT
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

function tracePath(pdf: Pdf, path: Path, { perM, left, top }: Sheet) {
  for (let i = 0; i < path.length;) {
    const step = path[i++]
    if (step === Z) {
      pdf.closePath()
      continue
    }
    const x = left + path[i++]! * perM
    const y = top - path[i++]! * perM
    if (step === M) pdf.moveTo(x, y)
    else if (step === L) pdf.lineTo(x, y)
    else if (step === Q) pdf.quadraticCurveTo(x, y, left + path[i++]! * perM, top - path[i++]! * perM)
    else pdf.circle(x, y, path[i++]! * perM)
  }
}
