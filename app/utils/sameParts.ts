import { same } from '../../core/merge'

/**
 * A list in which each item that says the same as before is the very same object, so that nothing that shows it is drawn again. Items are
 * known by `key`; `alike` tells whether two of one key say the same.
 */
export function sameParts<T>(
  before: readonly T[],
  now: readonly T[],
  key: (item: T) => string,
  alike: (a: T, b: T) => boolean = same,
): readonly T[] {
  const known = new Map(before.map((item) => [key(item), item]))
  const list = now.map((item) => {
    const was = known.get(key(item))
    return was !== undefined && (was === item || alike(was, item)) ? was : item
  })
  return list.length === before.length && list.every((item, i) => item === before[i]) ? before : list
}

/** What was before while what is now says the same: a computed value that does not change so is the same object. */
export const unlessSame = <T>(before: T | undefined, now: T): T =>
  before !== undefined && same(before, now) ? before : now
