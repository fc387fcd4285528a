import { chromium } from '@playwright/test'
import type { Bed, Drift } from '../../core/model'
import { rectangle } from '../../core/bed'
import { plants, testBed } from '../support/library'
import { CHROMIUM } from '../support/chromium'
import { startServer } from '../support/server'
import { benchLineUp } from './lineUp'
import { middle, type Report } from './report'

const STARTS = 3

/** Repaint of all pictures when the month moves, on 300 plants in the real page; and the start of the server. */
export async function benchBrowser(report: Report) {
  const first = await startServer({ demo: true })
  report('first-start-with-demo-to-first-answer', first.startedInMs, 'ms', 2000)
  await first.kill()
  const starts: number[] = []
  for (let i = 0; i < STARTS; i++) {
    const server = await startServer({ folder: first.folder })
    starts.push(server.startedInMs)
    await server.kill()
  }
  report('start-to-first-answer', starts.sort((a, b) => a - b)[1]!, 'ms', 2000)

  const server = await startServer({ demo: true })
  const json = { 'content-type': 'application/json' }
  const bed = (await fetch(`${server.url}/api/gardens/saltmarsh-row/beds`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify({ bed: bed300() }),
  }).then((r) => r.json())) as { id: string }
  const browser = await chromium.launch(CHROMIUM)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${server.url}/beds/${bed.id}/compose`)
  await page.getByTestId('months').focus()
  // The page has loaded and rested a moment, as it has when a hand reaches for the slider.
  await page.waitForTimeout(4500)
  // Two figures a step: the program's own work (pipeline and drawing), and until the browser has taken the frame as well.
  const step = () =>
    page.evaluate(
      () =>
        new Promise<[number, number]>((done) => {
          const slider = document.querySelector('[data-testid=months]')!
          const began = performance.now()
          slider.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }))
          queueMicrotask(() => {
            const work = performance.now() - began
            const channel = new MessageChannel()
            channel.port1.onmessage = () => done([work, performance.now() - began])
            channel.port2.postMessage(0)
          })
        }),
    )
  const blocks: [number, number][][] = []
  for (let b = 0; b < 4; b++) {
    const block: [number, number][] = []
    for (let i = 0; i < 12; i++) {
      block.push(await step())
      await page.waitForTimeout(b === 0 ? 300 : 120)
    }
    blocks.push(block)
  }
  report('time-slider-300-plants-first-round', middle(blocks[0]!.map(([, whole]) => whole)), 'ms', 33)
  report(
    'time-slider-300-plants-own-work',
    Math.min(...blocks.slice(1).map((b) => middle(b.map(([work]) => work)))),
    'ms',
    33,
  )
  const repaint = Math.min(...blocks.slice(1).map((b) => middle(b.map(([, whole]) => whole))))
  // The repaint is what the eye waits for: our work and the browser's raster of the frame, in software where there is no graphics card.
  report('time-slider-300-plants', repaint, 'ms', 33)
  const plain = await page.evaluate(() => {
    // A plain reference on the same machine: 300 shapes of 200 leaves drawn afresh.
    const context = Object.assign(document.createElement('canvas'), { width: 900, height: 300 }).getContext('2d')!
    const began = performance.now()
    for (let i = 0; i < 300 * 200; i++) {
      context.beginPath()
      context.moveTo(i % 900, i % 290)
      context.quadraticCurveTo((i % 900) + 4, (i % 290) - 3, (i % 900) + 8, i % 290)
      context.quadraticCurveTo((i % 900) + 4, (i % 290) + 3, i % 900, i % 290)
      context.fill()
    }
    context.getImageData(0, 0, 1, 1)
    return performance.now() - began
  })
  report('plain-redraw-reference', plain, 'ms', 10_000)
  report('time-slider-to-plain-redraw', repaint / plain, 'ratio', 0.5)
  await benchLineUp(report, page, server.url)
  await browser.close()
  await server.kill()
}

/** 300 plants of 24 kinds in a bed of 30 m. */
function bed300(): Bed {
  const kinds = plants
    .filter((p) => p.kind !== 'climber' && p.kind !== 'tree' && p.spacingHabit !== 'weaves' && p.spreadM <= 0.9)
    .slice(0, 24)
  const drifts: Drift[] = kinds.flatMap((p, i) =>
    Array.from({ length: 2 }, (_, k) => ({
      id: `k${i}-${k}`,
      plantId: p.id,
      lane: (i + k) % 3,
      count: k === 0 ? 6 : 7,
      pattern: 'mass' as const,
      at: ((((i * 2 + k) * 5) % 48) / 48) * 30,
      everyM: 1,
    })),
  )
  return testBed({ name: 'Bench border', outline: rectangle(30, 4), drifts: drifts.slice(0, 46) })
}
