import type { MaterialChoice } from '../model'
import { formatLength, type Units } from '../measure'
import { needOf, type MaterialKind, type MaterialNeed, type MaterialUnit } from './materialNeed'

/** What the drip of a garden takes, as it is laid: metres and pieces over all beds and their parts. */
export interface DripNeed {
  /** Inline pipe in rows, and in rings. */
  readonly rowsM: number
  readonly ringsM: number
  readonly rings: number
  /** Single emitters at shrubs. */
  readonly emitters: number
  /** Thin tube from rows to rings and emitters. */
  readonly tubeM: number
  /** Pipe without emitters: mains, headers and what leads to a row. */
  readonly plainM: number
  readonly tees: number
  readonly ends: number
  readonly valves: number
}

const sale = (name: string, unit: MaterialUnit, rest: Pick<MaterialKind, 'waste' | 'sold' | 'soldIn' | 'price'>) =>
  ({ name, group: 'water', unit, wanted: true, ...rest }) as const
const coil = (sold: number, price: number) => ({ waste: 0.05, sold, soldIn: `coils of ${sold}\u202fm`, price })
const each = (price: number, waste = 0.1) => ({ waste, sold: 1, soldIn: 'each', price })
const bag = (sold: number, price: number, waste: number) => ({ waste, sold, soldIn: `bags of ${sold}`, price })

/**
 * Pipe, fittings and valves of a garden's drip, with how each came about. Prices are typical. Source: docs/grounds/papers, Money and
 * material.
 */
export function dripNeeds(d: DripNeed, chosen: ReadonlyMap<string, MaterialChoice>, units: Units): MaterialNeed[] {
  const m = (n: number) => formatLength(n, units)
  const inRings = d.rings > 0 ? ` and ${m(d.ringsM)} in ${d.rings} rings` : ''
  const laid = d.rowsM + d.ringsM
  const needs: readonly (readonly [string, MaterialKind, number, string])[] = [
    [
      'dripLine',
      sale('drip pipe of 16\u202fmm with emitters', 'm', coil(25, 24)),
      laid,
      `${m(d.rowsM)} of rows${inRings}`,
    ],
    [
      'dripPlain',
      sale('plain pipe of 25\u202fmm', 'm', coil(25, 19)),
      d.plainM,
      `${m(d.plainM)} from the tap and across the ends of the rows`,
    ],
    ['dripTube', sale('thin tube', 'm', coil(10, 5)), d.tubeM, `${m(d.tubeM)} from rows to rings and shrubs`],
    [
      'dripEmitters',
      sale('single emitters', 'piece', bag(10, 4.5, 0.05)),
      d.emitters,
      `${d.emitters} at shrubs, one or two each`,
    ],
    ['dripTees', sale('tees', 'piece', each(0.8)), d.tees, `one for each of ${d.tees} rows, rings and shrubs`],
    ['dripEnds', sale('end caps', 'piece', each(0.6)), d.ends, `one for each of ${d.ends} rows`],
    [
      'dripPegs',
      sale('pegs', 'piece', bag(25, 3.5, 0)),
      Math.ceil(laid),
      `one for each of ${Math.ceil(laid)}\u202fm laid`,
    ],
    [
      'dripValves',
      sale('valves with filter and reducer to one bar', 'piece', each(34, 0)),
      d.valves,
      `one for each of ${d.valves} zones`,
    ],
  ]
  return needs.flatMap(([id, kind, amount, basis]) =>
    amount > 1e-9 ? [needOf(id, kind, amount, `${basis}, as laid in Water`, null, chosen.get(id))] : [],
  )
}
