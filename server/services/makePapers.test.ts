import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { PAPER_SIZES } from '../../core/papers'
import { demoFonts, demoStore } from '../../tests/support/demoStore'
import { library } from '../../tests/support/library'
import { readPdf } from '../../tests/support/readPdf'
import { rowsOfGarden } from './gardenRows'
import { makePapers, type PapersJob } from './makePapers'

let db: Awaited<ReturnType<typeof demoStore>>
beforeAll(async () => {
  db = await demoStore()
})
afterAll(() => db.close())

const plantsOf = () => Promise.resolve(library)

async function job(sheets: PapersJob['ask']['sheets'], bedId = ''): Promise<PapersJob> {
  const rows = (await rowsOfGarden(db, 'saltmarsh-row', plantsOf))!
  const head = { garden: rows.garden.value.name, author: 'A. Keeper', revision: 'B', date: '2026-04-01' }
  const paper = PAPER_SIZES[0]!
  const rest = { ratio: 0, plain: false, method: 'baseline', path: 'right', orderId: '' } as const
  return {
    rows,
    ask: { sheets, paper, head, bedId, ...rest },
    fonts: demoFonts(),
    info: { title: 'papers', author: 'A. Keeper' },
  }
}

describe('papers made from what is stored', () => {
  it('all that is given to a process is plain: it can be cloned, and makes the same sheets', async () => {
    const own = await job(['cautions', 'care'])
    const [one, other] = await Promise.all([makePapers(own), makePapers(structuredClone(own))])
    const texts = await Promise.all(
      [one, other].map(async (made) => (await readPdf(made!.file)).map((p) => p.text)),
    )
    expect(texts[0]!.length).toBeGreaterThanOrEqual(2)
    expect(texts[0]).toEqual(texts[1])
    expect(texts[0]!.join(' ')).toContain('Saltmarsh Row Library')
  })
  it('nothing to print is nothing', async () => {
    expect(await makePapers(await job(['plan'], 'no-such-bed'))).toBeNull()
  })
  it('a garden that is not there has no rows', async () => {
    expect(await rowsOfGarden(db, 'nowhere', plantsOf)).toBeNull()
  })
})
