import { MadeBefore } from '../../core/layout'
import type { Drawn } from './changedPart'

/** How the things of a picture are drawn, worked out once for each: what is the very same object as before is drawn as before. */
export class KeptDrawn<T extends object> {
  private things: readonly T[] = []
  private drawn: readonly Drawn[] = []
  private at = ''

  /** How things are drawn at a scale and place of the picture, in their order; null when one cannot be told yet. */
  of(things: readonly T[], at: string, tell: (thing: T) => Drawn | null): readonly Drawn[] | null {
    const isHere = at === this.at
    const former = new MadeBefore(isHere ? this.things : [], isHere ? this.drawn : [])
    const drawn: Drawn[] = []
    for (const [i, thing] of things.entries()) {
      const one = former.get(thing, i) ?? tell(thing)
      if (!one) return null
      drawn.push(one)
    }
    this.things = things
    this.drawn = drawn
    this.at = at
    return drawn
  }
}
