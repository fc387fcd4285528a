import type { Bed, MaterialChoice } from '../model'
import { bedFigures, bedFrame, featureAreaM2, placingsOf, type BedFrame } from '../bed'
import type { Plant } from '../plant'
import { formatArea, formatSmall, formatVolume, type Units } from '../measure'
import { dripNeeds, type DripNeed } from './dripNeeds'
import type { CountedBed, CountLine } from './gardenCount'
import { needOf, type MaterialGroup, type MaterialKind, type MaterialNeed, type MaterialUnit } from './materialNeed'
import { sizeFigures } from './sizeClass'
import { potNeeds, thingNeeds } from './thingNeeds'

/** Half a tonne of stone fills about 0.3 m³; a bag of 50 L is what one person carries. Prices are typical, to be typed over. */
const KINDS = {
  compost: kind('compost dug in', 'ground', 'm³', {
    waste: 0.05,
    sold: 0.05,
    soldIn: 'bags of 50\u202fℓ',
    price: 6,
    kgEach: 25,
    loose: { from: 1, sold: 0.5, soldIn: 'loose, by 0.5\u202fm³', price: 36 },
    depthM: 0.05,
  }),
  topsoil: kind('topsoil', 'ground', 'm³', {
    waste: 0.1,
    sold: 0.5,
    soldIn: 'loose, by 0.5\u202fm³',
    price: 32,
    depthM: 0.1,
    wanted: false,
  }),
  mulch: kind('mulch', 'cover', 'm³', {
    waste: 0.05,
    sold: 0.06,
    soldIn: 'bags of 60\u202fℓ',
    price: 7.5,
    kgEach: 18,
    loose: { from: 1, sold: 0.5, soldIn: 'loose, by 0.5\u202fm³', price: 42 },
    depthM: 0.06,
  }),
  gravel: kind('gravel', 'hard', 'm³', { waste: 0.12, sold: 0.25, soldIn: 'loose, by 0.25\u202fm³', price: 28 }),
  fabric: kind('fabric under gravel', 'hard', 'm²', {
    waste: 0.1,
    sold: 5,
    soldIn: 'rolls of 5\u202fm²',
    price: 9,
    wanted: false,
  }),
  stakes: kind('stakes', 'supports', 'piece', { waste: 0, sold: 1, soldIn: 'each', price: 1.6 }),
  rings: kind('link supports or rings', 'supports', 'piece', { waste: 0, sold: 1, soldIn: 'each', price: 5.5 }),
  treeStakes: kind('tree stakes with ties', 'supports', 'piece', { waste: 0, sold: 1, soldIn: 'each', price: 14 }),
  potMix: kind('potting mix', 'pots', 'm³', {
    waste: 0.1,
    sold: 0.05,
    soldIn: 'bags of 50\u202fℓ',
    price: 9,
    kgEach: 22,
  }),
  skip: kind('skip for what is dug out', 'away', 'm³', {
    waste: 0,
    sold: 2,
    soldIn: 'skips of 2\u202fm³',
    price: 140,
  }),
} as const
type KindId = keyof typeof KINDS

function kind(
  name: string,
  group: MaterialGroup,
  unit: MaterialUnit,
  rest: Omit<MaterialKind, 'name' | 'group' | 'unit' | 'wanted'> & { wanted?: boolean },
): MaterialKind {
  return { wanted: true, ...rest, name, group, unit }
}

/** Loosened soil takes more room than it did in the ground. */
const BULKING = 1.3
/** Mulch is kept off stems by so much, metres. */
const OFF_STEMS_M = 0.05

interface Facts {
  readonly bed: Bed
  readonly frame: BedFrame
  readonly areaM2: number
  readonly edgeM: number
  readonly plants: readonly { readonly plant: Plant; readonly count: number; readonly volumeL: number }[]
}

/**
 * What a garden's beds need beside plants: ground, cover, supports, water, hard things, pots and what is carried away, each with its
 * figures. `choices` type over depths and prices and say what is left out; `drip` is what Water has laid. Source:
 * docs/grounds/papers, Money and
 * material; calculations.
 */
export function gardenMaterials(
  beds: readonly CountedBed[],
  lines: readonly CountLine[],
  choices: readonly MaterialChoice[] = [],
  units: Units = 'metric',
  drip: DripNeed | null = null,
): MaterialNeed[] {
  const facts = beds.map(({ id, bed }) => factsOf(id, bed, lines))
  const chosen = new Map(choices.map((c) => [c.id, c]))
  const needs = (Object.keys(KINDS) as KindId[]).flatMap((id) => {
    const depthM = chosen.get(id)?.depthM ?? KINDS[id].depthM ?? null
    const { amount, basis } = AMOUNTS[id](facts, units, depthM ?? 0)
    return amount > 1e-9 ? [needOf(id, KINDS[id], amount, basis, depthM, chosen.get(id))] : []
  })
  return [
    ...needs,
    ...(drip ? dripNeeds(drip, chosen, units) : []),
    ...thingNeeds(beds, chosen, units),
    ...potNeeds(beds, chosen, units),
  ]
}

