import type { Drift } from '../model'
import { hashText } from '../geometry'

/** What names one plant of a drift. */
export interface Tag {
  readonly id: string
  readonly index: number
  readonly seed: number
}

/** Ids and seeds are made once a drift: the same texts again cost nothing to look up. */
const tags = new Map<string, Tag[]>()
const MOST_TAGGED_DRIFTS = 20_000

export function tagOf(drift: Drift, index: number): Tag {
  let list = tags.get(drift.id)
  if (!list) {
    if (tags.size > MOST_TAGGED_DRIFTS) tags.clear()
    tags.set(drift.id, (list = []))
  }
  return (list[index] ??= makeTag(`${drift.id}:${index}`, index))
}

const makeTag = (id: string, index: number): Tag => ({ id, index, seed: hashText(id) })
