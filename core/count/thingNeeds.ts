import type { MaterialChoice } from '../model'
import { bedFigures, bedFrame } from '../bed'
import { formatSmall, formatWeight, type Units } from '../measure'
import type { CountedBed } from './gardenCount'
import { needOf, type MaterialKind, type MaterialNeed } from './materialNeed'
import { materials, type MaterialLine } from './materials'

type Choices = ReadonlyMap<string, MaterialChoice>

/** Typical prices of a metre, a square metre or a piece, to be typed over. */
const THING_PRICES: Readonly<Partial<Record<MaterialLine['kind'], number>>> = {
  paving: 38,
  stepping: 12,
  boulder: 90,
  pot: 60,
  urn: 140,
  post: 30,
  obelisk: 85,
  trellis: 45,
  wires: 4,
  bench: 320,
  edging: 9,
}
/** What is measured is cut to fit. */
const CUTTING_WASTE = 0.1
const LONGEST_ID = 80

/** Stone, pots, supports and edging of all beds: the same thing in several beds is one line. Gravel is reckoned with the ground. */
export function thingNeeds(beds: readonly CountedBed[], chosen: Choices, units: Units): MaterialNeed[] {
  const lines = new Map<string, MaterialLine>()
  for (const m of beds.flatMap(({ bed }) => materials(bed, units)).filter((l) => l.kind !== 'gravel')) {
    const id = m.key.slice(0, LONGEST_ID)
    const there = lines.get(id)
    lines.set(id, there ? { ...m, count: there.count + m.count, amount: addedAmount(there, m) } : m)
  }
  return [...lines].map(([id, m]) => needOf(id, kindOf(m), m.amount ?? m.count, m.size, null, chosen.get(id)))
}

const addedAmount = (a: MaterialLine, b: MaterialLine) => (a.amount === null ? null : a.amount + (b.amount ?? 0))

const kindOf = (m: MaterialLine): MaterialKind => ({
  name: m.name,
  group: m.kind === 'pot' || m.kind === 'urn' ? 'pots' : 'hard',
  unit: m.unit,
  waste: m.amount === null ? 0 : CUTTING_WASTE,
  sold: 1,
  soldIn: m.amount === null ? 'each' : m.unit,
  price: THING_PRICES[m.kind] ?? 0,
  wanted: true,
  ...(m.pieceKg === null ? {} : { kgEach: m.pieceKg }),
})

/** Wall of a pot, metres, and its stuff: fired clay. */
const POT_WALL_M = 0.025
const CLAY_KG_M3 = 1900

/** The pots that are beds themselves, with what one weighs full and wet; they are there unless they are asked for. */
export const potNeeds = (beds: readonly CountedBed[], chosen: Choices, units: Units): MaterialNeed[] =>
  beds.flatMap(({ bed }) => {
    if (bed.form.kind !== 'container') return []
    const { diameterM, heightM, pots } = bed.form
    const fillKg = (bedFigures(bed, bedFrame(bed)).fillKg ?? 0) / pots
    const clayM2 = Math.PI * diameterM * heightM + Math.PI * (diameterM / 2) ** 2
    const kgEach = fillKg + clayM2 * POT_WALL_M * CLAY_KG_M3
    const size = `${formatSmall(diameterM, units)} across, ${formatSmall(heightM, units)} high`
    const id = `pots:${bed.name}`.slice(0, LONGEST_ID)
    const sale = { unit: 'piece', waste: 0, sold: 1, soldIn: 'each', price: 60, wanted: false, kgEach } as const
    const kind: MaterialKind = { name: `pots: ${bed.name}`, group: 'pots', ...sale }
    return [needOf(id, kind, pots, `${size}, full and wet ${formatWeight(kgEach, units)}`, null, chosen.get(id))]
  })