function factsOf(bedId: string, bed: Bed, lines: readonly CountLine[]): Facts {
  const frame = bedFrame(bed)
  const { areaM2, edgeM } = bedFigures(bed, frame)
  const plants = lines.flatMap((l) => {
    const count = l.places.reduce((n, p) => n + (p.bedId === bedId ? p.count : 0), 0)
    return count > 0 ? [{ plant: l.plant, count, volumeL: sizeFigures(l.size.label).volumeL }] : []
  })
  return { bed, frame, areaM2, edgeM, plants }
}

const isPot = (f: Facts) => f.bed.form.kind === 'container'
const inGround = (facts: readonly Facts[]) => facts.filter((f) => !isPot(f))
const total = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)
const laidArea = (f: Facts) =>
  total(f.bed.features, (t) => (t.kind === 'gravel' || t.kind === 'paving' ? featureAreaM2(t) : 0)) *
  placingsOf(f.bed.form).length
/** Ground taken by the plants as they are set: the ball of each, and what is kept off its stems. */
const crownsM2 = (f: Facts) =>
  total(f.plants, ({ count, volumeL }) => count * Math.PI * (Math.cbrt(volumeL / 1000) / 2 + OFF_STEMS_M) ** 2)
const openM2 = (f: Facts) => Math.max(0, f.areaM2 - laidArea(f))

interface Amount {
  readonly amount: number
  readonly basis: string
}

const overBeds = (facts: readonly Facts[], units: Units, depthM: number): Amount => {
  const area = total(inGround(facts), openM2)
  return { amount: area * depthM, basis: `${formatArea(area, units)} of beds × ${formatSmall(depthM, units)}` }
}
const countOf = (facts: readonly Facts[], has: (p: Plant) => boolean) =>
  total(facts, (f) => total(f.plants, ({ plant, count }) => (has(plant) ? count : 0)))

const AMOUNTS: Readonly<Record<KindId, (facts: readonly Facts[], units: Units, depthM: number) => Amount>> = {
  compost: overBeds,
  topsoil: overBeds,
  mulch: (facts, units, depthM) => {
    const beds = inGround(facts)
    const [area, crowns] = [total(beds, openM2), total(beds, crownsM2)]
    return {
      amount: Math.max(0, area - crowns) * depthM,
      basis:
        `(${formatArea(area, units)} of beds − ${formatArea(crowns, units)} of crowns at planting) × ` +
        `${formatSmall(depthM, units)}, kept off stems`,
    }
  },
  gravel: (facts, units) => {
    const volume = (f: Facts) =>
      total(f.bed.features, (t) => (t.kind === 'gravel' ? featureAreaM2(t) * t.heightM : 0)) *
      placingsOf(f.bed.form).length
    const amount = total(facts, volume)
    return { amount, basis: `${formatVolume(amount, units)} as laid, 12 % for what it settles` }
  },
  fabric: (facts, units) => {
    const amount = total(facts, laidArea)
    return { amount, basis: `${formatArea(amount, units)} of gravel and paving` }
  },
  stakes: (facts) => {
    const amount = countOf(facts, (p) => p.staking === 'stake' && p.kind !== 'tree')
    return { amount, basis: `one for each of ${amount} plants that are tied` }
  },
  rings: (facts) => {
    const amount = countOf(facts, (p) => p.staking === 'support')
    return { amount, basis: `one for each of ${amount} clumps that flop` }
  },
  treeStakes: (facts) => {
    const amount = countOf(facts, (p) => p.kind === 'tree')
    return { amount, basis: `one for each of ${amount} trees` }
  },
  potMix: (facts, units) => {
    const amount = total(facts.filter(isPot), (f) => bedFigures(f.bed, f.frame).soilM3)
    return { amount, basis: `${formatVolume(amount, units)} in the pots, filled to three quarters of their box` }
  },
  skip: (facts, units) => {
    const balls = total(inGround(facts), (f) => total(f.plants, (p) => (p.count * p.volumeL) / 1000))
    const paths = total(facts, (f) =>
      total(f.bed.features, (t) => (t.kind === 'gravel' || t.kind === 'paving' ? featureAreaM2(t) * t.heightM : 0)),
    )
    return {
      amount: (balls + paths) * BULKING,
      basis: `${formatVolume(balls, units)} of root balls and ${formatVolume(paths, units)} under paths, × ${BULKING} once dug`,
    }
  },
}
