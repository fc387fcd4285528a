import type { Body } from '../layout'
import { blockedShare } from '../see'
import type { Scene } from '../scene'

/** What planting does to a line of sight that crosses the bed: a view to keep or something to hide, and how much of it is blocked. */
export interface SightShare {
  readonly name: string
  readonly wish: 'keep' | 'hide'
  /** 0-1, of the target as it is seen from its viewpoint. */
  readonly blocked: number
}

/** The targets of a bed's site seen from their viewpoints over the bed's bodies at a moment. */
export function sightsAt({ surroundings }: Pick<Scene, 'surroundings'>, bodies: readonly Body[]): SightShare[] {
  const things = surroundings?.things ?? []
  return things.flatMap((t): SightShare[] => {
    if (t.kind !== 'target') return []
    const viewer = things.find((v) => v.id === t.seenFrom)
    if (viewer?.kind !== 'viewpoint') return []
    const aim = { ...t.at, widthM: t.widthM, fromM: t.fromM, toM: t.toM }
    const blocked = blockedShare(bodies, { ...viewer.at, z: viewer.eyeM }, aim)
    return [{ name: t.name, wish: t.wish, blocked }]
  })
}
