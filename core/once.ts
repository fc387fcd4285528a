/**
 * A function that works out what follows from one object alone, once, and keeps it as long as the object lives. Its values are never
 * changed: what follows from anything else besides must not be kept so.
 */
export function once<K extends object, V>(work: (of: K) => V): (of: K) => V {
  const kept = new WeakMap<K, { readonly value: V }>()
  return (of) => {
    const known = kept.get(of)
    if (known) return known.value
    const value = work(of)
    kept.set(of, { value })
    return value
  }
}
