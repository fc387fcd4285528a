import type { Bed } from '../model'
import { bedFigures, bedFrame } from '../bed'
import { hoursAYear } from '../care'
import { schedule } from './schedule'
import type { Plant } from '../plant'

/** What a bed asks for with all its repeated parts: hours of work a year, and money for its plants in the garden's currency. */
interface BedCosts {
  readonly hours: number
  readonly money: number
}

const known = new WeakMap<Bed, { readonly library: ReadonlyMap<string, Plant>; readonly costs: BedCosts }>()

/**
 * Work and money of a bed by its schedule and area; kept for beds that did not change. Source: docs/grounds/calculations,
 * Materials, water, work, money.
 */
export function bedCosts(bed: Bed, library: ReadonlyMap<string, Plant>): BedCosts {
  const there = known.get(bed)
  if (there?.library === library) return there.costs
  const { lines, total } = schedule(bed, library)
  const costs = {
    hours: hoursAYear(
      lines.map((l) => ({ plant: l.plant, count: l.need })),
      bedFigures(bed, bedFrame(bed)).areaM2,
    ),
    money: total,
  }
  known.set(bed, { library, costs })
  return costs
}
