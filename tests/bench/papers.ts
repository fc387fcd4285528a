import { gardenCount } from '../../core/count'
import { PAPER_SIZES, SHEET_KINDS } from '../../core/papers'
import { insertBed } from '../../server/db/queries/beds'
import { countInputOf } from '../../server/services/gardenCounts'
import { papersOf } from '../../server/services/gardenPapers'
import { scenesOfGarden } from '../../server/services/gardenScenes'
import { writePapersAsPdf } from '../../server/services/pdfPen'
import { demoFonts, demoStore } from '../support/demoStore'
import { library } from '../support/library'
import { bed1500 } from './bed1500'
import type { Report } from './report'

/** The whole dossier of the demo garden, and of one of 5,000 plants. */
export async function benchPapers(report: Report) {
  const db = await demoStore()
  report('papers-demo-garden', await dossier(db), 's', 5)
  for (let i = 0; i < 3; i++)
    await insertBed(db, `large-${i}`, 'saltmarsh-row', { ...bed1500(), name: `Large ${i + 1}` })
  report('papers-5000-plants', await dossier(db), 's', 20)
  await db.close()
}

async function dossier(db: Awaited<ReturnType<typeof demoStore>>): Promise<number> {
  const began = performance.now()
  const plantsOf = () => Promise.resolve(library)
  const stored = await scenesOfGarden(db, 'saltmarsh-row', plantsOf)
  const counted = await countInputOf(db, 'saltmarsh-row', plantsOf)
  const of = { stored: stored!, input: counted!.input }
  const head = { garden: counted!.name, author: '', revision: 'A', date: '2026-04-01' }
  const paper = PAPER_SIZES.find((p) => p.name === 'A3')!
  const plain = { ratio: 0, plain: false, bedId: '', head, method: 'baseline', path: 'right', orderId: '' } as const
  let last = performance.now()
  if (process.env.SAY)
    for (const kind of SHEET_KINDS) {
      const pages = await papersOf(of, { sheets: [kind], paper, ...plain })
      const made = performance.now()
      const bytes = await writePapersAsPdf(pages, demoFonts(), { title: '', author: '' })
      console.log(kind, (made - last).toFixed(0), (performance.now() - made).toFixed(0), bytes.length)
      last = performance.now()
    }
  const start = process.env.SAY ? performance.now() : began
  const pages = await papersOf(of, { sheets: SHEET_KINDS, paper, ...plain })
  const bytes = await writePapersAsPdf(pages, demoFonts(), { title: '', author: '' })
  const seconds = (performance.now() - start) / 1000
  const plants = gardenCount(of.input).plants
  console.log(`(${plants} plants, ${pages.length} sheets, ${(bytes.length / 1e6).toFixed(1)} MB)`)
  return seconds
}
