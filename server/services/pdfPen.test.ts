import { expect, it } from 'vitest'
import { L, M, type Paint } from '../../core/draw'
import { demoFonts } from '../../tests/support/demoStore'
import { readPdf } from '../../tests/support/readPdf'
import { writePaintsAsPdf } from './pdfPen'

const COUNT = 60_000

it('a page of very many paints is written in pieces, and reads as one', async () => {
  const paints: Iterable<Paint> = {
    *[Symbol.iterator]() {
      for (let i = 0; i < COUNT; i++) {
        yield { path: [M, i % 500, 0.25, L, i % 500, 7.25], stroke: '#2b2621', lineWidth: 0.5 }
        if (i % 200 === 0) yield { words: `no${i};`, x: i % 500, y: 20, size: 12, colour: '#2b2621' }
      }
    },
  }
  const page = { title: 'Many', paints, sheet: { perM: 1, left: 0, top: 800 }, widthPt: 600, heightPt: 800 }
  const file = await writePaintsAsPdf([page], demoFonts())
  expect(Buffer.from(file).toString('latin1')).toMatch(/\/Contents \[\d+ 0 R \d+ 0 R/)
  const [read] = await readPdf(file)
  expect(read!.text.match(/no\d+;/g)).toEqual(Array.from({ length: COUNT / 200 }, (_, i) => `no${i * 200};`))
  // The reader joins some lines of a page so long.
  expect((await read!.lines()).filter((l) => l === 7).length).toBeGreaterThan(COUNT * 0.99)
})
