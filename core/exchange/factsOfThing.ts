import type { PlacedThing } from '../site'

/** What a thing of the site is, without its place: its kind, name and figures, as they go out in files. */
export function factsOfThing(thing: PlacedThing): Readonly<Record<string, unknown>> {
  const facts: Record<string, unknown> = { ...thing }
  for (const key of ['outline', 'line', 'at']) Reflect.deleteProperty(facts, key)
  return facts
}
