/** What was made of each thing before, by the thing itself: most stand at the same number of their list, only others are searched for. */
export class MadeBefore<K, V> {
  private known: Map<K, V> | null = null

  /** `made` is in the order of `things`. */
  constructor(
    private readonly things: readonly K[],
    private readonly made: readonly V[],
  ) {}

  /** What was made of a thing; `place` is where it may well stand. */
  get(thing: K, place: number): V | undefined {
    if (this.things[place] === thing) return this.made[place]
    this.known ??= new Map(this.things.map((t, i) => [t, this.made[i]!]))
    return this.known.get(thing)
  }
}
