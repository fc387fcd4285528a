import type { MoneyRules } from '../model'
import { hoursAYear } from '../care'
import type { Plant } from '../plant'
import type { CountLine } from './gardenCount'
import type { MaterialNeed } from './materialNeed'

export const COST_KINDS = ['plants', 'annuals', 'losses', 'materials', 'mulch', 'upkeep'] as const
export type CostKind = (typeof COST_KINDS)[number]
/** Money of one year, by what it is for; with tax. `hours` are those of upkeep, paid or not. */
export interface YearCosts {
  readonly year: number
  readonly costs: Readonly<Record<CostKind, number>>
  readonly total: number
  readonly hours: number
}
export interface PhaseCosts {
  readonly phase: number
  readonly plants: number
  readonly pieces: number
}
export interface MoneyPlan {
  readonly years: readonly YearCosts[]
  readonly phases: readonly PhaseCosts[]
  readonly total: number
}

const isOfOneSeason = (p: Plant) =>
  p.lifeCycle === 'annual' || p.lifeCycle === 'biennial' || (p.lifeCycle === 'tender' && p.tender?.how === 'let-go')
/** Mulch rots: half of its depth is put on again each year. */
const MULCH_AGAIN = 0.5

/**
 * What a garden costs over `years` from planting, phase by phase (one a year): plants and materials, annuals bought each year, the share
 * lost in a plant's first year bought again in its second, mulch topped up, and upkeep at a wage where one is set. `areaM2`
 * square metres of beds are weeded. Money with tax. Source: docs/grounds/papers, Money and material.
 */
export function moneyPlan(
  lines: readonly CountLine[],
  materials: readonly MaterialNeed[],
  rules: MoneyRules,
  areaM2: number,
  years = 5,
): MoneyPlan {
  const phases = [...new Set(lines.map((l) => l.phase))].sort((a, b) => a - b)
  const taxed = (n: number) => (rules.pricesWithTax ? n : n * (1 + rules.taxPercent / 100))
  const mulch = sum(materials, (m) => (m.id === 'mulch' ? m.total : 0))
  const rest = sum(materials, (m) => (m.id === 'mulch' ? 0 : m.total))
  const list = Array.from({ length: years }, (_, i): YearCosts => {
    const year = i + 1
    const isNow = (l: CountLine) => l.phase === year || (year === years && l.phase > years)
    const lasting = lines.filter((l) => !isOfOneSeason(l.plant))
    const seasonal = lines.filter((l) => isOfOneSeason(l.plant) && l.phase <= year)
    const before = lasting.filter((l) => l.phase === year - 1)
    const standing = lines.filter((l) => l.phase <= year).map((l) => ({ plant: l.plant, count: l.need }))
    const hours = hoursAYear(standing, areaM2)
    const costs = {
      plants: taxed(sum(lasting.filter(isNow), (l) => l.total)),
      annuals: taxed(sum(seasonal, (l) => (isNow(l) ? l.total : l.need * l.price))),
      losses: taxed(sum(before, (l) => l.need * l.price) * rules.lossShare),
      materials: taxed(year === 1 ? rest : 0),
      mulch: taxed(year === 1 ? mulch : mulch * MULCH_AGAIN),
      upkeep: hours * (rules.wageAnHour ?? 0),
    }
    return { year, costs: rounded(costs), total: cents(sum(Object.values(costs), (c) => c)), hours }
  })
  return {
    years: list,
    phases: phases.map((phase) => {
      const own = lines.filter((l) => l.phase === phase)
      return { phase, plants: cents(taxed(sum(own, (l) => l.total))), pieces: sum(own, (l) => l.need) }
    }),
    total: cents(sum(list, (y) => y.total)),
  }
}

const sum = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)
const cents = (n: number) => Math.round(n * 100) / 100
const rounded = (costs: Record<CostKind, number>) =>
  Object.fromEntries(Object.entries(costs).map(([k, v]) => [k, cents(v)])) as Record<CostKind, number>
