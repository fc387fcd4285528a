import type { TickKind, Tick } from '../model'

const placeOf = (t: Pick<Tick, 'bedId' | 'plant' | 'what'>) => `${t.bedId}|${t.plant}|${t.what}`
const isLater = (a: Tick, b: Tick) => a.at > b.at || (a.at === b.at && a.device > b.device)

/** Ticks of several devices joined place by place: the later word about a place holds, whichever came first. */
export function joinTicks(...lists: readonly (readonly Tick[])[]): Tick[] {
  const joined = new Map<string, Tick>()
  for (const tick of lists.flat()) {
    const there = joined.get(placeOf(tick))
    if (!there || isLater(tick, there)) joined.set(placeOf(tick), tick)
  }
  return [...joined.values()]
}

/** How many plants of each kind stand in the ground, by plant id: those set instead count as what they are. */
export function plantedByKind(ticks: readonly Tick[]): Map<string, number> {
  const places = new Map<string, Map<TickKind, Tick>>()
  for (const t of joinTicks(ticks)) {
    const key = `${t.bedId}|${t.plant}`
    const place = places.get(key) ?? new Map<TickKind, Tick>()
    places.set(key, place.set(t.what, t))
  }
  const counts = new Map<string, number>()
  for (const place of places.values()) {
    const planted = place.get('planted')
    if (planted?.value !== 'yes' || place.get('missing')?.value === 'yes') continue
    const instead = place.get('instead')?.value
    const id = instead && instead !== 'no' ? instead : planted.plantId
    counts.set(id, (counts.get(id) ?? 0) + 1)
  }
  return counts
}
