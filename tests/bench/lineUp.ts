import type { Page } from '@playwright/test'
import { libraryCsv } from '../support/library'
import { middle, type Report } from './report'

const LIBRARY = 1000
const STEPS = 60
const STEP_PX = 180

/** Scrolling line-up and table of a thousand plants (library and own): how long the page is busy a step, middle and nineteen in twenty. */
export async function benchLineUp(report: Report, page: Page, url: string) {
  const [header = '', ...rows] = libraryCsv.trim().split('\n')
  // As many own plants as are missing: the library's rows under other names, round and round.
  const own = Array.from({ length: LIBRARY - rows.length }, (_, i) =>
    rows[i % rows.length]!.replace(/^("?)([^",]+)/, `$1$2 own ${Math.floor(i / rows.length) + 1}`),
  )
  const answer = await fetch(`${url}/api/library/import`, {
    method: 'POST',
    headers: { 'content-type': 'text/csv' },
    body: [header, ...own].join('\n'),
  })
  if (!answer.ok) throw new Error(`bench could not bring its plants in: ${await answer.text()}`)
  await page.goto(`${url}/beds/reading-room-front/plants`)
  await page.getByRole('switch', { name: /suits this bed/ }).click()
  await page.getByText(`of ${LIBRARY}`).waitFor()
  for (const [view, id, side] of [
    ['Line-up', 'line-up', 'scrollLeft'],
    ['Table', 'plant-table', 'scrollTop'],
  ] as const) {
    await page.getByRole('button', { name: view, exact: true }).click()
    await page.waitForTimeout(2500)
    const times = await page.evaluate(
      async ({ id, side, STEPS, STEP_PX }) => {
        let holder = document.querySelector(`[data-testid=${id}]`) as HTMLElement
        while (side === 'scrollTop' && holder.scrollHeight <= holder.clientHeight && holder.parentElement)
          holder = holder.parentElement
        const busy: number[] = []
        for (let i = 0; i < STEPS; i++) {
          await new Promise(requestAnimationFrame)
          const began = performance.now()
          holder[side] += STEP_PX
          // The scroll event comes with the next frame, the work with it; a message is answered once both are done.
          await new Promise<void>((done) => {
            requestAnimationFrame(() => {
              const channel = new MessageChannel()
              channel.port1.onmessage = () => done()
              channel.port2.postMessage(0)
            })
          })
          busy.push(performance.now() - began)
        }
        return { busy, moved: holder[side] }
      },
      { id, side, STEPS, STEP_PX },
    )
    if (times.moved < STEPS * STEP_PX * 0.9)
      throw new Error(`bench: the ${view.toLowerCase()} moved only ${times.moved} px`)
    const sorted = [...times.busy].sort((a, b) => a - b)
    report(`${id}-1000-scroll-step`, middle(times.busy), 'ms', 33)
    report(`${id}-1000-scroll-step-19-in-20`, sorted[Math.floor(sorted.length * 0.95)]!, 'ms', 66)
  }
}
