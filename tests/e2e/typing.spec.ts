import { expect, test } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())
const GROUND = '/beds/north-step/ground'

test('a figure typed and not left is kept on reload, and the box is left alone while it is typed', async ({
  page,
}) => {
  await page.goto(`${server.url}${GROUND}`)
  const name = page.getByLabel('Name').first()
  await name.fill('North step, typed')
  await page.waitForTimeout(1500)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('North step, typed')
  await expect(name).toBeFocused()
  // Before the hand has rested the page goes: that is taken too.
  await name.fill('North step, at the last moment')
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('North step, at the last moment')

  const length = page.getByLabel('Length along the wall').first()
  const before = await length.inputValue()
  await length.click()
  await length.press('Control+a')
  await length.pressSequentially('7.5', { delay: 40 })
  await page.waitForTimeout(1500)
  await expect(length).toHaveValue('7.5')
  await expect(length).toBeFocused()
  await page.reload()
  await expect(page.getByLabel('Length along the wall').first()).toHaveValue(/^7\.50 m/)
  expect(before).not.toMatch(/^7\.50/)
})

test('what cannot be read is not taken, and said only when the box is left', async ({ page }) => {
  await page.goto(`${server.url}${GROUND}`)
  const length = page.getByLabel('Length along the wall').first()
  const before = await length.inputValue()
  await length.fill('12 6')
  await page.waitForTimeout(1500)
  await expect(page.getByRole('alert')).toHaveCount(0)
  await length.blur()
  await expect(page.getByRole('alert').first()).toContainText('more than one way')
  await page.reload()
  await expect(page.getByLabel('Length along the wall').first()).toHaveValue(before)
})
