import type { Drift, MixWay } from '../model'
import { numbersOf } from './driftNumbers'

const GROUP: Readonly<Record<MixWay, number>> = { matrix: 1, threes: 3, turns: 1 }

/** The kind of each plant of a drift by its number: a plant keeps its kind whatever comes or goes beside it. */
export function kindOfNumber(drift: Drift, number: number): string {
  const { mix, plantId } = drift
  if (!mix || mix.others.length === 0) return plantId
  return kindsInTurn(drift, Math.floor(number / GROUP[mix.how]))
}

/** The most even order of kinds by their shares: at each step the one that lags most behind its share, the drift's own first. */
function kindsInTurn({ plantId, mix }: Drift, step: number): string {
  const others = mix!.others
  const own = Math.max(0, 1 - others.reduce((sum, o) => sum + o.share, 0))
  const kinds = [{ plantId, share: own }, ...others]
  const key = kinds.map((k) => `${k.plantId}:${k.share}`).join('|')
  const known = orders.get(key) ?? []
  if (orders.size > MOST_ORDERS) orders.clear()
  orders.set(key, known)
  const counts = kinds.map((k) => known.filter((id) => id === k.plantId).length)
  while (known.length <= step) {
    const n = known.length + 1
    let most = 0
    kinds.forEach((k, i) => {
      if (k.share * n - counts[i]! > kinds[most]!.share * n - counts[most]! + 1e-9) most = i
    })
    counts[most]!++
    known.push(kinds[most]!.plantId)
  }
  return known[step]!
}

const orders = new Map<string, string[]>()
const MOST_ORDERS = 500

/** How many of each kind a drift has; its own first. */
export function kindCounts(drift: Drift): ReadonlyMap<string, number> {
  if (!drift.mix || drift.mix.others.length === 0) return new Map([[drift.plantId, drift.count]])
  const counts = new Map<string, number>()
  for (const n of numbersOf(drift)) {
    const kind = kindOfNumber(drift, n)
    counts.set(kind, (counts.get(kind) ?? 0) + 1)
  }
  return counts
}

/** All kinds that a drift names. */
export const kindsOf = ({ plantId, mix }: Pick<Drift, 'plantId' | 'mix'>): readonly string[] =>
  mix ? [plantId, ...mix.others.map((o) => o.plantId)] : [plantId]
