import { expect, test } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())

test('what was done is told, an earlier state is seen beside the one now, brought back, and undone again', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/bell-island/compose`)
  await page.getByRole('tab', { name: /List/ }).click()
  const block = page.locator('[data-drift]').first()
  await block.focus()
  await page.keyboard.press('+')
  await page.keyboard.press('Delete')
  await expect(page.getByText(/Saved/)).toBeVisible()

  await page.getByRole('button', { name: 'History of this bed' }).click()
  const history = page.getByTestId('history')
  await expect(history.getByRole('button')).toHaveCount(2)
  await history.getByRole('button').last().click()
  await expect(page.getByTestId('differences')).toContainText('no longer there')
  await expect(page.getByTestId('marks-then')).toContainText(/As a whole\s*\d+ then,\s*\d+\s*now/)
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.locator('[data-drift]').first()).toBeVisible()
  await expect(page.getByText(/Saved/)).toBeVisible()

  await page.getByRole('button', { name: 'History of this bed' }).click()
  await expect(history.getByRole('button')).toHaveCount(3)
  await history.getByRole('button').nth(0).click()
  await expect(page.getByText('They are alike.')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/Saved/)).toBeVisible()
})

test('the pictures go out as drawings', async ({ page }) => {
  await page.goto(`${server.url}/beds/rope-walk/compose`)
  await page.getByTestId('sheets').click()
  const download = page.waitForEvent('download')
  await page.getByRole('menuitem', { name: 'Plan as PDF' }).click()
  expect((await download).suggestedFilename()).toBe('Rope walk - plan.pdf')
  for (const [as, begins] of [
    ['svg', '<svg'],
    ['dxf', '0\nSECTION'],
  ] as const) {
    const answer = await page.request.get(`${server.url}/api/beds/rope-walk/sheet?view=elevation&as=${as}`)
    expect((await answer.text()).trimStart().slice(0, begins.length)).toBe(begins)
  }
  const refused = await page.request.get(`${server.url}/api/beds/rope-walk/sheet?view=side&as=pdf`)
  expect(refused.status()).toBe(400)
})

test('one plant is taken out of its drift by a key, and a southern garden opens in its summer', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/rope-walk/compose`)
  await page.getByTestId('plan').focus()
  await page.keyboard.press('.')
  await page.keyboard.press('Delete')
  await expect(page.getByText(/Saved/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute('title', /plant/)
  await page.goto(`${server.url}/beds/sunny-bank/compose`)
  await expect(page.getByTestId('months')).toHaveAttribute('aria-valuetext', 'December')
})
