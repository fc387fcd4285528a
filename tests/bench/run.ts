// npm run bench: prints each figure with its limit; ends with 1 when one is over.
import { benchBrowser } from './browser'
import { benchCore } from './core'
import { benchLight } from './light'
import { benchMatch } from './match'

const figures: { name: string; value: number; unit: string; limit: number }[] = []
const report = (name: string, value: number, unit: string, limit: number) => {
  figures.push({ name, value, unit, limit })
}

benchCore(report)
benchLight(report)
benchMatch(report)
await benchBrowser(report)
for (const f of figures)
  console.log(`bench ${f.name} ${f.value.toFixed(f.unit === 'ratio' ? 3 : 2)} ${f.unit} limit ${f.limit}`)
process.exit(figures.some((f) => f.value > f.limit) ? 1 : 0)
