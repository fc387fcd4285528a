/** Things of before, by a name or by what they were made of: most stand at the same place of their list, only others are searched for. */
export class ByIdInOrder<T, Id = string> {
  private known: Map<Id, T> | null = null

  constructor(
    readonly list: readonly T[],
    private readonly idOf: (thing: T) => Id,
  ) {}

  /** The thing of an id; `place` is where it may well stand. */
  get(id: Id, place: number): T | undefined {
    // One more or one fewer before it moves it by a place.
    for (const at of [place, place - 1, place + 1]) {
      const there = this.list[at]
      if (there !== undefined && this.idOf(there) === id) return there
    }
    this.known ??= new Map(this.list.map((t) => [this.idOf(t), t]))
    return this.known.get(id)
  }
}
