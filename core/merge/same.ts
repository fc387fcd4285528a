/** A value as text, whatever order its keys were stored in. */
const textOf = (value: unknown): string =>
  JSON.stringify(value, (_key, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  )

/** Whether two values of JSON say the same; the order of keys does not count, and what is undefined is left out. */
export const same = (a: unknown, b: unknown): boolean => a === b || textOf(a) === textOf(b)
