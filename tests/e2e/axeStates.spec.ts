import { expect, test, type Browser, type Page } from '@playwright/test'
import { newBed } from '../../core/bed'
import { findings } from '../support/axe'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())
const FRONT = '/beds/reading-room-front'

async function openPage(browser: Browser, path: string): Promise<Page> {
  const context = await browser.newContext({ bypassCSP: true, viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  await page.goto(`${server.url}${path}`)
  await expect(page.locator('#content')).toBeVisible()
  await page.waitForTimeout(1500)
  return page
}
/** What axe finds once a state has come to rest, told with its name. */
async function look(page: Page, state: string): Promise<string[]> {
  await page.waitForTimeout(500)
  return (await findings(page)).map((f) => `${state}: ${f}`)
}
const closes = async (page: Page) => {
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
}

test('compose: card, its panels, things, menus and sheets', async ({ browser }) => {
  const page = await openPage(browser, `${FRONT}/compose`)
  const found: string[] = []
  await page.locator('[data-drift]').first().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('plant-card')).toBeVisible()
  found.push(...(await look(page, 'card')))
  for (const panel of ['Swap', 'Partners', 'Arrange']) {
    await page.getByTestId('plant-card').getByRole('button', { name: panel, exact: true }).click()
    found.push(...(await look(page, panel)))
  }
  await page.getByRole('button', { name: 'Close the plant card' }).click()
  await page.getByTestId('marks').getByRole('button').nth(2).click()
  found.push(...(await look(page, 'a mark')))
  await page.getByRole('button', { name: 'What is meant: The score' }).click()
  await expect(page.getByRole('note').filter({ visible: true })).toContainText('written like music')
  found.push(...(await look(page, 'a note')))
  await page.keyboard.press('Escape')
  await page.getByTestId('sheets').click()
  await expect(page.getByRole('menu')).toBeVisible()
  found.push(...(await look(page, 'drawings')))
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'History of this bed' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  found.push(...(await look(page, 'history')))
  await closes(page)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toBeVisible()
  found.push(...(await look(page, 'keys')))
  await closes(page)
  await page.keyboard.press('Control+k')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.type('salvia')
  found.push(...(await look(page, 'find')))
  await closes(page)
  expect(found).toEqual([])
  await page.context().close()
})

test('a conflict: both versions, part by part', async ({ browser }) => {
  const page = await openPage(browser, `${FRONT}/compose`)
  await page.route('**/edits', (route) => route.abort())
  await page.locator('[data-drift="rr-12"]').focus()
  await page.keyboard.press('+')
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'offline')
  const address = `${server.url}/api/beds/reading-room-front`
  const { revision } = (await (await page.request.get(address)).json()) as { revision: number }
  const edit = { kind: 'changeDrift', driftId: 'rr-12', change: { count: 9 } }
  const done = await page.request.post(`${address}/edits`, {
    data: { revision, edits: [{ id: 'elsewhere-1', how: 'edit', edit }] },
  })
  expect(done.ok()).toBe(true)
  await expect(page.getByRole('dialog')).toContainText('This bed was changed elsewhere')
  expect(await look(page, 'conflict')).toEqual([])
  await page.context().close()
})

test('gardens: the forms of a garden, a bed and a link', async ({ browser }) => {
  const page = await openPage(browser, '/')
  const found: string[] = []
  for (const name of ['New garden', 'Garden', 'New bed', 'Show']) {
    await page.getByRole('button', { name, exact: true }).first().click()
    await expect(page.getByRole('dialog')).toBeVisible()
    found.push(...(await look(page, name)))
    await closes(page)
  }
  expect(found).toEqual([])
  await page.context().close()
})

test('ground, plants and count: a thing, a line and a plant that are open, a plant of one’s own', async ({
  browser,
}) => {
  const page = await openPage(browser, `${FRONT}/ground`)
  const found: string[] = []
  await page.getByRole('tab', { name: 'The site' }).click()
  await page.getByTestId('add-thing').click()
  await expect(page.getByRole('menu')).toBeVisible()
  found.push(...(await look(page, 'menu of things')))
  await page.getByRole('menuitem').first().click()
  found.push(...(await look(page, 'a new thing')))
  await page.goto(`${server.url}${FRONT}/count`)
  await page.locator('.plant[aria-expanded="false"]').first().click()
  found.push(...(await look(page, 'line')))
  await page.goto(`${server.url}${FRONT}/plants`)
  await page.getByRole('button', { name: 'Table' }).click()
  await page.getByTestId('plant-table').locator('button:not([tabindex="-1"])').first().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('plant-sheet')).toBeVisible()
  found.push(...(await look(page, 'plant sheet')))
  expect(found).toEqual([])
  await page.context().close()
})

test('the page a client sees, and a bed with nothing in it, screen by screen', async ({ browser }) => {
  const found: string[] = []
  const soon = new Date(Date.now() + 9 * 86_400_000).toISOString().slice(0, 10)
  const made = await fetch(`${server.url}/api/gardens/saltmarsh-row/shares`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'Willow', ends: soon, word: '', schedule: true, papers: true }),
  })
  const { path } = (await made.json()) as { path: string }
  const page = await openPage(browser, path)
  found.push(...(await look(page, 'shown')))
  const bed = await fetch(`${server.url}/api/gardens/saltmarsh-row/beds`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ bed: newBed('An empty bed', 6, 2) }),
  })
  const { id } = (await bed.json()) as { id: string }
  for (const view of ['compose', 'count', 'setout', 'seasons', 'care', 'log']) {
    await page.goto(`${server.url}/beds/${id}/${view}`)
    await expect(page.locator('#content')).toBeVisible()
    found.push(...(await look(page, `empty ${view}`)))
  }
  expect(found).toEqual([])
  await page.context().close()
})
