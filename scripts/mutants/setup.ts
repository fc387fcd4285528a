// Runs before each test file of a mutation check: switches one mutant on, and notes which were met.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { afterAll, expect } from 'vitest'

const folder = process.env.MUTANTS_FOLDER!
const active = Number(readFileSync(join(folder, 'active'), 'utf8'))
/** A loop that never ends meets its mutant again and again. */
const MOST_MEETINGS = 30_000_000
let meetings = 0
const met = new Set<number>()

Object.assign(globalThis, {
  isMutant: (number: number) => {
    if (active < 0) met.add(number)
    if (number !== active) return false
    if (++meetings > MOST_MEETINGS) throw new Error('endless')
    return true
  },
})

if (active < 0)
  afterAll(() => {
    const file = expect.getState().testPath ?? ''
    mkdirSync(join(folder, 'met'), { recursive: true })
    const name = file.slice(folder.length).replace(/[^a-zA-Z]/g, '-')
    writeFileSync(join(folder, 'met', `${name}.json`), JSON.stringify({ file, met: [...met] }))
  })
