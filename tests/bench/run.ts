// npm run bench: prints each figure with its limit; ends with 1 when one is over. `npm run bench -- core match` runs those alone.
import { benchBrowser } from './browser'
import { benchCore } from './core'
import { benchLight } from './light'
import { benchLoad } from './load'
import { benchLog } from './log'
import { benchMatch } from './match'
import { benchPapers } from './papers'
import { benchPractice } from './practice'
import type { Report } from './report'
import { benchSeasons } from './seasons'
import { benchServer } from './server'

const figures: { name: string; value: number; unit: string; limit: number }[] = []
const report = (name: string, value: number, unit: string, limit: number) => {
  figures.push({ name, value, unit, limit })
}

const BENCHES: Readonly<Record<string, (report: Report) => void | Promise<void>>> = {
  core: benchCore,
  light: benchLight,
  load: benchLoad,
  log: benchLog,
  match: benchMatch,
  papers: benchPapers,
  practice: benchPractice,
  seasons: benchSeasons,
  server: benchServer,
  browser: benchBrowser,
}
const asked = process.argv.slice(2)
const unknown = asked.filter((name) => !BENCHES[name])
if (unknown.length > 0) {
  console.error(`No benchmark is called ${unknown.join(', ')}; there are ${Object.keys(BENCHES).join(', ')}.`)
  process.exit(1)
}
for (const [name, bench] of Object.entries(BENCHES))
  if (asked.length === 0 || asked.includes(name)) await bench(report)
for (const f of figures)
  console.log(`bench ${f.name} ${f.value.toFixed(f.unit === 'ratio' ? 3 : 2)} ${f.unit} limit ${f.limit}`)
process.exit(figures.some((f) => f.value > f.limit) ? 1 : 0)
