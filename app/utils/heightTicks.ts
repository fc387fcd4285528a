import type { Units } from '../../core/measure'

/** Steps of a ruler by how high it goes: metres, and as many feet in the place of each. */
const STEPS = [
  { over: 8, metric: 2, imperial: 8 },
  { over: 2.6, metric: 1, imperial: 4 },
  { over: 0, metric: 0.5, imperial: 2 },
] as const
const FOOT_M = 0.3048

/** The ticks of a ruler of heights up to `highM`, from the ground: how high each is, metres, and what stands at it. */
export function heightTicks(
  highM: number,
  units: Units,
): readonly { readonly m: number; readonly words: string }[] {
  const step = (STEPS.find(({ over }) => highM > over) ?? STEPS[2])[units]
  const unitM = units === 'metric' ? 1 : FOOT_M
  return Array.from({ length: Math.floor(highM / (step * unitM)) + 1 }, (_, i) => ({
    m: i * step * unitM,
    words: units === 'metric' ? `${i * step} m` : `${i * step}′`,
  }))
}
