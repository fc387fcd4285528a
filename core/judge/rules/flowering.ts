import { misfits, type Plant } from '../../plant'
import { keptByCounts, kindsById, nameOf, type Scene } from '../../scene'
import { type LibraryMonth, monthName, placeMonth, type PlaceMonth, placeMonths } from '../../time'
import { monthInterest } from '../../season'
import type { Finding, Mend } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const SEASON: readonly LibraryMonth[] = [4, 5, 6, 7, 8, 9, 10]
const AFTER_SPRING: readonly LibraryMonth[] = [7, 8, 9, 10]
const LEAST_KINDS = 4
/** So much of all that flowers does so in one month, and next to nothing in so many others of the season. */
const AT_ONCE = 0.82
const QUIET = 0.1
const QUIET_MONTHS = 4
const NEXT_TO_NONE = 0.06
/** A month that matters has so much of the canopy in flower or fruit; out of the season leaf and bark do as well. */
const LEAST_BLOOM = 0.04
const LEAF_INSTEAD = 0.45

/** Everything in flower at once, spring alone, and months of the brief without flower. */
export const flowering: WholeRule = {
  id: 'flowering',
  findings: (scene) => {
    if (scene.placement.plants.length === 0) return []
    const wanted = ofTheBrief(scene)
    return [...wanted, ...(wanted.length > 0 ? [] : atOnce(scene))]
  },
}

/** A large shrub flowers no more than a large perennial. */
const COUNTED_M = 0.8

interface Flowers {
  readonly plant: Plant
  readonly months: ReadonlySet<PlaceMonth>
  readonly weight: number
}
const flowersOf = (scene: Scene): Flowers[] =>
  kindsById(scene.byPlant)
    .filter(([p]) => p.flowerColour && p.flowerMonths.length > 0 && p.flowerForm !== 'none' && p.kind !== 'grass')
    .map(([plant, placed]) => ({
      plant,
      months: new Set(placeMonths(plant.flowerMonths, scene.climate)),
      weight: placed.length * Math.min(COUNTED_M, plant.spreadM) ** 2,
    }))

function atOnce(scene: Scene): Finding[] {
  const flowers = keptByCounts('bloom', scene, [scene.climate], () => flowersOf(scene))
  const whole = flowers.reduce((n, f) => n + f.weight, 0)
  if (flowers.length < LEAST_KINDS || whole === 0) return []
  const months = SEASON.map((m) => placeMonth(m, scene.climate))
  const shares = months.map((m) => flowers.reduce((n, f) => n + (f.months.has(m) ? f.weight : 0), 0) / whole)
  const most = Math.max(...shares)
  const quiet = months.filter((_, i) => shares[i]! < QUIET)
  const late = AFTER_SPRING.map((m) => placeMonth(m, scene.climate))
  const isSpring = late.every((m) => shares[months.indexOf(m)]! < NEXT_TO_NONE)
  if (!isSpring && (most < AT_ONCE || quiet.length < QUIET_MONTHS)) return []
  const best = months[shares.indexOf(most)]!
  const names = quiet.map(monthName)
  return [
    ofBed(
      scene,
      {
        id: isSpring ? 'flowering:spring' : 'flowering:once',
        rule: 'flowering',
        title: isSpring ? 'Nothing flowers after spring' : `Everything flowers in ${monthName(best)}`,
        reason:
          `${Math.round(most * 100)} % of what flowers does so in ${monthName(best)}; ${names.slice(0, 4).join(', ')} ` +
          'have next to none. One flower should hand over to the next.',
        weight: 35,
        figures: [
          { name: `in ${monthName(best)}`, value: most * 100, unit: '%' },
          { name: 'months with next to none', value: quiet.length, unit: '' },
        ],
        source: 'Share of the flowering canopy that is in flower, April to October; grasses left out.',
        grounds: ['composing#seasons'],
      },
      () => laterFlowers(scene, flowers, quiet),
    ),
  ]
}

/** Some of the kinds that flower together give way to like ones of the quiet months. */
function laterFlowers(scene: Scene, flowers: readonly Flowers[], quiet: readonly PlaceMonth[]): Mend[] {
  const there = new Set(scene.bed.drifts.map((d) => d.plantId))
  const months = (p: Plant) => placeMonths(p.flowerMonths, scene.climate).filter((m) => quiet.includes(m)).length
  const likes = (was: Plant) =>
    [...scene.library.values()]
      .filter(
        (p) =>
          !there.has(p.id) &&
          p.lifeCycle === was.lifeCycle &&
          p.spreadM <= was.spreadM * 1.1 &&
          p.spreadM >= was.spreadM * 0.6 &&
          p.foliageHeightM <= was.foliageHeightM * 1.35 &&
          months(p) >= Math.min(2, quiet.length) &&
          !p.invasiveNote &&
          p.runMPerYear < 0.08 &&
          misfits(p, scene.site).length === 0,
      )
      .sort((a, b) => months(b) - months(a) || (a.id < b.id ? -1 : 1))
  const large = [...flowers].sort((a, b) => b.weight - a.weight)
  const used = new Set<string>()
  const swaps = large.slice(0, 4).flatMap((f) => {
    const p = likes(f.plant).find((q) => !used.has(q.id))
    if (!p) return []
    used.add(p.id)
    return [{ was: f.plant, p }]
  })
  return [2, 3, 1, 4].flatMap((many): Mend[] => {
    const some = swaps.slice(0, many)
    if (some.length < many) return []
    const edits = some.flatMap(({ was, p }) =>
      scene.bed.drifts
        .filter((d) => d.plantId === was.id)
        .map((d) => ({ kind: 'changeDrift' as const, driftId: d.id, change: { plantId: p.id } })),
    )
    return [
      {
        label: some.map(({ was, p }) => `${nameOf(p)} for ${nameOf(was)}`).join(', '),
        edit: { kind: 'all', name: 'relay of flowers', edits },
      },
    ]
  })
}

function ofTheBrief(scene: Scene): Finding[] {
  const wanted = scene.asked?.months ?? []
  if (wanted.length === 0 || scene.bed.form.kind === 'container') return []
  const season = new Set(SEASON.map((m) => placeMonth(m, scene.climate)))
  const bare = monthInterest(scene).filter(
    (m) => wanted.includes(m.month) && m.bloom < LEAST_BLOOM && (season.has(m.month) || m.leaf < LEAF_INSTEAD),
  )
  const flowers = flowersOf(scene)
  return bare.map((m) =>
    ofBed(
      scene,
      {
        id: `flowering:brief:${m.month}`,
        rule: 'flowering',
        title: `${monthName(m.month)} without flower`,
        reason:
          `The brief wants the garden at its best in ${monthName(m.month)}; ${Math.round(m.bloom * 100)} % of the ` +
          'canopy is in flower or fruit then.',
        weight: 46,
        figures: [
          { name: 'in flower', value: m.bloom * 100, unit: '%' },
          { name: 'leaf of interest', value: m.leaf * 100, unit: '%' },
        ],
        source: 'Months of the brief; share of the canopy in flower or fruit in year 3.',
        grounds: ['composing#seasons'],
      },
      () => laterFlowers(scene, flowers, [m.month]),
    ),
  )
}
