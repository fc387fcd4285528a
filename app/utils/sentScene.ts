import type { Scene } from '~~/core/scene'
import type { SentScene } from '~/workers/look.worker'

/** Stores hand out proxies, and what does not differ from a plain value goes as one. */
export const plainValue = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** A scene as it is sent to a worker: without the library, which goes once. */
export function sentScene({ input }: Scene): SentScene {
  const raw = toRaw(input.light) ?? null
  const light = raw && { hours: toRaw(raw.hours), season: [...raw.season] }
  const others = plainValue({ ...input, library: undefined, light: undefined, neighbours: [] })
  // Neighbours share their kinds: copied as they are, each kind goes once, as text it would go with every plant.
  return { ...others, light, neighbours: (input.neighbours ?? []).map((n) => toRaw(n)) }
}
