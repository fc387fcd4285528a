import type { Bed, Feature, FeatureKind } from '../model'
import { featureAreaM2, featureLengthM, FEATURES, placingsOf, steppingStones } from '../bed'
import { toMm } from '../geometry'
import { formatSmall, type Units } from '../measure'

/** One line of what a bed needs that does not grow: how many, and how much of it in the unit in which it is bought. */
export interface MaterialLine {
  /** The same for things that make one line. */
  readonly key: string
  readonly kind: FeatureKind
  readonly name: string
  readonly colour: string
  readonly count: number
  /** Square metres, running metres, or null for what is bought by the piece. */
  readonly amount: number | null
  readonly unit: 'm²' | 'm' | 'piece'
  /** Loose stone, cubic metres; what one piece weighs, kilograms; null when it is not reckoned. */
  readonly volumeM3: number | null
  readonly pieceKg: number | null
  readonly size: string
}

/** Stone in one piece (granite and limestone: 2,500 to 2,700 kg/m³), and how much of its box a boulder fills: an ellipsoid, π/6. */
const STONE_KG_M3 = 2600
const BOULDER_SHARE = Math.PI / 6
/** Slabs and stones are laid flat: a disc's share of its square. */
const SLAB_KG_M3 = 2400

/** What a bed with its repeated parts needs that does not grow: things of one kind, size and colour in one line, as they were set. */
export function materials(bed: Pick<Bed, 'features' | 'form'>, units: Units = 'metric'): MaterialLine[] {
  const parts = placingsOf(bed.form).length
  const lines = new Map<string, MaterialLine>()
  for (const f of bed.features) {
    const line = lineOf(f, units)
    const { key } = line
    const there = lines.get(key)
    lines.set(key, there ? added(there, line) : line)
  }
  return [...lines.values()].map((line) => timesParts(line, parts))
}

function lineOf(f: Feature, units: Units): MaterialLine {
  const cm = (m: number) => formatSmall(m, units)
  const { name } = FEATURES[f.kind]
  const key = [f.kind, f.colour.toLowerCase(), ...sizesOf(f).map(toMm)].join('|')
  const base = { key, kind: f.kind, name, colour: f.colour, count: 1, volumeM3: null, pieceKg: null }
  const size = `${cm(f.lengthM)} by ${cm(f.widthM)}, ${cm(f.heightM)} high`
  switch (f.kind) {
    case 'gravel': {
      const area = featureAreaM2(f)
      return { ...base, amount: area, unit: 'm²', volumeM3: area * f.heightM, size: `${cm(f.heightM)} deep` }
    }
    case 'paving': {
      const area = featureAreaM2(f)
      return { ...base, amount: area, unit: 'm²', size: `${cm(f.heightM)} thick` }
    }
    case 'stepping': {
      const pieceKg = Math.PI * (f.widthM / 2) ** 2 * f.heightM * SLAB_KG_M3
      const size = `${cm(f.widthM)} across, ${cm(f.heightM)} thick`
      return { ...base, count: steppingStones(f).length, amount: null, unit: 'piece', pieceKg, size }
    }
    case 'edging':
    case 'wires':
      return { ...base, amount: featureLengthM(f), unit: 'm', size: `${cm(f.heightM)} high` }
    case 'boulder': {
      const pieceKg = f.lengthM * f.widthM * f.heightM * BOULDER_SHARE * STONE_KG_M3
      return { ...base, amount: null, unit: 'piece', pieceKg, size: size }
    }
    default:
      return { ...base, amount: null, unit: 'piece', size: size }
  }
}

/** The sizes that tell one thing from another to buy, metres: what is bought by its measure is one line whatever its length. */
function sizesOf({ kind, lengthM, widthM, heightM }: Feature): number[] {
  if (kind === 'gravel' || kind === 'paving' || kind === 'edging' || kind === 'wires') return [heightM]
  return kind === 'stepping' ? [widthM, heightM] : [lengthM, widthM, heightM]
}

const added = (a: MaterialLine, b: MaterialLine): MaterialLine => ({
  ...a,
  count: a.count + b.count,
  amount: a.amount === null ? null : a.amount + (b.amount ?? 0),
  volumeM3: a.volumeM3 === null ? null : a.volumeM3 + (b.volumeM3 ?? 0),
})

const timesParts = (line: MaterialLine, parts: number): MaterialLine => ({
  ...line,
  count: line.count * parts,
  amount: line.amount === null ? null : line.amount * parts,
  volumeM3: line.volumeM3 === null ? null : line.volumeM3 * parts,
})

/** Above this one person should not lift alone, kilograms; local rules may say less. */
export const LIFT_ALONE_KG = 25
