import { readFileSync } from 'node:fs'
import { DIRECTIONS, partners, swaps } from '../../core/match'
import { findPlants, misfits, type Plant, type SiteConditions } from '../../core/plant'
import { plants } from '../support/library'
import { median, type Report } from './report'

const TAXA = 40
const LIBRARY = 1000
const SITE: SiteConditions = { sunHours: 7, water: 'average', soil: 'loam', ph: 6.5, zone: 6 }

/** The library and, as own plants, varied copies of it, up to a thousand. */
function thousand(): Plant[] {
  return Array.from({ length: LIBRARY }, (_, i) => {
    const p = plants[i % plants.length]!
    const turn = Math.floor(i / plants.length)
    return turn === 0
      ? p
      : {
          ...p,
          id: `${p.id}-own-${turn}`,
          botanicalName: `${p.botanicalName} own ${turn}`,
          spreadM: p.spreadM * (1 + turn * 0.07),
          foliageHeightM: p.foliageHeightM * (1 - turn * 0.05),
        }
  })
}

/** Partners and stand-ins for each of a bed's forty taxa among a thousand plants: one answer, the slowest size, every direction. */
export function benchMatch(report: Report) {
  const library = thousand()
  const bed = plants.filter((p) => p.kind !== 'climber' && misfits(p, SITE).length === 0).slice(0, TAXA)
  if (bed.length < TAXA)
    throw new Error(`bench wants ${TAXA} taxa that suit the site, the library has ${bed.length}`)
  let i = 0
  report(
    'partners-of-1000',
    median(TAXA, () => {
      partners(library, { seed: bed[i++ % TAXA]!, size: 5, site: SITE, month: 7, bias: 0.5 })
    }),
    'ms',
    100,
  )
  report(
    'swaps-of-1000',
    median(TAXA, () => {
      swaps(library, bed[i % TAXA]!, SITE, DIRECTIONS[i++ % DIRECTIONS.length]!)
    }),
    'ms',
    100,
  )
  report(
    'swaps-of-1000-for-40-taxa',
    median(5, () => {
      for (const seed of bed) swaps(library, seed, SITE, 'like it')
    }),
    'ms',
    100,
  )
  benchNames(report)
}

/** Everyday names with the right plant first, and what a search takes while such a name is typed. */
function benchNames(report: Report) {
  const lines = readFileSync(new URL('../support/everydayNames.txt', import.meta.url), 'utf8')
    .trim()
    .split('\n')
  const names = lines.map((line) => line.split(' = ') as [string, string])
  const nameOf = new Map(plants.map((p) => [p.id, p.botanicalName]))
  const isRight = ([name, wanted]: [string, string]) => {
    const first = nameOf.get(findPlants(plants, name)[0] ?? '') ?? ''
    return wanted.split('|').some((w) => first.startsWith(w))
  }
  report('search-names-right', (100 * names.filter(isRight).length) / names.length, '%', 100)
  const typed = names.flatMap(([name]) => Array.from({ length: name.length }, (_, k) => name.slice(0, k + 1)))
  let i = 0
  report(
    'search-a-letter',
    median(2000, () => {
      findPlants(plants, typed[i++ % typed.length]!)
    }),
    'ms',
    30,
  )
}
