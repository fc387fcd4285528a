import type { Bed, Drift, Support } from '../model'
import { FEATURES, kindOfNumber, kindsOf, numbersOf } from '../bed'
import { fullHeightM, type Plant } from '../plant'
import { clippedTo } from './clipped'

interface Known {
  readonly kinds: readonly (Plant | undefined)[]
  readonly support: number | null
  readonly lead: Plant | undefined
  readonly byKind: ReadonlyMap<string, Plant>
  readonly isPlain: boolean
}
const known = new WeakMap<Drift, Known>()
/** A climber goes over what it climbs by a little, metres. */
const OVER_M = 0.15
const HELD_WIDE_M = 0.8

/** The plants of a bed's drifts as they are set: each number's own kind, clipped in a hedge, as tall as what holds them when they climb. */
export class SetPlants {
  constructor(
    private readonly bed: Bed,
    private readonly library: ReadonlyMap<string, Plant>,
  ) {}

  /** The plant by which a drift is spaced: of a mix one as wide as its kinds on the mean; undefined when the library has none of it. */
  lead(drift: Drift): Plant | undefined {
    return this.known(drift).lead
  }

  /** The plant of one number. */
  of(drift: Drift, number: number): Plant {
    const { byKind, lead } = this.known(drift)
    return byKind.get(kindOfNumber(drift, number)) ?? lead!
  }

  private known(drift: Drift): Known {
    const there = known.get(drift)
    // Most drifts are of one kind in its own shape: nothing of them can have changed but the library.
    if (there?.isPlain && there.kinds[0] === this.library.get(drift.plantId)) return there
    return this.reckoned(drift, there)
  }

  private reckoned(drift: Drift, there: Known | undefined): Known {
    const kinds = kindsOf(drift).map((id) => this.library.get(id))
    const support = this.supportM(drift)
    if (there && there.support === support && there.kinds.every((k, i) => k === kinds[i])) return there
    const set = kinds.map((k) => k && this.asSet(drift, k, support))
    const byKind = new Map(kindsOf(drift).flatMap((id, i) => (set[i] ? [[id, set[i]] as const] : [])))
    const isPlain = !drift.mix && !drift.shape
    const now = { kinds, support, lead: leadOf(drift, set), byKind, isPlain }
    known.set(drift, now)
    return now
  }

  private asSet({ shape }: Drift, plant: Plant, supportM: number | null): Plant {
    if (shape?.kind === 'hedge') return clippedTo(plant, shape)
    if (shape?.kind !== 'climb' || supportM === null) return plant
    const heightM = Math.min(plant.foliageHeightM, supportM + OVER_M)
    return {
      ...plant,
      foliageHeightM: heightM,
      flowerHeightM: Math.min(plant.flowerHeightM, heightM),
      spreadM: Math.min(plant.spreadM, HELD_WIDE_M),
    }
  }

  /** Height of what holds a climber, metres; null when that is what stands behind the bed. */
  private supportM({ shape }: Drift): number | null {
    return shape?.kind === 'climb' && shape.about ? this.heightOf(shape.about) : null
  }

  private heightOf(support: Support): number | null {
    if (support.on === 'feature') {
      const feature = this.bed.features.find((f) => f.id === support.featureId)
      return feature && !FEATURES[feature.kind].lies ? feature.heightM : null
    }
    const host = this.bed.drifts.find((d) => d.id === support.driftId)
    const plant = host && this.library.get(kindOfNumber(host, support.index))
    return plant ? fullHeightM(plant) : null
  }
}

function leadOf({ mix }: Drift, set: readonly (Plant | undefined)[]): Plant | undefined {
  const own = set[0] ?? set.find((p) => p)
  if (!own || !mix || mix.others.length === 0) return own
  const shares = [
    Math.max(0, 1 - mix.others.reduce((sum, o) => sum + o.share, 0)),
    ...mix.others.map((o) => o.share),
  ]
  let wide = 0
  let weight = 0
  set.forEach((p, i) => {
    if (!p) return
    wide += p.spreadM * shares[i]!
    weight += shares[i]!
  })
  return weight > 0 ? { ...own, spreadM: wide / weight } : own
}

/**
 * The numbers of a drift in the order in which its places lie along the bed, so that its kinds are spread as its mix says; as given when it
 * has none.
 */
export function mixedNumbers(drift: Drift, numbers: readonly number[] = numbersOf(drift)): readonly number[] {
  if (!drift.mix || drift.mix.others.length === 0) return numbers
  const queues = new Map<string, number[]>()
  for (const n of numbers) {
    const kind = kindOfNumber(drift, n)
    const queue = queues.get(kind)
    if (queue) queue.push(n)
    else queues.set(kind, [n])
  }
  return numbers.map((_, j) => {
    const wanted = queues.get(kindOfNumber(drift, j))
    const queue = wanted?.length ? wanted : longest([...queues.values()])
    return queue.shift()!
  })
}

const longest = (queues: readonly number[][]) => queues.reduce((a, b) => (b.length > a.length ? b : a))
