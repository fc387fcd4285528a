import type { Bed, Brief } from '../model'
import type { Asked } from '../brief'
import { bedCosts } from '../count'
import type { Plant } from '../plant'

/** What a brief asks of one bed, with the hours and money that the garden's other beds take. */
export function askedOf(brief: Brief, others: readonly Bed[], library: ReadonlyMap<string, Plant>): Asked {
  const costs = brief.hoursAYear > 0 || brief.budget > 0 ? others.map((bed) => bedCosts(bed, library)) : []
  const { months, likes, hates, hoursAYear, budget } = brief
  return {
    months,
    likes,
    hates,
    hoursAYear,
    budget,
    otherBeds: others.length,
    otherHours: costs.reduce((n, c) => n + c.hours, 0),
    otherMoney: costs.reduce((n, c) => n + c.money, 0),
  }
}
