import { expect, test } from '@playwright/test'
import { findings } from '../support/axe'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

test('an address that is none says so, and leads to the gardens', async ({ browser }) => {
  const page = await (await browser.newContext({ bypassCSP: true })).newPage()
  const answer = await page.goto(`${server.url}/beds-of-roses`)
  expect(answer!.status()).toBe(404)
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'All gardens' }).click()
  await expect(page.getByRole('heading', { name: 'Saltmarsh Row Library' })).toBeVisible()
})

test('a view that breaks says so in its place with what went wrong; the others, and what was done, are there', async ({
  page,
}) => {
  // The program of one view is spoiled on its way, and the page does not look whether it is the right one.
  await page.route('**/beds/**', async (route) => {
    const answer = await route.fetch()
    const html = await answer.text()
    const trusting = html.replace(/ integrity="[^"]*"/g, '').replace(/"integrity":\{[^}]*\}/g, '"integrity":{}')
    await route.fulfill({ response: answer, body: trusting })
  })
  await page.route('**/_nuxt/*.js', async (route) => {
    const answer = await route.fetch()
    const program = await answer.text()
    const isView = program.includes('No plant answers all of this')
    const spoiled = program.replace(/(\bsetup\([^)]*\)\{)/g, '$1throw new Error("spoiled on its way");')
    await route.fulfill({ response: answer, body: isView ? spoiled : program })
  })
  await page.goto(`${server.url}/beds/reading-room-front/plants`)
  const said = page.getByRole('alert').filter({ hasText: 'This view cannot be shown' })
  await expect(said).toBeVisible()
  await said.getByText('What exactly went wrong').click()
  await expect(said).toContainText('spoiled on its way')
  await said.getByRole('button', { name: 'Try again' }).click()
  await expect(said).toBeVisible()
  await page.getByRole('link', { name: 'Count' }).click()
  await expect(said).toHaveCount(0)
  await expect(page.getByRole('tab', { name: /Schedule/ })).toBeVisible()
})

test('while the server is away a view that was not fetched yet takes nothing away; when it is back the view comes whole', async ({
  browser,
}) => {
  const context = await browser.newContext({ bypassCSP: true, viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await expect(page.getByTestId('findings')).toBeVisible()
  await context.setOffline(true)
  await page.getByRole('link', { name: 'Seasons' }).click()
  await expect(page.getByText('the server is not to be reached').first()).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.keyboard.press('Control+k')
  await page.getByRole('button', { name: 'History of this bed' }).click()
  await page.getByRole('tab', { name: /^List/ }).click()
  await context.setOffline(false)
  // What was asked for comes at the next step of the hand, with its looks; a sheet when it is asked for again.
  await page.getByRole('button', { name: 'History of this bed' }).click()
  await expect(page.getByRole('dialog', { name: 'What was done to this bed' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('drift-list')).toBeVisible()
  await page.keyboard.press('Control+k')
  await expect(page.getByPlaceholder('A bed, a plant, a screen')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: 'Seasons' }).click()
  await expect(page).toHaveURL(/seasons$/)
  await expect(page.getByRole('heading', { name: 'The year of the bed' })).toBeVisible()
  await context.close()
})

test('a view that was given up is not gone to later; what else cannot be fetched is told, and why', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await expect(page.getByTestId('findings')).toBeVisible()
  await page.context().setOffline(true)
  await page.getByRole('link', { name: 'Seasons' }).click()
  await expect(page.getByText('the server is not to be reached').first()).toBeVisible()
  // The server is back, and parts of the program are not.
  await page.route('**/_nuxt/*.js', (route) => route.abort())
  await page.context().setOffline(false)
  await page.getByRole('tab', { name: /^List/ }).click()
  await expect(page.getByText('This could not be fetched just now').first()).toBeVisible()
  await expect(page).toHaveURL(/compose$/)
  await page.unroute('**/_nuxt/*.js')
  await page.getByRole('tab', { name: /^List/ }).press('Shift')
  await expect(page.getByTestId('drift-list')).toBeVisible()
  // Another build runs there: its parts have other names.
  await page.route('**/_nuxt/*.js', (route) => route.fulfill({ status: 404 }))
  await page.route('**/_nuxt/builds/latest.json?*', (route) => route.fulfill({ json: { id: 'another' } }))
  await page.keyboard.press('Control+k')
  await expect(page.getByText('A newer version of the program is there').first()).toBeVisible()
  await expect(page).toHaveURL(/compose$/)
})

test('where another build runs a view is asked for with the whole page', async ({ page }) => {
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await expect(page.getByTestId('findings')).toBeVisible()
  await page.route('**/_nuxt/*.js', (route) => route.fulfill({ status: 404 }))
  const whole = page.waitForRequest((asked) => asked.isNavigationRequest() && asked.url().endsWith('/seasons'))
  await page.getByRole('link', { name: 'Seasons' }).click()
  await whole
  await page.unroute('**/_nuxt/*.js')
  await page.reload()
  await expect(page).toHaveURL(/seasons$/)
  await expect(page.getByRole('heading', { name: 'The year of the bed' })).toBeVisible()
})
