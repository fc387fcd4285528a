import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
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

let folder: string
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'papers-'))
})
afterAll(() => rmSync(folder, { recursive: true }))

async function job(sheets: PapersJob['ask']['sheets'], file: string, bedId = ''): Promise<PapersJob> {
  const rows = (await rowsOfGarden(db, 'saltmarsh-row', plantsOf))!
  const head = { garden: rows.garden.value.name, author: 'A. Keeper', revision: 'B', date: '2026-04-01' }
  const paper = PAPER_SIZES[0]!
  const rest = { ratio: 0, plain: false, method: 'baseline', path: 'right', orderId: '' } as const
  return {
    rows,
    ask: { sheets, paper, head, bedId, ...rest },
    fonts: demoFonts(),
    info: { title: 'papers', author: 'A. Keeper' },
    path: resolve(folder, file),
  }
}

const textOf = async ({ path }: PapersJob) => (await readPdf(readFileSync(path))).map((p) => p.text)

describe('papers made from what is stored', () => {
  it('all that is given to a process is plain: it can be cloned, and makes the same sheets', async () => {
    const one = await job(['cautions', 'care'], 'one.pdf')
    const other = { ...structuredClone(one), path: resolve(folder, 'other.pdf') }
    const made = await Promise.all([makePapers(one), makePapers(other)])
    expect(made[0]).toMatchObject({ letters: expect.any(Map) as Map<string, string> })
    expect(made[1]).toEqual(made[0])
    const texts = await Promise.all([textOf(one), textOf(other)])
    expect(texts[0]!.length).toBeGreaterThanOrEqual(2)
    expect(texts[0]).toEqual(texts[1])
    expect(texts[0]!.join(' ')).toContain('Saltmarsh Row Library')
  })
  it('nothing to print is nothing, and no file', async () => {
    const none = await job(['plan'], 'none.pdf', 'no-such-bed')
    expect(await makePapers(none)).toBe('nothing')
    expect(existsSync(none.path)).toBe(false)
  })
  it.skipIf(!existsSync('/dev/full'))('no room for the file is said', async () => {
    expect(await makePapers(await job(['cautions'], '/dev/full'))).toBe('no room')
  })
  it('a garden that is not there has no rows', async () => {
    expect(await rowsOfGarden(db, 'nowhere', plantsOf)).toBeNull()
  })
})
