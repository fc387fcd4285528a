import { readdirSync, readFileSync } from 'node:fs'
import { get } from 'node:http'
import { expect, test, type APIRequestContext } from '@playwright/test'
import { emptyFolder, startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const GARDEN = 'saltmarsh-row'
interface Stored {
  revision: number
  value: Record<string, unknown>
}
const briefOf = async (request: APIRequestContext) =>
  (await (await request.get(`${server.url}/api/gardens/${GARDEN}/brief`)).json()) as Stored
const said = async (answer: { json: () => Promise<unknown> }) =>
  ((await answer.json()) as { data?: { message?: string }; message?: string }).data?.message ?? ''

test('a brief: what cannot be is refused in words and changes nothing, a stale one is told what is stored', async ({
  request,
}) => {
  const before = await briefOf(request)
  const put = (change: object, revision = before.revision) =>
    request.put(`${server.url}/api/gardens/${GARDEN}/brief`, {
      data: { revision, brief: { ...before.value, ...change } },
    })
  const cases: [object, RegExp][] = [
    [{ hoursAYear: -1 }, /cannot be negative/],
    [{ phases: 0 }, /At least one phase/],
    [{ hates: ['x'.repeat(200)] }, /at most 80/],
    [{ months: [13] }, /months/],
    [{ schools: { layered: { spacing: 9 } } }, /spacing factor is at most/],
    [{ theme: { harmony: 'opposites', base: 'red', colours: [] } }, /#a4573f/],
    [{ requirements: [{ trait: 'singing', weight: 'must', beds: [] }] }, /requirements/],
  ]
  for (const [change, words] of cases) {
    const answer = await put(change)
    expect(answer.status(), JSON.stringify(change)).toBe(422)
    expect(await said(answer)).toMatch(words)
  }
  expect(await briefOf(request)).toEqual(before)
  const ok = await put({ budget: 5000 })
  expect(ok.ok()).toBe(true)
  const stale = await put({ budget: 6000 })
  expect(stale.status()).toBe(409)
  expect(((await stale.json()) as { data: { stored: Stored } }).data.stored.value.budget).toBe(5000)
  expect(
    (
      await request.put(`${server.url}/api/gardens/nowhere/brief`, { data: { revision: 0, brief: before.value } })
    ).status(),
  ).toBe(404)
})

test('a garden’s own figures: unknown plants and columns and figures that cannot be are refused; taken back, the library’s hold', async ({
  request,
}) => {
  const put = (plant: string, cells: object) =>
    request.put(`${server.url}/api/gardens/${GARDEN}/plants/${plant}`, { data: { cells } })
  const height = async () =>
    (
      (await (await request.get(`${server.url}/api/library?garden=${GARDEN}`)).json()) as {
        plants: { id: string; flowerHeightM: number }[]
      }
    ).plants.find((p) => p.id === 'nepeta-x-faassenii')!.flowerHeightM
  const before = await height()
  expect((await put('no-such-plant', { spread_m: '1' })).status()).toBe(404)
  for (const cells of [
    { colour_of_mind: 'blue' },
    { botanical_name: 'Rosa' },
    { spread_m: 'wide' },
    { zones: '9:2' },
    { flower_height_m: '-1' },
  ])
    expect((await put('nepeta-x-faassenii', cells)).status(), JSON.stringify(cells)).toBe(422)
  expect(await height()).toBe(before)
  expect((await put('nepeta-x-faassenii', { flower_height_m: '0.95' })).ok()).toBe(true)
  expect(await height()).toBe(0.95)
  // Other gardens, and the library by itself, know nothing of it.
  const plain = (await (await request.get(`${server.url}/api/library`)).json()) as {
    plants: { id: string; flowerHeightM: number }[]
    changed: string[]
  }
  expect(plain.plants.find((p) => p.id === 'nepeta-x-faassenii')!.flowerHeightM).toBe(before)
  expect(plain.changed).toEqual([])
  expect((await put('nepeta-x-faassenii', {})).ok()).toBe(true)
  expect(await height()).toBe(before)
})

test('plant lists: a dry run takes nothing, what goes out comes in unchanged, in both forms', async ({
  request,
}) => {
  const library = async () =>
    ((await (await request.get(`${server.url}/api/library`)).json()) as { plants: { id: string }[] }).plants
  const before = await library()
  for (const [as, type] of [
    ['csv', 'text/csv'],
    ['json', 'application/json'],
  ] as const) {
    const text = await (await request.get(`${server.url}/api/library/export?as=${as}`)).text()
    const into = (query: string) =>
      request.post(`${server.url}/api/library/import${query}`, {
        headers: { 'content-type': type },
        data: Buffer.from(text),
      })
    const dry = await into('?dry=1')
    expect(await dry.json()).toMatchObject({ taken: before.length, added: [] })
    expect(await library()).toEqual(before)
  }
  const [header, first] = readFileSync(new URL('../../data/plants.csv', import.meta.url), 'utf8').split('\n')
  const renamed = first!.replace(/^[^,]+/, 'Rosa saltmarshensis')
  const odd = first!.replace(/^[^,]+,[^,]+,[^,]+/, 'Rosa altera,other rose,wizard')
  const two = `${header}\n${renamed}\n${odd}\n`
  const broken = await request.post(`${server.url}/api/library/import`, {
    headers: { 'content-type': 'text/csv' },
    data: Buffer.from(two),
  })
  expect(broken.status()).toBe(422)
  expect(await said(broken)).toMatch(/row 3, kind: “wizard” came/)
  expect(await library()).toEqual(before)
})

test('a server whose log nobody reads any more goes on, and ends when it is told to', async ({ request }) => {
  const unheard = await startServer({ env: { AMBER_LOG: '1' } })
  unheard.deafen()
  for (let i = 0; i < 5; i++)
    expect((await request.get(`${unheard.url}/api/gardens`, { timeout: 5000 })).status()).toBe(200)
  process.kill(unheard.pid, 'SIGTERM')
  expect(await unheard.ended()).toBe(0)
})

test('papers that were sent, or left half way, leave no file behind and no word in the log', async ({
  request,
}) => {
  const temporary = emptyFolder()
  const printing = await startServer({ demo: true, env: { TMPDIR: temporary } })
  const papers = `${printing.url}/api/gardens/${GARDEN}/papers?sheets=elevation,schedule`
  const sent = await request.get(papers)
  const file = await sent.body()
  expect(file.subarray(0, 5).toString()).toBe('%PDF-')
  expect(file.length).toBe(Number(sent.headers()['content-length']))
  const half = await new Promise<number>((left) => {
    const asked = get(papers, (answer) => {
      answer.once('data', (part: Buffer) => {
        asked.destroy()
        left(part.length)
      })
    })
  })
  expect(half).toBeLessThan(file.length)
  const early = get(papers).on('error', () => undefined)
  await expect.poll(() => readdirSync(temporary).length).toBe(1)
  early.destroy()
  await expect.poll(() => readdirSync(temporary)).toEqual([])
  expect(printing.errors()).toBe('')
  await printing.kill()
})

test('the head of an answer is that of the whole, for pages, figures and files, and what is not there has none', async ({
  request,
}) => {
  const at = (path: string) => `${server.url}${path}`
  const marked = ['/api/gardens', `/api/gardens/${GARDEN}/schedule?as=csv`, `/api/gardens/${GARDEN}/sowing.ics`]
  for (const path of ['/', ...marked]) {
    const [head, whole] = [await request.head(at(path)), await request.get(at(path))]
    expect([head.status(), head.headers()['content-type']], path).toEqual([200, whole.headers()['content-type']])
    expect((await head.body()).length).toBe(0)
    expect(head.headers()['etag'], path).toBe(whole.headers()['etag'])
  }
  expect((await request.head(at('/api/gardens/nowhere'))).status()).toBe(404)
})
