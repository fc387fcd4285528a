import type { Drift } from '../../model'
import { type LibraryMonth, monthName, placeMonth, type PlaceMonth, placeMonths } from '../../time'
import { misfits, type Plant } from '../../plant'
import { finding, type Finding, type Mend } from '../finding'
import type { WholeRule } from '../rule'
import { nameOf, type Scene } from '../../scene'
import { monthInterest } from '../../season'

/** What a month has to show at least; a school that holds little leaf in winter asks less of the cold months. */
const LEAST_INTEREST = 0.12
const FULL_EVERGREEN = 0.2
/** One bare month between others is passed over, but at the height of the season. */
const HIGH_SEASON: readonly LibraryMonth[] = [6, 7, 8, 9]

/** Months that show next to nothing: no flower, no leaf of interest. */
export const months: WholeRule = {
  id: 'months',
  findings: (scene) => {
    if (scene.placement.plants.length === 0) return []
    const high = new Set(HIGH_SEASON.map((m) => placeMonth(m, scene.climate)))
    const inWinter = LEAST_INTEREST * Math.min(1, scene.school.evergreenShare / FULL_EVERGREEN)
    const bare = monthInterest(scene)
      .filter((m) => m.interest < (high.has(m.month) ? LEAST_INTEREST : inWinter))
      .map((m) => m.month)
    return runsOf(bare)
      .filter((run) => run.length > 1 || run.some((m) => high.has(m)))
      .filter((run) => !isPlantedAnew(scene) || run.some((m) => high.has(m)))
      .map((run) => describe(scene, run))
  },
}

/** Pots and beds of annuals alone are emptied for the winter. */
const isPlantedAnew = ({ byPlant }: Scene) =>
  [...byPlant.keys()].every((p) => p.lifeCycle === 'annual' || p.lifeCycle === 'tender' || p.lifeCycle === 'bulb')

/** Months in a row, joined over the new year. */
function runsOf(months: readonly PlaceMonth[]): PlaceMonth[][] {
  const runs: number[][] = []
  for (const m of months) {
    const last = runs[runs.length - 1]
    if (last && last[last.length - 1] === m - 1) last.push(m)
    else runs.push([m])
  }
  const first = runs[0]
  const last = runs[runs.length - 1]
  if (runs.length > 1 && first?.[0] === 1 && last?.[last.length - 1] === 12) runs[0] = [...runs.pop()!, ...first]
  return runs
}

function describe(scene: Scene, run: readonly PlaceMonth[]): Finding {
  const names =
    run.length === 1 ? monthName(run[0]!) : `${monthName(run[0]!)} to ${monthName(run[run.length - 1]!)}`
  const target = run[Math.floor(run.length / 2)]!
  const interest = monthInterest(scene).find((m) => m.month === target)!
  return finding(
    {
      id: `months:${run[0]}-${run[run.length - 1]}`,
      rule: 'months',
      title: `${names} has little to show`,
      reason:
        `In ${monthName(target)} ${percent(interest.bloom)} of the canopy is in flower and ` +
        `${percent(interest.leaf)} of the bed holds leaf or standing stems of interest.`,
      weight: 34 + 4 * run.length,
      from: scene.frame.runFrom,
      to: scene.frame.runTo,
      plants: [],
      figures: [
        { name: 'in flower', value: interest.bloom * 100, unit: '%' },
        { name: 'leaf of interest', value: interest.leaf * 100, unit: '%' },
      ],
      source:
        'Bloom share = canopy in flower / visible canopy; evergreen, coloured and standing leaf likewise, ' +
        'year 3.',
      grounds: ['calculations#through-the-year'],
    },
    () => fillers(scene, run),
  )
}

const percent = (share: number) => `${Math.round(share * 100)} %`

function fillers(scene: Scene, run: readonly PlaceMonth[]): Mend[] {
  const there = new Set(scene.bed.drifts.map((d) => d.plantId))
  const wanted = (p: Plant) => placeMonths(p.flowerMonths, scene.climate).filter((m) => run.includes(m)).length
  return [...scene.library.values()]
    .filter(
      (p) =>
        wanted(p) > 0 &&
        !there.has(p.id) &&
        p.foliageHeightM < 0.5 &&
        p.kind !== 'climber' &&
        misfits(p, scene.site).length === 0 &&
        !p.invasiveNote,
    )
    .sort(
      (a, b) =>
        Number(b.lifeCycle === 'bulb') - Number(a.lifeCycle === 'bulb') ||
        wanted(b) - wanted(a) ||
        (a.id < b.id ? -1 : 1),
    )
    .slice(0, 2)
    .map((plant) => {
      const length = scene.frame.frontLength
      const bulbs = plant.lifeCycle === 'bulb'
      const count = Math.min(200, bulbs ? Math.max(7, Math.round(length * 2.5)) : 5)
      const drift: Drift = {
        id: `season-${run[0]}-${plant.id}`.slice(0, 60),
        plantId: plant.id,
        lane: scene.bed.laneShares.length - 1,
        count,
        pattern: bulbs ? 'dotted' : 'row',
        at: length / 2,
        everyM: (length * 0.92) / count,
      }
      return {
        label: bulbs ? `Tuck in ${count} ${nameOf(plant)} bulbs` : `Add 5 ${nameOf(plant)}`,
        edit: { kind: 'addDrift', drift },
      }
    })
}
