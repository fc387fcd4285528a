import { chromium, type Browser, type Page } from '@playwright/test'
import { startServer } from '../support/server'
import type { Report } from './report'

const CHROMIUM = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-sync']
const COMPOSE = '/beds/reading-room-front/compose'
const SIZE = { width: 1280, height: 800 }
const LOADS = 3

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

/** Opens a bed anew: until its plan stands there, and the longest task of the page meanwhile, ms. */
async function load(browser: Browser, url: string): Promise<{ firstMs: number; longestMs: number }> {
  const context = await browser.newContext({ viewport: SIZE })
  const page = await context.newPage()
  await page.addInitScript(() => {
    const seen = window as unknown as { longest: number }
    seen.longest = 0
    new PerformanceObserver((list) => {
      for (const e of list.getEntries()) seen.longest = Math.max(seen.longest, e.duration)
    }).observe({ type: 'longtask', buffered: true })
  })
  const began = performance.now()
  await page.goto(url)
  await page.getByTestId('plan').locator('canvas').first().waitFor()
  const firstMs = performance.now() - began
  await page.waitForTimeout(2500)
  const longestMs = await page.evaluate(() => (window as unknown as { longest: number }).longest)
  await context.close()
  return { firstMs, longestMs }
}

/** A block of the score dragged to and fro; the 95th hundredth of the time between frames, ms. */
async function drag95(page: Page, url: string): Promise<number> {
  await page.goto(url)
  const block = page.locator('[data-drift="rr-11"]')
  await block.waitFor()
  await page.waitForTimeout(3000)
  const box = (await block.boundingBox())!
  await page.mouse.move(box.x + 10, box.y + 10)
  await page.mouse.down()
  await page.evaluate(() => {
    const kept = window as unknown as { work: number[] }
    kept.work = []
    window.addEventListener(
      'pointermove',
      () => {
        const began = performance.now()
        const channel = new MessageChannel()
        channel.port1.onmessage = () => kept.work.push(performance.now() - began)
        queueMicrotask(() => channel.port2.postMessage(0))
      },
      true,
    )
  })
  for (let i = 0; i < 80; i++) {
    await page.mouse.move(box.x + 10 + 60 * Math.sin(i / 6), box.y + 10)
    await page.waitForTimeout(30)
  }
  await page.mouse.up()
  const work = await page.evaluate(() => (window as unknown as { work: number[] }).work)
  return work.sort((a, b) => a - b)[Math.floor(work.length * 0.95)]!
}

/** How a bed of the demo opens in Chromium, and how it follows the hand. */
export async function benchLoad(report: Report) {
  const server = await startServer({ demo: true })
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: CHROMIUM })
  const url = `${server.url}${COMPOSE}`
  report('first-script-bytes', await scriptBytes(browser, url), 'bytes', 350_000)
  const loads = []
  for (let i = 0; i < LOADS; i++) loads.push(await load(browser, url))
  report('first-picture', Math.min(...loads.map((l) => l.firstMs)), 'ms', 1000)
  report('load-longest-task', Math.min(...loads.map((l) => l.longestMs)), 'ms', 100)
  report('drag-95', await drag95(await browser.newPage({ viewport: SIZE }), url), 'ms', 16)
  await browser.close()
  await server.kill()
}
