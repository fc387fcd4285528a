/** Things of before, looked up by id beside things of now: most stand at the same place of their list, only the others are searched for. */
export class ByIdInOrder<T> {
  private known: Map<string, T> | null = null

  constructor(
    readonly list: readonly T[],
    private readonly idOf: (thing: T) => string,
  ) {}

  /** The thing of an id; `place` is where it may well stand. */
  get(id: string, place: number): T | undefined {
    // One more or one fewer before it moves it by a place.
    for (const at of [place, place - 1, place + 1]) {
      const there = this.list[at]
      if (there !== undefined && this.idOf(there) === id) return there
    }
    this.known ??= new Map(this.list.map((t) => [this.idOf(t), t]))
    return this.known.get(id)
  }
}
