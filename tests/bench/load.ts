import { chromium, type Browser, type Page } from '@playwright/test'
import { CHROMIUM } from '../support/chromium'
import { startServer } from '../support/server'
import { bed1500 } from './bed1500'
import type { Report } from './report'

const COMPOSE = '/beds/reading-room-front/compose'
const SIZE = { width: 1280, height: 800 }
const LOADS = 5
const DRAGS = 3
/** From the left end of a block: its right end adds plants. */
const GRIP_PX = 3

/** Bytes of script that a page brings over the wire, packed as they come. */
async function scriptBytes(browser: Browser, url: string): Promise<number> {
  const context = await browser.newContext({ viewport: SIZE, serviceWorkers: 'block' })
  const page = await context.newPage()
  const wire = await context.newCDPSession(page)
  await wire.send('Network.enable')
  const scripts = new Set<string>()
  let bytes = 0
  wire.on('Network.responseReceived', (e) => {
    if (new URL(e.response.url).pathname.endsWith('.js')) scripts.add(e.requestId)
  })
  wire.on('Network.loadingFinished', (e) => {
    if (scripts.has(e.requestId)) bytes += e.encodedDataLength
  })
  await page.goto(url)
  await page.getByTestId('plan').locator('canvas').first().waitFor()
  await page.waitForTimeout(2500)
  await context.close()
  return bytes
}

/** Opens a bed anew: from the beginning of the page until its plan stands there, and the longest task of the page meanwhile, ms. */
async function load(browser: Browser, url: string): Promise<{ firstMs: number; longestMs: number }> {
  const context = await browser.newContext({ viewport: SIZE })
  const page = await context.newPage()
  await page.addInitScript(() => {
    const seen = window as unknown as { longest: number; firstMs: number }
    seen.longest = 0
    const look = () => {
      if (document.querySelector('[data-testid=plan] canvas')) seen.firstMs = performance.now()
      else requestAnimationFrame(look)
    }
    requestAnimationFrame(look)
    new PerformanceObserver((list) => {
      for (const e of list.getEntries()) seen.longest = Math.max(seen.longest, e.duration)
    }).observe({ type: 'longtask', buffered: true })
  })
  await page.goto(url)
  await page.getByTestId('plan').locator('canvas').first().waitFor()
  await page.waitForTimeout(2500)
  const { firstMs, longest } = await page.evaluate(() => {
    const { firstMs, longest } = window as unknown as { longest: number; firstMs: number }
    return { firstMs, longest }
  })
  await context.close()
  return { firstMs, longestMs: longest }
}

/**
 * A block of the score dragged to and fro; the 95th hundredth of two times of a move, ms: the program's own work, from the event until all
 * pictures are drawn, and the whole until the browser has taken the frame as well (in software, where there is no graphics card).
 */
async function dragOnce(page: Page, url: string, driftId: string): Promise<{ own: number; whole: number }> {
  await page.goto(url)
  const block = page.locator(`[data-drift="${driftId}"]`)
  await block.waitFor()
  await page.waitForTimeout(3000)
  const box = (await block.boundingBox())!
  await page.mouse.move(box.x + GRIP_PX, box.y + 10)
  await page.mouse.down()
  await page.evaluate(() => {
    const kept = window as unknown as { own: number[]; whole: number[] }
    kept.own = []
    kept.whole = []
    let began = 0
    window.addEventListener('pointermove', () => (began = performance.now()), true)
    // Heard last, after the program itself: what it put off until the end of the event runs before this.
    window.addEventListener('pointermove', () => {
      const from = began
      queueMicrotask(() => {
        kept.own.push(performance.now() - from)
        const channel = new MessageChannel()
        channel.port1.onmessage = () => kept.whole.push(performance.now() - from)
        channel.port2.postMessage(0)
      })
    })
  })
  for (let i = 0; i < 80; i++) {
    await page.mouse.move(box.x + GRIP_PX + 60 * Math.sin(i / 6), box.y + 10)
    await page.waitForTimeout(30)
  }
  await page.mouse.up()
  const { own, whole } = await page.evaluate(() => {
    const { own, whole } = window as unknown as { own: number[]; whole: number[] }
    return { own, whole }
  })
  const hundredth95 = (list: number[]) => list.sort((a, b) => a - b)[Math.floor(list.length * 0.95)]!
  return { own: hundredth95(own), whole: hundredth95(whole) }
}

/** Puts the display border of 1,500 plants into the demo garden; its id. */
async function addBed1500(url: string): Promise<string> {
  const answer = await fetch(`${url}/api/gardens/saltmarsh-row/beds`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ bed: bed1500() }),
  })
  return ((await answer.json()) as { id: string }).id
}

/** The least of some drags, as other work on the machine only ever adds. */
async function drag95(browser: Browser, url: string, driftId: string): Promise<{ own: number; whole: number }> {
  const drags = []
  for (let i = 0; i < DRAGS; i++) {
    const page = await browser.newPage({ viewport: SIZE })
    drags.push(await dragOnce(page, url, driftId))
    await page.close()
  }
  return { own: Math.min(...drags.map((d) => d.own)), whole: Math.min(...drags.map((d) => d.whole)) }
}

/** How a bed of the demo opens in Chromium, and how it follows the hand. */
export async function benchLoad(report: Report) {
  const server = await startServer({ demo: true })
  const browser = await chromium.launch(CHROMIUM)
  const url = `${server.url}${COMPOSE}`
  report('first-script-bytes', await scriptBytes(browser, url), 'bytes', 350_000)
  const loads = []
  for (let i = 0; i < LOADS; i++) loads.push(await load(browser, url))
  report('first-picture', Math.min(...loads.map((l) => l.firstMs)), 'ms', 1000)
  report('load-longest-task', Math.min(...loads.map((l) => l.longestMs)), 'ms', 100)
  const drag = await drag95(browser, url, 'rr-11')
  report('drag-95-own-work', drag.own, 'ms', 16)
  report('drag-95', drag.whole, 'ms', 16)
  const large = await drag95(browser, `${server.url}/beds/${await addBed1500(server.url)}/compose`, 'l1d29')
  report('drag-95-1500-own-work', large.own, 'ms', 16)
  report('drag-95-1500', large.whole, 'ms', 16)
  await browser.close()
  await server.kill()
}
