import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'
import { VIEWS } from '../support/views'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())

/** Phone and large phone; upright tablet, tablet, and a window of 1280 at 200 %. A page that is open is turned from one to the other. */
const SIZES = [
  [
    { width: 390, height: 844 },
    { width: 640, height: 900 },
  ],
  [
    { width: 820, height: 1180 },
    { width: 1024, height: 768 },
  ],
] as const

/** What can be pressed or typed in but not brought into view, in a line each. */
const unreachable = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    const lost: string[] = []
    const placeOf = (e: HTMLElement) => {
      const box = e.getBoundingClientRect()
      return { box, x: box.left + box.width / 2, y: box.top + box.height / 2 }
    }
    const isHit = (e: HTMLElement) => {
      const { x, y } = placeOf(e)
      const isIn = x >= 0 && y >= 0 && x <= innerWidth && y <= innerHeight
      const there = isIn ? document.elementFromPoint(x, y) : null
      const label = e.closest('label')
      return (
        there !== null &&
        (e.contains(there) ||
          there.contains(e) ||
          label?.contains(there) ||
          there.closest('[role="slider"]') !== null)
      )
    }
    const all = [...document.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea')]
    for (const e of all) {
      if (!e.checkVisibility({ visibilityProperty: true }) || e.closest('[aria-hidden="true"], .skip, .sr-only'))
        continue
      if (e instanceof HTMLInputElement && e.type === 'file') continue
      // Most are in view already, beside one that was scrolled to.
      if (isHit(e)) continue
      e.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' })
      const { box, x, y } = placeOf(e)
      if (box.width < 2 || box.height < 2 || isHit(e)) continue
      lost.push(
        `${e.tagName} ${(e.getAttribute('aria-label') ?? e.textContent ?? '').trim().slice(0, 50)} at ${Math.round(x)},${Math.round(y)}`,
      )
    }
    return lost
  })

/** What is wrong with a page at a size. */
async function faultsAt(page: Page, path: string): Promise<string[]> {
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
  if (path.includes('/beds/'))
    await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeInViewport()
  return [...(wide > 1 ? [`${wide} px wider than the screen`] : []), ...(await unreachable(page))]
}

const views = Object.entries(VIEWS)
const half = Math.ceil(views.length / 2)
for (const sizes of SIZES)
  for (const part of [views.slice(0, half), views.slice(half)]) {
    const which = `${sizes.map((s) => s.width).join(' and ')} px, ${part[0]![0]} to ${part.at(-1)![0]}`
    test(`${which}: nothing is out of reach, and no page is wider than the screen`, async ({ page }) => {
      const found: string[] = []
      for (const [name, path] of part) {
        await page.setViewportSize(sizes[0])
        await page.goto(`${server.url}${path}`)
        await expect(page.locator('#content')).toBeVisible()
        for (const size of sizes) {
          await page.setViewportSize(size)
          await page.waitForTimeout(700)
          found.push(...(await faultsAt(page, path)).map((line) => `${name}, ${size.width} px: ${line}`))
        }
      }
      expect(found).toEqual([])
    })
  }

test('a phone shows one picture at a time, two fingers go nearer, and the findings are one touch away', async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  })
  const page = await context.newPage()
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  const front = page.locator('.front canvas').first()
  await expect(front).toBeVisible()
  await expect(page.getByTestId('plan')).toBeHidden()
  const near = page.getByRole('group', { name: 'How near the bed is shown' })
  const nearNow = async () => {
    await page.getByRole('radio', { name: 'Score' }).click()
    const times = Number((await near.locator('output').innerText()).replace(' ×', ''))
    await page.getByRole('radio', { name: 'From the front' }).click()
    return times
  }
  // A phone begins with some paces of the bed.
  const before = await nearNow()
  expect(before).toBeGreaterThan(1.5)
  const box = (await page.locator('.stage').boundingBox())!
  const wire = await context.newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', gap: number) =>
    wire.send('Input.dispatchTouchEvent', {
      type,
      touchPoints:
        type === 'touchEnd'
          ? []
          : [-gap, gap].map((dx, id) => ({ x: box.x + box.width / 2 + dx, y: box.y + 120, id })),
    })
  await touch('touchStart', 30)
  for (const gap of [40, 50, 60]) await touch('touchMove', gap)
  await touch('touchEnd', 0)
  expect(await nearNow()).toBeGreaterThan(before * 1.5)
  // A finger that rests on a drift chooses it beside the others.
  await page.getByRole('radio', { name: 'Score' }).click()
  const places = await page.locator('.score-block:visible').evaluateAll((all) =>
    all
      .map((block) => ({ block, box: block.getBoundingClientRect() }))
      .map(({ block, box }) => ({ block, x: box.x + box.width / 2, y: box.y + box.height / 2 }))
      .filter(({ block, x, y }) => block.contains(document.elementFromPoint(x, y)))
      .map(({ x, y }) => ({ x, y, id: 1 })),
  )
  expect(places.length).toBeGreaterThan(1)
  for (const at of places.slice(0, 2)) {
    await wire.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] })
    await page.waitForTimeout(700)
    await wire.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
  }
  await expect(page.locator('.score-block[aria-pressed="true"]')).toHaveCount(2)
  // What one finger had begun to move stays where it was when a second one comes.
  const [held] = places
  const moved = { ...held!, x: held!.x + 40 }
  const fingers = [moved, { x: held!.x, y: held!.y + 90, id: 2 }]
  await wire.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [held!] })
  await wire.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: [moved] })
  await wire.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: fingers })
  await wire.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled()
  await page.getByRole('radio', { name: 'From above' }).click()
  await expect(page.getByTestId('plan')).toBeVisible()
  await page.getByRole('radio', { name: 'Second look' }).click()
  await expect(page.getByTestId('findings')).toBeVisible()
  await context.close()
})
