import type { Drawn } from './changedPart'

/** How the things of a picture are drawn, worked out once for each: what is the very same object as before is drawn as before. */
export class KeptDrawn<T extends object> {
  private things: readonly T[] = []
  private drawn: readonly Drawn[] = []
  private at = ''

  /** How things are drawn at a scale and place of the picture, in their order; null when one cannot be told yet. */
  of(things: readonly T[], at: string, tell: (thing: T) => Drawn | null): readonly Drawn[] | null {
    const isHere = at === this.at
    let others: Map<T, Drawn> | null = null
    const drawn: Drawn[] = []
    for (const [i, thing] of things.entries()) {
      let one: Drawn | null | undefined = isHere && this.things[i] === thing ? this.drawn[i] : undefined
      // Most stand at the same number of the list as before; only the others are looked up.
      if (!one && isHere) {
        others ??= new Map(this.things.map((t, k) => [t, this.drawn[k]!]))
        one = others.get(thing)
      }
      one ??= tell(thing)
      if (!one) return null
      drawn.push(one)
    }
    this.things = things
    this.drawn = drawn
    this.at = at
    return drawn
  }
}
