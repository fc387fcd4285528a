import type PDFDocument from 'pdfkit'
import type { Block, TextPage } from '../../core/papers'

type Pdf = InstanceType<typeof PDFDocument>

const MARGIN = 40
const FOOT = 22
const INK = '#2b2621'
const SOFT = '#6b6258'
const LINE = '#b9ad98'
const CELL_PAD = 3
const SIZE = 8.5

/** Text and tables on as many pages as they need; each has its foot and its number. */
export function writeTextPage(pdf: Pdf, page: TextPage) {
  const add = () => pdf.addPage({ size: [page.widthPt, page.heightPt], margin: 0 })
  const flow = new Flow(pdf, page, add)
  for (const block of page.blocks) flow.block(block)
  flow.foot()
}

class Flow {
  private y = 0
  private number = 0

  constructor(
    private readonly pdf: Pdf,
    private readonly page: TextPage,
    private readonly add: () => void,
  ) {
    this.turn()
  }

  private get width() {
    return this.page.widthPt - 2 * MARGIN
  }

  private turn() {
    if (this.number > 0) this.foot()
    this.add()
    this.number++
    this.y = MARGIN
  }

  foot() {
    const { pdf, page } = this
    pdf.font('plain').fontSize(7).fillColor(SOFT).fillOpacity(1)
    pdf.text(page.foot, MARGIN, page.heightPt - FOOT, { width: this.width - 40, lineBreak: false, ellipsis: true })
    pdf.text(String(this.number), page.widthPt - MARGIN - 30, page.heightPt - FOOT, {
      width: 30,
      align: 'right',
      lineBreak: false,
    })
  }

  private room(height: number) {
    if (!this.hasRoom(height)) this.turn()
  }

  private hasRoom(height: number) {
    return this.y + height <= this.page.heightPt - MARGIN - FOOT / 2
  }

  block(block: Block) {
    if (block.kind === 'table') this.table(block)
    else this.words(block)
  }

  private words({ kind, text }: Exclude<Block, { kind: 'table' }>) {
    const { pdf } = this
    const look = LOOKS[kind]
    pdf.font(look.face).fontSize(look.size)
    const marked = kind === 'caution' ? `!  ${text}` : text
    const height = pdf.heightOfString(marked, { width: this.width })
    this.room(height + look.before + (kind === 'heading' ? 40 : 0))
    this.y += look.before
    pdf.fillColor(look.colour).fillOpacity(1).text(marked, MARGIN, this.y, { width: this.width })
    this.y += height + look.after
  }

  private table(table: Extract<Block, { kind: 'table' }>) {
    const widths = table.shares.map((s) => s * this.width)
    const hasHead = table.headings.some((h) => h !== '')
    if (hasHead) this.row(table.headings, widths, table.right ?? [], true)
    for (const row of table.rows) {
      const height = this.heightOf(row, widths, false)
      if (!this.hasRoom(height)) {
        this.turn()
        if (hasHead) this.row(table.headings, widths, table.right ?? [], true)
      }
      this.row(row, widths, table.right ?? [], false, height)
    }
    this.y += 8
  }

  private heightOf(row: readonly string[], widths: readonly number[], head: boolean) {
    const { pdf } = this
    pdf.font(head ? 'bold' : 'plain').fontSize(SIZE)
    const heights = row.map((cell, i) => {
      const width = (widths[i] ?? 40) - 2 * CELL_PAD
      return this.fits(cell, width) ? pdf.currentLineHeight(true) : pdf.heightOfString(cell, { width })
    })
    return Math.max(...heights) + 2 * CELL_PAD
  }

  /** Whether a cell is one line: it needs no breaking then, which takes most of a long table's time. */
  private fits(cell: string, width: number) {
    return !cell.includes('\n') && this.pdf.widthOfString(cell) <= width
  }

  private row(
    row: readonly string[],
    widths: readonly number[],
    right: readonly number[],
    head: boolean,
    height = this.heightOf(row, widths, head),
  ) {
    const { pdf } = this
    this.room(height)
    pdf
      .font(head ? 'bold' : 'plain')
      .fontSize(SIZE)
      .fillColor(head ? SOFT : INK)
      .fillOpacity(1)
    let x = MARGIN
    row.forEach((cell, i) => {
      const width = widths[i] ?? 40
      if (cell !== '') this.cell(cell, x + CELL_PAD, width - 2 * CELL_PAD, right.includes(i))
      x += width
    })
    this.y += height
    pdf
      .moveTo(MARGIN, this.y)
      .lineTo(MARGIN + this.width, this.y)
      .undash()
      .lineWidth(head ? 0.9 : 0.4)
      .strokeOpacity(1)
      .stroke(LINE)
  }

  private cell(cell: string, x: number, width: number, isRight: boolean) {
    const { pdf } = this
    const y = this.y + CELL_PAD
    if (!this.fits(cell, width)) pdf.text(cell, x, y, { width, align: isRight ? 'right' : 'left' })
    else pdf.text(cell, isRight ? x + width - pdf.widthOfString(cell) : x, y, { lineBreak: false })
  }
}

const LOOKS = {
  title: { face: 'title-bold', size: 20, before: 0, after: 8, colour: INK },
  heading: { face: 'title-bold', size: 12.5, before: 8, after: 4, colour: INK },
  words: { face: 'plain', size: 9.5, before: 0, after: 5, colour: INK },
  caution: { face: 'plain', size: 9.5, before: 0, after: 4, colour: '#7a3f06' },
} as const
