import { expect, test, type Page } from '@playwright/test'
import { makeAccount } from '../support/makeAccount'
import { emptyFolder, startServer, type TestServer } from '../support/server'

const FRONT = '/beds/reading-room-front'
const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
const addOne = async (page: Page, drift: string) => {
  await page.locator(`[data-drift="${drift}"]`).focus()
  await page.keyboard.press('+')
}
const countOf = async (page: Page, drift: string) => {
  await page.locator(`[data-drift="${drift}"]`).click()
  return Number(await page.getByTestId('drift-count').innerText())
}

test.describe('two windows on this machine', () => {
  let server: TestServer
  test.beforeAll(async () => {
    server = await startServer({ demo: true })
  })
  test.afterAll(() => server.kill())

  test('each sees where the other is and what it changes, at once and without losing its own work', async ({
    browser,
  }) => {
    const [one, two] = (await Promise.all([1, 2].map(async () => (await browser.newContext()).newPage()))) as [
      Page,
      Page,
    ]
    await one.goto(`${server.url}${FRONT}/compose`)
    await two.goto(`${server.url}${FRONT}/compose`)
    await expect(one.getByTestId('people-here')).toContainText('is in Compose')
    const [before12, before13] = [await countOf(one, 'rr-12'), await countOf(two, 'rr-13')]
    await expect(two.getByTestId('people-here')).toContainText(/is in Compose, at \w+/)

    // While the other's changes cannot be sent, each works on; then both have both.
    await two.route('**/edits', (route) => route.abort())
    await addOne(two, 'rr-13')
    await expect(two.getByTestId('save-state')).toHaveAttribute('data-state', 'offline')
    await addOne(one, 'rr-12')
    await saved(one)
    await expect(two.getByTestId('told')).toContainText(`${before12} `)
    expect(await countOf(two, 'rr-12')).toBe(before12 + 1)
    expect(await countOf(two, 'rr-13')).toBe(before13 + 1)
    await two.unroute('**/edits')
    // By now it may have tried again by itself, and the button is gone.
    const again = two.getByRole('button', { name: 'Try now' })
    await again.click({ timeout: 3000 }).catch(() => undefined)
    await saved(two)
    await expect(one.getByTestId('told')).toContainText(`${before13} `)
    expect(await countOf(one, 'rr-13')).toBe(before13 + 1)

    // One's own undo takes back one's own.
    await one.getByRole('button', { name: 'Undo' }).click()
    await saved(one)
    expect(await countOf(one, 'rr-13')).toBe(before13 + 1)
    await expect.poll(() => countOf(two, 'rr-12')).toBe(before12)

    await one.getByRole('link', { name: 'Count' }).click()
    await expect(two.getByTestId('people-here')).toContainText('is in Count')
    await one.close()
    await expect(two.getByTestId('people-here')).toHaveCount(0)
  })

  test('a backup that is put back is seen in a window that is open', async ({ page }) => {
    await page.goto(`${server.url}${FRONT}/compose`)
    const before = await countOf(page, 'rr-2')
    await addOne(page, 'rr-2')
    await saved(page)
    const made = await page.request.post(`${server.url}/api/backups`, { data: {} })
    const { file } = (await made.json()) as { file: string }
    await addOne(page, 'rr-2')
    await saved(page)
    expect(await countOf(page, 'rr-2')).toBe(before + 2)
    const again = page.waitForEvent('load')
    const done = await page.request.post(`${server.url}/api/backups/restore`, { data: { file } })
    expect(done.ok()).toBe(true)
    await again
    expect(await countOf(page, 'rr-2')).toBe(before + 1)
  })

  test('the same drift changed by both is settled part by part, and neither version is lost', async ({
    browser,
  }) => {
    const [one, two] = (await Promise.all([1, 2].map(async () => (await browser.newContext()).newPage()))) as [
      Page,
      Page,
    ]
    for (const page of [one, two]) await page.goto(`${server.url}${FRONT}/compose`)
    const before = await countOf(one, 'rr-12')
    await two.route('**/edits', (route) => route.abort())
    await addOne(two, 'rr-12')
    await addOne(two, 'rr-12')
    await addOne(two, 'rr-20')
    await expect(two.getByTestId('save-state')).toHaveAttribute('data-state', 'offline')
    await addOne(one, 'rr-12')
    await saved(one)
    const dialog = two.getByRole('dialog')
    await expect(dialog).toContainText('This bed was changed elsewhere')
    await expect(two.getByTestId('meetings').locator('tbody tr')).toHaveCount(1)
    await expect(dialog).toContainText(`now ${before + 2}`)
    await expect(dialog).toContainText(`now ${before + 1}`)
    await two.unroute('**/edits')
    await two.getByRole('radio').nth(1).check()
    await two.getByRole('button', { name: 'Go on with these' }).click()
    await saved(two)
    expect(await countOf(two, 'rr-12')).toBe(before + 1)
    // What was settled comes back with undo, and what only one changed was kept throughout.
    const kept = await countOf(two, 'rr-20')
    await two.keyboard.press('Control+z')
    await saved(two)
    expect(await countOf(two, 'rr-12')).toBe(before + 2)
    await expect.poll(() => countOf(one, 'rr-12')).toBe(before + 2)
    expect(await countOf(one, 'rr-20')).toBe(kept)
  })
})

test('with accounts the stream says names, and ends with the right to look', async ({ browser, request }) => {
  const folder = emptyFolder()
  const env = { HOST: '0.0.0.0', NITRO_HOST: '0.0.0.0' }
  await (await startServer({ folder, demo: true })).kill()
  makeAccount(folder, 'rowan', 'a hedge of nine hollies', 'Rowan')
  const server = await startServer({ demo: true, folder, env })
  expect((await request.get(`${server.url}/api/gardens/saltmarsh-row/live`)).status()).toBe(401)
  const said = { tab: 'w1', bedId: null, view: 'compose', driftId: null }
  expect((await request.post(`${server.url}/api/gardens/saltmarsh-row/here`, { data: said })).status()).toBe(401)
  const page = await (await browser.newContext()).newPage()
  await page.goto(`${server.url}/sign-in?to=${FRONT}/compose`)
  await page.getByLabel('Login').fill('rowan')
  await page.getByLabel('Password').fill('a hedge of nine hollies')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page).toHaveURL(/compose/)
  const other = await page.context().newPage()
  await other.goto(`${server.url}${FRONT}/count`)
  await expect(page.getByTestId('people-here')).toContainText('Rowan is in Count')
  await server.kill()
})
