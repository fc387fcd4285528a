import { expect, test, type Page } from '@playwright/test'
import { makeAccount } from '../support/makeAccount'
import { emptyFolder, startServer, type TestServer } from '../support/server'

const PASSWORD = 'a hedge of nine hollies'
let server: TestServer
test.beforeAll(async () => {
  const folder = emptyFolder()
  const first = await startServer({ folder, demo: true })
  await first.kill()
  makeAccount(folder, 'linden', PASSWORD)
  server = await startServer({ folder, env: { HOST: '0.0.0.0', NITRO_HOST: '0.0.0.0' } })
})
test.afterAll(() => server.kill())

async function signIn(page: Page) {
  const answer = await page.request.post(`${server.url}/api/sign-in`, {
    data: { login: 'linden', password: PASSWORD },
  })
  expect(answer.ok()).toBe(true)
}
const inDays = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10)
async function makeLink(page: Page, change: object = {}) {
  const data = { name: 'Willow', ends: inDays(30), word: '', schedule: true, papers: false, ...change }
  const answer = await page.request.post(`${server.url}/api/gardens/saltmarsh-row/shares`, { data })
  return { status: answer.status(), ...((await answer.json()) as { id: string; path: string }) }
}

test('a client looks through months and years, marks a place and writes; the designer answers in Compose, and it is settled', async ({
  page,
  browser,
}) => {
  await signIn(page)
  await page.goto(server.url)
  await page.getByRole('button', { name: 'Show', exact: true }).first().click()
  await page.getByLabel('For whom').fill('Willow')
  await page.getByRole('button', { name: 'Make a link' }).click()
  const link = await page.getByRole('status').locator('code').innerText()

  const away = await browser.newContext()
  const client = await away.newPage()
  await client.goto(link)
  await expect(client.getByRole('heading', { level: 1 })).toHaveText('Saltmarsh Row Library')
  await expect(client.getByText(/It is at its best in/)).toBeVisible()
  const front = client.getByRole('region', { name: 'Reading-room front' })
  await expect(front.locator('canvas').first()).toBeVisible()
  await client.waitForTimeout(800)
  const drawn = () =>
    front
      .locator('canvas')
      .first()
      .evaluate((c) => (c as HTMLCanvasElement).toDataURL())
  const june = await drawn()
  await client.getByRole('button', { name: 'Oct' }).click()
  await client.getByRole('button', { name: 'Year 10' }).click()
  await expect.poll(drawn).not.toBe(june)

  await front.locator('.frame').click({ position: { x: 300, y: 150 } })
  await expect(front.getByText(/Marked \d+\.\d m along/)).toBeVisible()
  await front.getByLabel('What you think of Reading-room front').fill('Could this be lower?')
  await front.getByRole('button', { name: 'Please change it' }).click()
  await expect(front.getByRole('listitem')).toContainText('Could this be lower?')

  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await page.getByRole('tab', { name: /Things/ }).click()
  const notes = page.getByTestId('client-notes')
  await expect(notes).toContainText(/Willow asks for a change at \d+\.\d m along/)
  await notes.getByLabel('Answer to Willow').fill('Yes: a lower one comes in autumn.')
  await notes.getByRole('button', { name: 'Send' }).click()
  await expect(notes).toContainText('You: Yes: a lower one')
  await notes.getByRole('button', { name: 'Settled' }).click()
  await expect(notes.getByRole('button', { name: 'Open again' })).toBeVisible()
  // What the client says next is there without a reload.
  await front.getByLabel('What you think of Reading-room front').fill('And could it be white?')
  await front.getByRole('button', { name: 'Please change it' }).click()
  await expect(notes).toContainText('And could it be white?')
  // And the answer is there for the client as soon as they look again.
  await client.evaluate(() => document.dispatchEvent(new Event('visibilitychange')))
  await expect(front.getByRole('listitem').first()).toContainText('Designer: Yes: a lower one')
  await expect(front.getByRole('listitem').first()).toContainText('settled')
  const list = await client.request.get(`${link.replace('/shared/', '/api/shared/')}/schedule`)
  expect(await list.text()).toMatch(/Letter|Key/i)
  expect(await list.text()).not.toMatch(/Each|Total/)
  await away.close()
})

test('through a link nothing else is reached; a word, an end and a revocation hold', async ({
  page,
  playwright,
}) => {
  await signIn(page)
  const { path } = await makeLink(page)
  const api = `${server.url}/api${path}`
  const client = await playwright.request.newContext()
  const status = async (url: string, method = 'GET', data?: object) =>
    (await client.fetch(url, { method, ...(data ? { data } : {}) })).status()
  expect(await status(api)).toBe(200)
  expect(await status(`${api}/beds/reading-room-front`)).toBe(200)
  expect(await status(`${api}/beds/sunny-bank`)).toBe(404)
  expect(await status(`${api}/papers`)).toBe(404)
  for (const other of [
    'gardens',
    'gardens/saltmarsh-row',
    'beds/reading-room-front',
    'library',
    'gardens/saltmarsh-row/supply',
    'gardens/saltmarsh-row/shares',
    'backups',
  ])
    expect(await status(`${server.url}/api/${other}`), other).toBe(401)
  expect(await status(`${server.url}/api/beds/reading-room-front/edits`, 'POST', { revision: 1, edits: [] })).toBe(
    401,
  )
  const bed = (await (await client.get(`${api}/beds/reading-room-front`)).json()) as {
    plants: { sizes: { price: number }[] }[]
  }
  expect(bed.plants.length).toBeGreaterThan(5)
  expect(bed.plants.flatMap((p) => p.sizes).every((s) => s.price === 0)).toBe(true)
  const note = { bedId: 'sunny-bank', revision: 1, kind: 'note', said: 'x' }
  expect(await status(`${api}/notes`, 'POST', note)).toBe(404)
  expect(await status(`${api}/notes`, 'POST', { ...note, bedId: 'bell-island', said: '' })).toBe(422)
  expect(await status(`${api}/notes`, 'POST', { ...note, bedId: 'bell-island', kind: 'approve', said: '' })).toBe(
    201,
  )
  expect(await status(`${server.url}/api/shared/${'x'.repeat(32)}`)).toBe(404)

  const worded = await makeLink(page, { word: 'old lilac' })
  const door = `${server.url}/api${worded.path}`
  expect(await status(door)).toBe(403)
  expect(await status(`${door}/beds/reading-room-front`)).toBe(403)
  expect(await status(`${door}/enter`, 'POST', { word: 'new lilac' })).toBe(403)
  expect(await status(`${door}/enter`, 'POST', { word: 'old lilac' })).toBe(200)
  expect(await status(door)).toBe(200)

  expect((await makeLink(page, { ends: inDays(-1) })).status).toBe(422)
  const mine = await makeLink(page)
  expect(await status(`${server.url}/api${mine.path}`)).toBe(200)
  await page.request.delete(`${server.url}/api/gardens/saltmarsh-row/shares/${mine.id}`)
  expect(await status(`${server.url}/api${mine.path}`)).toBe(404)
  await client.dispose()
})
