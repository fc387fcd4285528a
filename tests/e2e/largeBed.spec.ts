import { expect, test } from '@playwright/test'
import { bed1500 } from '../bench/bed1500'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const SLOWER = 3

test('on a slow machine a bed of 1,500 plants comes to rest, with all its portraits', async ({ page, request }) => {
  const answer = await request.post(`${server.url}/api/gardens/saltmarsh-row/beds`, { data: { bed: bed1500() } })
  const { id } = (await answer.json()) as { id: string }
  const wire = await page.context().newCDPSession(page)
  await wire.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  await page.addInitScript(() => {
    const pen = CanvasRenderingContext2D.prototype as unknown as { drawImage: (...given: unknown[]) => void }
    const { drawImage } = pen
    Object.assign(window, { drawn: 0 })
    pen.drawImage = function (...given) {
      ;(window as unknown as { drawn: number }).drawn++
      drawImage.apply(this, given)
    }
  })
  await page.goto(`${server.url}/beds/${id}/compose`)
  await expect(page.getByTestId('score').locator('[data-block]').first()).toBeVisible({ timeout: 30_000 })
  const drawn = () => page.evaluate(() => (window as unknown as { drawn: number }).drawn)
  let before = -1
  await expect
    .poll(
      async () => {
        const now = await drawn()
        const isStill = now > 0 && now === before
        before = now
        return isStill
      },
      { timeout: 50_000, intervals: [1500] },
    )
    .toBe(true)
})

test('a very long bed begins as near as fills the page, and a short one whole', async ({ page, request }) => {
  const answer = await request.post(`${server.url}/api/gardens/saltmarsh-row/beds`, { data: { bed: bed1500() } })
  const { id } = (await answer.json()) as { id: string }
  await page.goto(`${server.url}/beds/${id}/compose`)
  const nearness = page.getByRole('group', { name: 'How near the bed is shown' }).getByRole('status')
  const heightOf = async () => (await page.getByTestId('plan').boundingBox())!.height
  await expect(page.getByRole('button', { name: 'whole bed' })).toBeVisible()
  const near = await heightOf()
  await page.getByRole('button', { name: 'whole bed' }).click()
  await expect(nearness).toHaveText('1 ×')
  await expect.poll(heightOf).toBeLessThan(near / 2)
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await expect(page.getByTestId('plan')).toBeVisible()
  await expect(nearness).toHaveText('1 ×')
})
