import { chromium, type Browser } from '@playwright/test'
import { CHROMIUM } from '../support/chromium'
import { startServer } from '../support/server'
import { bed1500 } from './bed1500'
import { benchDrag } from './drag'
import type { Report } from './report'

const COMPOSE = '/beds/reading-room-front/compose'
const SIZE = { width: 1280, height: 800 }
const LOADS = 5

/** Bytes of script that a page brings over the wire, packed as they come. */
export async function scriptBytes(browser: Browser, url: string): Promise<number> {
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

/** Puts the display border of 1,500 plants into the demo garden; its id. */
async function addBed1500(url: string): Promise<string> {
  const answer = await fetch(`${url}/api/gardens/saltmarsh-row/beds`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ bed: bed1500() }),
  })
  return ((await answer.json()) as { id: string }).id
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
  await benchDrag(report, 'drag-95', browser, url, 'rr-11')
  const large = `${server.url}/beds/${await addBed1500(server.url)}/compose`
  await benchDrag(report, 'drag-95-1500', browser, large, 'l1d29')
  await browser.close()
  await server.kill()
}
