import { LOG_KINDS, type LogEntry } from '../../core/model'
import {
  blankEntry,
  fullEntry,
  joinEntries,
  learnedFigures,
  nextSeason,
  standing,
  type SlimEntry,
} from '../../core/log'
import { startServer } from '../support/server'
import { climate, library } from '../support/library'
import { median, type Report } from './report'

const MANY = 20_000
const PART = 5000

/** 20,000 entries over ten years, of the library's first plants. */
function manyEntries(): LogEntry[] {
  const ids = [...library.keys()].slice(0, 200)
  return Array.from({ length: MANY }, (_, i) => {
    const day = new Date(Date.UTC(2016, 0, 1 + Math.floor((i * 3650) / MANY))).toISOString().slice(0, 10)
    const kind = LOG_KINDS[i % (LOG_KINDS.length - 1)]!
    return {
      ...blankEntry({ id: `e-${i}`, day, kind, changed: `${day}T10:00:00.000Z`, device: 'bench' }),
      ...{
        bedId: 'reading-room-front',
        plantId: ids[i % ids.length]!,
        note: `what was seen on that day, number ${i}`,
      },
      ...{ amount: kind === 'tallest' ? 0.8 : null, wish: i % 40 === 0 ? ('move' as const) : ('' as const) },
      weather: { lowC: 4, highC: 12, rainMm: 0.5 },
    }
  })
}

/** A log of 20,000 entries opens: asked of the built server, joined, weighed for what it taught and for next season. */
export async function benchLog(report: Report) {
  const server = await startServer({ demo: true })
  const entries = manyEntries()
  for (let i = 0; i < MANY; i += PART) {
    const answer = await fetch(`${server.url}/api/gardens/saltmarsh-row/log`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ entries: entries.slice(i, i + PART) }),
    })
    if (!answer.ok) throw new Error(await answer.text())
  }
  const times: number[] = []
  let bytes = 0
  for (let i = 0; i < 7; i++) {
    const began = performance.now()
    const text = await (await fetch(`${server.url}/api/gardens/saltmarsh-row/log`)).text()
    bytes = text.length
    const log = standing(joinEntries((JSON.parse(text) as SlimEntry[]).map(fullEntry)))
    learnedFigures({ entries: log, library, climate, planted: 2016, length: String })
    nextSeason(log, library, climate, '2026-11-20')
    times.push(performance.now() - began)
  }
  console.log(`(${(bytes / 1048576).toFixed(1)} MB; opened ${times.map((t) => Math.round(t)).join(', ')} ms)`)
  report('log-20000-opens', times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!, 'ms', 300)
  report(
    'log-20000-weighed',
    median(5, () => {
      learnedFigures({ entries, library, climate, planted: 2016, length: String })
      nextSeason(entries, library, climate, '2026-11-20')
    }),
    'ms',
    300,
  )
  await server.kill()
}
