import type { Kind } from '../plant'

/** A trunk stands at least this far behind the front edge, metres; its crown reaches over it. */
export const FRONT_OF_TRUNK_M = 0.3

/**
 * Least distance of a plant's middle from the wall, metres: `max(0.6, w/2 + 0.15)`; trees `max(w/2, 3)`; climbers stand
 * 0.3 m out, at the foot of what they climb. Source: docs/grounds/calculations, Spacing and counts.
 */
export function setbackM(spreadM: number, kind: Kind): number {
  if (kind === 'climber') return 0.3
  if (kind === 'tree') return Math.max(spreadM / 2, 3)
  return Math.max(0.6, spreadM / 2 + 0.15)
}
