import type { Browser, Page } from '@playwright/test'
import type { Report } from './report'

const SIZE = { width: 1280, height: 800 }
const ROUNDS = 3
const MOVES = 80
/** From the left end of a block: its right end adds plants. */
const GRIP_PX = 3

/** 95th hundredths over the moves of a drag, ms. */
interface DragTimes {
  /** The task in which a move is heard and answered, until its frame is handed over, in software where there is no graphics card. */
  readonly answer: number
  /** The longest task from a move to the next: as long as that another move may have to wait. */
  readonly longest: number
  /** From a move until all pictures show it. */
  readonly pictures: number
}

interface TraceEvent {
  readonly name: string
  readonly ph: string
  readonly pid: number
  readonly tid: number
  readonly ts: number
  readonly dur?: number
}
interface Task {
  readonly from: number
  readonly to: number
}

/** The tasks of a thread that are in no other, by their beginning, microseconds. */
function tasksOf(events: readonly TraceEvent[], { pid, tid }: TraceEvent): Task[] {
  const tasks: Task[] = []
  const all = events.filter((e) => e.pid === pid && e.tid === tid && e.ph === 'X' && e.name.endsWith('RunTask'))
  for (const { ts, dur = 0 } of all.sort((a, b) => a.ts - b.ts))
    if (ts >= (tasks.at(-1)?.to ?? 0)) tasks.push({ from: ts, to: ts + dur })
  return tasks
}

const hundredth95 = (list: number[]) => list.sort((a, b) => a - b)[Math.floor(list.length * 0.95)]!

/** What a trace with the marks `move` and `hand-followed` says of a drag. */
function timesOf(events: readonly TraceEvent[]): DragTimes {
  const moves = events.filter((e) => e.name === 'move').sort((a, b) => a.ts - b.ts)
  const followed = events.filter((e) => e.name === 'hand-followed').map((e) => e.ts)
  const tasks = tasksOf(events, moves[0]!)
  const ms = (t: Task | undefined) => ((t?.to ?? 0) - (t?.from ?? 0)) / 1000
  const between = moves.map(({ ts }, i) =>
    tasks.filter((t) => t.to > ts && t.from < (moves[i + 1]?.ts ?? Infinity) && t.from < ts + 1e5),
  )
  return {
    answer: hundredth95(between.map(([first]) => ms(first))),
    longest: hundredth95(between.map((list) => Math.max(...list.map(ms)))),
    pictures: hundredth95(moves.map(({ ts }) => ((followed.find((f) => f > ts) ?? Infinity) - ts) / 1000)),
  }
}

/** A block of the score dragged to and fro, from its first move on. */
async function dragOnce(browser: Browser, page: Page, url: string, driftId: string): Promise<DragTimes> {
  await page.goto(url)
  const block = page.locator(`[data-drift="${driftId}"]`)
  await block.waitFor()
  await page.waitForTimeout(3000)
  const box = (await block.boundingBox())!
  await page.mouse.move(box.x + GRIP_PX, box.y + 10)
  await page.mouse.down()
  await page.evaluate(() => addEventListener('pointermove', () => performance.mark('move'), true))
  await browser.startTracing(page, { categories: ['toplevel', 'blink.user_timing'] })
  for (let i = 1; i <= MOVES; i++) {
    await page.mouse.move(box.x + GRIP_PX + 60 * Math.sin(i / 6), box.y + 10)
    await page.waitForTimeout(30)
  }
  await page.waitForTimeout(300)
  const trace = JSON.parse(String(await browser.stopTracing())) as { traceEvents: TraceEvent[] }
  await page.mouse.up()
  return timesOf(trace.traceEvents)
}

/** Reports how a bed follows the hand: of each figure the least of some drags, as other work on the machine only ever adds. */
export async function benchDrag(report: Report, name: string, browser: Browser, url: string, driftId: string) {
  const drags: DragTimes[] = []
  for (let i = 0; i < ROUNDS; i++) {
    const page = await browser.newPage({ viewport: SIZE })
    drags.push(await dragOnce(browser, page, url, driftId))
    await page.close()
  }
  const least = (of: keyof DragTimes) => Math.min(...drags.map((d) => d[of]))
  report(name, least('answer'), 'ms', 16)
  report(`${name}-longest-task`, least('longest'), 'ms', 16)
  report(`${name}-pictures`, least('pictures'), 'ms', 50)
}
