import type { BedLightInput, LightHours, LightInput, Obstacle } from '~~/core/light'

/** What the light worker can be asked; it answers with progress (0-1) and then a result or an error, each with the request's id. */
export type LightRequest =
  | { readonly id: number; readonly job: 'bed'; readonly input: BedLightInput }
  | { readonly id: number; readonly job: 'map'; readonly input: LightInput }
  | { readonly id: number; readonly job: 'cancel' }

export type LightAnswer =
  | { readonly id: number; readonly kind: 'progress'; readonly share: number }
  | { readonly id: number; readonly kind: 'result'; readonly hours: LightHours | null; /** Share of the cells that had to be worked out. */ readonly worked: number }
  | { readonly id: number; readonly kind: 'error'; readonly message: string }

/** Obstacles that are not the same in two lists. */
export function differing(a: readonly Obstacle[], b: readonly Obstacle[]): { readonly before: readonly Obstacle[]; readonly after: readonly Obstacle[] } {
  const text = new Map(a.map((o) => [o.id, JSON.stringify(o)]))
  const now = new Map(b.map((o) => [o.id, JSON.stringify(o)]))
  return { before: a.filter((o) => now.get(o.id) !== text.get(o.id)), after: b.filter((o) => now.get(o.id) !== text.get(o.id)) }
}
