import { expect, test, type Locator, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const FRONT = '/beds/reading-room-front'

async function drag(page: Page, from: Locator, at: { x: number; y: number }, by: { x: number; y: number }) {
  const box = (await from.boundingBox())!
  await page.mouse.move(box.x + at.x, box.y + at.y)
  await page.mouse.down()
  await page.mouse.move(box.x + at.x + by.x / 2, box.y + at.y + by.y / 2, { steps: 5 })
  await page.mouse.move(box.x + at.x + by.x, box.y + at.y + by.y, { steps: 5 })
  await page.mouse.up()
}

test('a block is dragged along and between lanes, and stretched by its end', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  const block = page.locator('[data-drift="rr-11"]')
  const left = async () => (await block.boundingBox())!.x
  const before = await left()
  await drag(page, block, { x: 10, y: 10 }, { x: 120, y: 0 })
  expect(await left()).toBeGreaterThan(before + 60)
  await page.keyboard.press('Control+z')
  await expect.poll(left).toBeCloseTo(before, 0)

  await drag(page, block, { x: 10, y: 10 }, { x: 0, y: 44 })
  await expect(page.locator('[data-drift="rr-11"][data-in-lane="2"]')).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-drift="rr-11"][data-in-lane="1"]')).toBeVisible()

  const width = (await block.boundingBox())!.width
  await drag(page, block, { x: width - 3, y: 12 }, { x: 60, y: 0 })
  await block.click()
  expect(Number(await page.getByTestId('drift-count').innerText())).toBeGreaterThan(5)
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
})

/** As on a machine so slow that moves of the hand must wait for their turn. */
async function slow(page: Page) {
  const wire = await page.context().newCDPSession(page)
  await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
}

test('what is held goes with the hand while the pictures follow, and Escape puts everything back', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  const block = page.locator('[data-drift="rr-10"]')
  await expect(block).toBeVisible()
  await page.waitForTimeout(500)
  const box = (await block.boundingBox())!
  const undo = page.getByRole('button', { name: 'Undo' })
  const undoes = await undo.getAttribute('title')
  await slow(page)
  await page.mouse.move(box.x + 5, box.y + 10)
  await page.mouse.down()
  // When the program has heard a move: how far the block is from where the hand took it, and whether it went ahead of its move.
  await block.evaluate((element, grip) => {
    const seen: { off: number; ahead: boolean }[] = []
    Object.assign(window, { seen })
    addEventListener('pointermove', ({ clientX }) => {
      const off = Math.abs(element.getBoundingClientRect().left - clientX + grip)
      seen.push({ off, ahead: (element as HTMLElement).style.translate !== '' })
    })
  }, 5)
  for (let i = 1; i <= 8; i++) await page.mouse.move(box.x + 5 + i * 2, box.y + 10)
  const seen = await page.evaluate(() => (window as unknown as { seen: { off: number; ahead: boolean }[] }).seen)
  expect(seen.some((s) => s.ahead)).toBe(true)
  for (const { off } of seen) expect(off).toBeLessThan(4)
  await page.keyboard.press('Escape')
  await expect.poll(async () => (await block.boundingBox())!.x).toBeCloseTo(box.x, 0)
  expect(await block.evaluate((e) => (e as HTMLElement).style.translate)).toBe('')
  await page.mouse.up()
  expect(await undo.getAttribute('title')).toBe(undoes)
})

test('a ring is where the hand is while a plant is dragged in the plan', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  const plan = page.getByTestId('plan')
  await expect(plan.locator('canvas').first()).toBeVisible()
  await page.waitForTimeout(500)
  await slow(page)
  const box = (await plan.boundingBox())!
  const held = page.getByTestId('held')
  await page.mouse.move(box.x + 93, box.y + 50)
  await page.mouse.down()
  await page.mouse.move(box.x + 98, box.y + 50)
  await expect(held).toBeVisible()
  const from = (await held.boundingBox())!
  await page.mouse.move(box.x + 138, box.y + 60)
  await expect.poll(async () => (await held.boundingBox())!.x - from.x).toBeCloseTo(40, 0)
  await page.mouse.up()
  await expect(held).toBeHidden()
  await expect(page.getByTestId('plant-card')).toContainText('1 pinned by hand')
})

test('a handle of the plan shapes the front edge, and the book says so', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/ground`)
  const plan = page.getByRole('img', { name: /handles/ })
  await expect(plan.locator('canvas').first()).toBeVisible()
  await page.waitForTimeout(400)
  const box = (await plan.boundingBox())!
  const before = await page.getByLabel('Front station 3 out').inputValue()
  expect(before).toBe('2.45 m')
  // The middle station of the front edge lies in the middle of the picture's width.
  const scale = (box.width - 92) / 14
  await drag(page, plan, { x: box.width / 2, y: box.height / 2 - 1.3 * scale + 2.45 * scale }, { x: 0, y: 40 })
  await expect(page.getByLabel('Front station 3 out')).not.toHaveValue(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Front station 3 out')).toHaveValue(before)
})

test('the list does all that the pictures do', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  await page.getByRole('tab', { name: /List/ }).click()
  const list = page.getByTestId('drift-list')
  await list.getByRole('button', { name: 'Figures of catmint' }).click()
  await list.getByLabel('Count').fill('4')
  await list.getByLabel('Count').press('Enter')
  await expect(list.getByLabel('Plant 4 along')).toBeVisible()
  await list.getByLabel('Plant 1 out').fill('1.9')
  await list.getByLabel('Plant 1 out').press('Enter')
  await expect(list.getByRole('button', { name: 'Let plant 1 go' })).toBeVisible()
  await list.getByRole('button', { name: 'Let plant 1 go' }).click()
  await expect(list.getByRole('button', { name: 'Let plant 1 go' })).toHaveCount(0)
  await list.getByRole('button', { name: 'Take out' }).click()
  await expect(list.getByRole('button', { name: 'Figures of catmint' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(list.getByRole('button', { name: 'Figures of catmint' })).toBeVisible()
})

test('a removed bed can be brought back', async ({ page }) => {
  await page.goto(server.url)
  await page.getByRole('button', { name: 'Remove North step' }).click()
  await expect(page.getByRole('heading', { name: 'North step' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByRole('heading', { name: 'North step' })).toBeVisible()
})
