import type { Order } from '../../core/model'
import { simulatedNursery } from '../../core/count'
import { hashText } from '../../core/geometry'
import { unlikeness } from '../../core/match'
import type { Plant } from '../../core/plant'
import { plantOfText } from './plantTexts'

export const NURSERY_STEPS = ['ask', 'order', 'confirm', 'deliver'] as const
export interface NurseryAsk {
  readonly gardenId: string
  readonly step: (typeof NURSERY_STEPS)[number]
  readonly order: Order
  readonly today: string
}

/** One step with the simulated nursery: it is made up, keeps no books, and answers the same for the same order. */
export function askNursery(
  plants: ReadonlyMap<string, Plant>,
  { gardenId, step, order, today }: NurseryAsk,
): Order {
  const all = [...plants.values()]
  const nearest = (plantId: string) => {
    const from = plants.get(plantId)
    if (!from) return ''
    const others = all.filter((p) => p.id !== plantId && p.kind === from.kind)
    return others.reduce((a, b) => (unlikeness(from, b) < unlikeness(from, a) ? b : a), others[0]!)?.id ?? ''
  }
  return simulatedNursery(hashText(gardenId), nearest)[step](order, today)
}

/** The same with plants that are texts. */
export const askNurseryOfTexts = (plants: readonly string[], ask: NurseryAsk): Order =>
  askNursery(new Map(plants.map(plantOfText).map((p) => [p.id, p])), ask)
