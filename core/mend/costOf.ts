import type { Bed } from '../model'
import { plantCounts } from '../bed'
import type { Plant } from '../plant'

const counted = (n: number, what: string) => `${n} ${what}${n === 1 ? '' : 's'}`

interface Change {
  gone: number
  come: number
  price: number
}

function changeOf(before: Bed, after: Bed, library: ReadonlyMap<string, Plant>): Change {
  const [was, is] = [plantCounts(before), plantCounts(after)]
  const change = { gone: 0, come: 0, price: 0 }
  for (const id of new Set([...was.keys(), ...is.keys()])) {
    const by = (is.get(id) ?? 0) - (was.get(id) ?? 0)
    change.gone += Math.max(0, -by)
    change.come += Math.max(0, by)
    change.price += by * (library.get(id)?.sizes[0]?.price ?? 0)
  }
  return change
}

function moneyWords(price: number): string {
  return Math.abs(price) >= 1 ? `, ${Math.abs(price).toFixed(0)} ${price > 0 ? 'dearer' : 'cheaper'}` : ''
}

/** What an edit costs, in plants: so many fewer, more or of another kind; that only places change; or that the bed itself does. */
export function costOf(before: Bed, after: Bed, library: ReadonlyMap<string, Plant>): string {
  const { gone, come, price } = changeOf(before, after, library)
  const money = moneyWords(price)
  if (gone === 0 && come === 0)
    return after.drifts === before.drifts ? 'changes the bed, no plant' : 'only places change'
  if (come === 0) return `${counted(gone, 'plant')} fewer${money}`
  return gone === 0 ? `${counted(come, 'plant')} more${money}` : `${counted(come, 'plant')} for ${gone}${money}`
}
