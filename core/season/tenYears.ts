import { bedFigures } from '../bed'
import { hoursAYear } from '../care'
import { bodiesAt, topM } from '../layout'
import { nameOf, type Scene } from '../scene'
import { PLACE_MONTHS, type PlaceMonth } from '../time'
import type { Plant } from '../plant'
import { selfSown } from './selfSown'
import { sightsAt, type SightShare } from './sightsAt'
import { toThin } from './thinning'

/** How a bed stands in one year of its life. */
export interface BedYear {
  readonly year: number
  /** Share of the ground that canopy covers, 0-1, and canopy over ground: above 1 they stand in one another. */
  readonly cover: number
  readonly crowding: number
  /** Greatest height in front of a window over its sill, metres; below it negative, null without a window. */
  readonly overSillM: number | null
  readonly highestM: number
  readonly hours: number
  /** What is divided, and what has come to the end of its life, by name. */
  readonly divide: readonly string[]
  readonly renew: readonly string[]
  /** Plants that have likely come up by themselves, all kinds together. */
  readonly selfSown: number
  /** Kinds that have grown into one another, by name. */
  readonly thin: readonly string[]
  /** Views to keep and things to hide, each with the share that planting blocks. */
  readonly sights: readonly SightShare[]
  /** Price of what is planted, planted again or renewed that year, at the library's prices. */
  readonly cost: number
}

const YEARS = 10
const CELL_M = 0.15
const HEIGHT_OF_SEASON: PlaceMonth = 7

/** Ten years of a bed: cover, crowding, height at the sills, hours, what to divide and what to renew, as it stands in high summer. */
export function tenYears(scene: Scene): BedYear[] {
  const month = scene.climate.southern ? PLACE_MONTHS[(HEIGHT_OF_SEASON + 5) % 12]! : HEIGHT_OF_SEASON
  const { areaM2 } = bedFigures(scene.bed, scene.frame)
  return Array.from({ length: YEARS + 1 }, (_, year) => yearOf(scene, year, month, areaM2))
}

function yearOf(scene: Scene, year: number, month: PlaceMonth, areaM2: number): BedYear {
  const bodies = bodiesAt(scene.everywhere, { month, year }, scene.climate, scene.bed.buying, scene.stays).filter(
    (b) => b.spreadM > 0 && b.at.plant.spacingHabit !== 'weaves',
  )
  const canopy = bodies.reduce((n, b) => n + Math.PI * (b.spreadM / 2) ** 2, 0)
  const covered = coveredM2(bodies)
  const openings = scene.bed.wall?.openings ?? []
  const overs = openings.flatMap((o) =>
    bodies
      .filter((b) => b.at.x + b.spreadM / 2 > o.x && b.at.x - b.spreadM / 2 < o.x + o.widthM)
      .map((b) => topM(b) - o.sillM),
  )
  const kinds = [...scene.byPlant]
  const planted = kinds.filter(([, list]) => sinceOf(scene, list[0]!.driftId) <= year)
  const ageOf = (driftId: string) => year - sinceOf(scene, driftId)
  const cover = areaM2 > 0 ? Math.min(1, covered / areaM2) : 0
  const renew = planted.filter(
    ([p, list]) => p.lifespanYears > 1 && ageOf(list[0]!.driftId) === Math.round(p.lifespanYears),
  )
  return {
    year,
    thin: toThin(bodies).map(nameOf),
    sights: sightsAt(scene, bodies),
    cost: costOf(planted.filter(([p, list]) => ageOf(list[0]!.driftId) === 0 || isOfOneSeason(p)).concat(renew)),
    selfSown: selfSown(scene, year, 1 - cover).reduce((n, s) => n + s.likely, 0),
    cover,
    crowding: areaM2 > 0 ? canopy / areaM2 : 0,
    overSillM: overs.length > 0 ? Math.max(...overs) : null,
    highestM: bodies.reduce((most, b) => Math.max(most, topM(b)), 0),
    hours: hoursAYear(
      planted.map(([plant, list]) => ({ plant, count: list.length })),
      areaM2,
    ),
    divide: planted
      .filter(
        ([p, list]) =>
          p.divideYears > 0 && ageOf(list[0]!.driftId) > 0 && ageOf(list[0]!.driftId) % p.divideYears === 0,
      )
      .map(([p]) => nameOf(p)),
    renew: renew.map(([p]) => nameOf(p)),
  }
}

const isOfOneSeason = ({ lifeCycle }: Plant) => lifeCycle === 'annual' || lifeCycle === 'biennial'
const costOf = (kinds: readonly (readonly [Plant, readonly unknown[]])[]) =>
  Math.round(kinds.reduce((n, [p, list]) => n + (p.sizes[0]?.price ?? 0) * list.length, 0))

const sinceOf = (scene: Scene, driftId: string) => scene.stays?.get(driftId)?.since ?? 0

/** Ground under the canopies, each counted once: cells of a grid in plan. */
function coveredM2(
  bodies: readonly { readonly at: { readonly x: number; readonly y: number }; readonly spreadM: number }[],
): number {
  const cells = new Set<number>()
  const WIDE = 100_000
  for (const { at, spreadM } of bodies) {
    const r = spreadM / 2
    const [x0, x1] = [Math.floor((at.x - r) / CELL_M), Math.ceil((at.x + r) / CELL_M)]
    const [y0, y1] = [Math.floor((at.y - r) / CELL_M), Math.ceil((at.y + r) / CELL_M)]
    for (let x = x0; x <= x1; x++)
      for (let y = y0; y <= y1; y++)
        if (Math.hypot(x * CELL_M - at.x, y * CELL_M - at.y) <= r) cells.add(x * WIDE + y)
  }
  return cells.size * CELL_M * CELL_M
}
