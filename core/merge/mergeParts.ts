/** A value as text, whatever order its keys were stored in. */
const textOf = (value: unknown): string =>
  JSON.stringify(value, (_key, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  )

/** Whether two values of JSON say the same; the order of keys does not count, and what is undefined is left out. */
export const same = (a: unknown, b: unknown): boolean => a === b || textOf(a) === textOf(b)

/** Whose version of a part: that of this desk, or the one that was saved elsewhere. */
export type Side = 'mine' | 'theirs'

/** A part that two people changed otherwise since `base`. What is undefined is not there: not yet, or no more. */
export interface Meeting {
  /** Keys that lead to the part; a thing of a list is led to by its id. */
  readonly path: readonly string[]
  readonly base: unknown
  readonly mine: unknown
  readonly theirs: unknown
}
/** Two versions joined, and the parts of it that both had changed. */
export interface Merged<T> {
  readonly value: T
  readonly meetings: readonly Meeting[]
}
/** Says for a part that two people changed whose version goes on. */
export type Choose = (meeting: Meeting) => Side

/**
 * Joins two versions of one value that both came from `base`: each part that only one of them changed is taken from that one. Records
 * are joined key by key, lists of named things (by `id`, `findingId`, `bedId`, `plantId` or a drift's plant) thing by thing, lists of
 * words word by word; everything else, and a thing that has an id or a kind, is one part. Where both changed a part, `choose` decides
 * and the part is told.
 */
export function mergeParts<T>(base: T, mine: T, theirs: T, choose: Choose = () => 'mine'): Merged<T> {
  const meetings: Meeting[] = []
  const meet = (meeting: Meeting): unknown => {
    meetings.push(meeting)
    return meeting[choose(meeting)]
  }
  const value = mergeAt({ path: [], base, mine, theirs }, meet) as T
  return { value, meetings }
}

type Meet = (meeting: Meeting) => unknown

function mergeAt(part: Meeting, meet: Meet): unknown {
  const { base, mine, theirs } = part
  if (same(mine, theirs) || same(base, theirs)) return mine
  if (same(base, mine)) return theirs
  const lists = [base ?? [], mine, theirs]
  if (lists.every(isNamedList)) return mergeLists(part, meet)
  if (isRecord(mine) && isRecord(theirs) && (base === undefined || isRecord(base))) return mergeRecords(part, meet)
  return meet(part)
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
/** A record of independent parts; what has an id, a kind or a place is one thing. */
const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  isObject(value) && !['id', 'kind', 'x'].some((key) => key in value)

function mergeRecords(part: Meeting, meet: Meet): unknown {
  const base = (part.base ?? {}) as Record<string, unknown>
  const mine = part.mine as Record<string, unknown>
  const theirs = part.theirs as Record<string, unknown>
  const merged: Record<string, unknown> = {}
  for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const at = { path: [...part.path, key], base: base[key], mine: mine[key], theirs: theirs[key] }
    const value = mergeAt(at, meet)
    if (value !== undefined) merged[key] = value
  }
  return merged
}

/** What names a thing in its list; null for what has no name. */
function nameIn(item: unknown): string | null {
  if (typeof item === 'string') return item
  if (!isObject(item)) return null
  if (isObject(item.figures)) return nameIn(item.figures)
  for (const key of ['id', 'findingId', 'bedId', 'plantId']) if (typeof item[key] === 'string') return item[key]
  return typeof item.driftId === 'string' ? `${item.driftId}:${String(item.index)}` : null
}

function isNamedList(value: unknown): value is readonly unknown[] {
  if (!Array.isArray(value)) return false
  const names = value.map(nameIn)
  return !names.includes(null) && new Set(names).size === names.length
}

function mergeLists(part: Meeting, meet: Meet): unknown {
  const [base, mine, theirs] = [part.base ?? [], part.mine, part.theirs].map(
    (list) => new Map((list as unknown[]).map((item) => [nameIn(item)!, item])),
  ) as [Map<string, unknown>, Map<string, unknown>, Map<string, unknown>]
  const merged: unknown[] = []
  for (const name of orderOf([...base.keys()], [...mine.keys()], [...theirs.keys()])) {
    const at = { path: [...part.path, name], base: base.get(name), mine: mine.get(name), theirs: theirs.get(name) }
    const value = mergeAt(at, meet)
    if (value !== undefined) merged.push(value)
  }
  return merged
}

/** Names of both lists in the order of mine where I changed it, or else of theirs; what the other has more follows its neighbour. */
function orderOf(base: readonly string[], mine: readonly string[], theirs: readonly string[]): string[] {
  const known = new Set(base)
  const kept = new Set(mine)
  const isMoved = !same(
    mine.filter((n) => known.has(n)),
    base.filter((n) => kept.has(n)),
  )
  const order = isMoved ? [...mine] : [...theirs]
  const other = isMoved ? theirs : mine
  other.forEach((name, i) => {
    if (!order.includes(name)) order.splice(i === 0 ? 0 : order.indexOf(other[i - 1]!) + 1, 0, name)
  })
  return order
}
