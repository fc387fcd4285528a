import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'

interface ReadPage {
  readonly widthPt: number
  readonly heightPt: number
  readonly text: string
  /** Lengths of all straight lines, points, to the hundredth; looked for when they are asked for. */
  lines(): Promise<readonly number[]>
}

/** Reads a PDF back: page sizes, text, the lengths of its straight lines. */
export async function readPdf(bytes: Uint8Array): Promise<ReadPage[]> {
  const file = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 }).promise
  const pages: ReadPage[] = []
  for (let n = 1; n <= file.numPages; n++) {
    const page = await file.getPage(n)
    const [x0, y0, x1, y1] = page.view as [number, number, number, number]
    const text = (await page.getTextContent()).items.map((i) => ('str' in i ? i.str : '')).join(' ')
    pages.push({ widthPt: x1 - x0, heightPt: y1 - y0, text, lines: () => linesOf(page) })
  }
  return pages
}

async function linesOf(page: Awaited<ReturnType<Awaited<ReturnType<typeof getDocument>['promise']>['getPage']>>) {
  const { fnArray, argsArray } = await page.getOperatorList()
  const lines: number[] = []
  fnArray.forEach((fn, i) => {
    if (fn !== OPS.constructPath) return
    const [steps, args] = argsArray[i] as [number[], number[]]
    let at = 0
    let last = [0, 0]
    for (const step of steps) {
      const count =
        step === OPS.curveTo
          ? 6
          : step === OPS.closePath
            ? 0
            : step === OPS.rectangle || step === OPS.curveTo2 || step === OPS.curveTo3
              ? 4
              : 2
      const point = args.slice(at + count - 2, at + count)
      if (step === OPS.lineTo)
        lines.push(Math.round(Math.hypot(point[0]! - last[0]!, point[1]! - last[1]!) * 100) / 100)
      if (count > 0) last = point
      at += count
    }
  })
  return lines
}
