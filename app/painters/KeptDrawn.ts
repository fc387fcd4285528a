import { ByIdInOrder } from '../../core/layout'
import type { Drawn } from './changedPart'

/** How the things of a picture are drawn, worked out once for each: what is the very same object as before is drawn as before. */
export class KeptDrawn<T extends object> {
  private kept: readonly { readonly thing: T; readonly drawn: Drawn }[] = []
  private at = ''

  /** How things are drawn at a scale and place of the picture, in their order; null when one cannot be told yet. */
  of(things: readonly T[], at: string, tell: (thing: T) => Drawn | null): readonly Drawn[] | null {
    const former = new ByIdInOrder(at === this.at ? this.kept : [], (k) => k.thing)
    const now: { thing: T; drawn: Drawn }[] = []
    for (const [i, thing] of things.entries()) {
      const drawn = former.get(thing, i)?.drawn ?? tell(thing)
      if (!drawn) return null
      now.push({ thing, drawn })
    }
    this.kept = now
    this.at = at
    return now.map((k) => k.drawn)
  }
}
