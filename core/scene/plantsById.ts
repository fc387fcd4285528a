import type { PlacedPlant } from '../layout'

/** Plants by their id. */
export class PlantsById {
  private readonly places: ReadonlyMap<string, number>

  /** With those of the bed before a change: their places in the list hold while the same ids stand at them. */
  constructor(
    private readonly list: readonly PlacedPlant[],
    before?: PlantsById,
  ) {
    this.places =
      before && before.list.length === list.length && before.list.every((p, i) => p.id === list[i]!.id)
        ? before.places
        : new Map(list.map((p, i) => [p.id, i]))
  }

  get(id: string): PlacedPlant | undefined {
    const place = this.places.get(id)
    return place === undefined ? undefined : this.list[place]
  }

  has(id: string): boolean {
    return this.places.has(id)
  }
}
