// Reads the plant library as the server will, and names every fault.
import { readFileSync } from 'node:fs'
import { describeRowError, readPlants } from '../core/plant'

const read = readPlants(readFileSync(new URL('../data/plants.csv', import.meta.url), 'utf8'))
if (!read.ok) {
  for (const error of read.errors) console.error(`data/plants.csv ${describeRowError(error)}`)
  process.exit(1)
}
console.log(`data/plants.csv: ${read.plants.length} plants, all rows hold.`)
