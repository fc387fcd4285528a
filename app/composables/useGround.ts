import { checkOutline, startShares, type Bed, type Edge, type Opening, type Outline, type Wall } from '~~/core/bed'
import type { Point } from '~~/core/geometry'

/** What the Ground screen changes; an outline that cannot be is refused with its reason and the bed stays as it was. */
export function useGround() {
  const store = useBedStore()
  const problem = ref('')
  const round = (n: number) => Math.round(n * 1000) / 1000

  function set(change: Partial<Pick<Bed, 'name' | 'outline' | 'laneShares' | 'wall' | 'viewpoint' | 'ground' | 'school'>>, how: 'edit' | 'preview' = 'edit') {
    store[how]({ kind: 'setBed', change })
  }

  function setOutline(outline: Outline, how: 'edit' | 'preview' = 'edit'): boolean {
    const checked = checkOutline(outline)
    problem.value = checked.ok ? '' : checked.error
    if (checked.ok) set({ outline }, how)
    else if (how === 'preview') return false
    else store.preview(null)
    return checked.ok
  }

  const outline = () => store.kept!.outline
  const withStations = (edge: Edge, stations: readonly Point[]): Edge => ({ ...edge, stations })

  /** Moves one station of an edge; the ends stay at the ends of the bed. */
  function moveStation(which: 'back' | 'front', index: number, to: Point, how: 'edit' | 'preview' = 'edit') {
    const edge = outline()[which]
    const isEnd = index === 0 || index === edge.stations.length - 1
    const stations = edge.stations.map((p, i) => (i === index ? { x: isEnd ? p.x : round(to.x), y: round(to.y) } : p))
    return setOutline({ ...outline(), [which]: withStations(edge, stations) }, how)
  }

  function addStation(which: 'back' | 'front') {
    const edge = outline()[which]
    let widest = 0
    edge.stations.forEach((p, i) => {
      const gap = (edge.stations[i + 1]?.x ?? p.x) - p.x
      if (gap > edge.stations[widest + 1]!.x - edge.stations[widest]!.x) widest = i
    })
    const a = edge.stations[widest]!
    const b = edge.stations[widest + 1]!
    const stations = [...edge.stations.slice(0, widest + 1), { x: round((a.x + b.x) / 2), y: round((a.y + b.y) / 2) }, ...edge.stations.slice(widest + 1)]
    setOutline({ ...outline(), [which]: withStations(edge, stations) })
  }

  function removeStation(which: 'back' | 'front', index: number) {
    const edge = outline()[which]
    setOutline({ ...outline(), [which]: withStations(edge, edge.stations.filter((_, i) => i !== index)) })
  }

  const setEdgeKind = (which: 'back' | 'front', kind: Edge['kind']) => setOutline({ ...outline(), [which]: { ...outline()[which], kind } })

  /** A new length stretches the stations of both edges along the wall. */
  function setLength(lengthM: number) {
    const first = outline().front.stations[0]!.x
    const last = outline().front.stations[outline().front.stations.length - 1]!.x
    const stretch = (edge: Edge) => withStations(edge, edge.stations.map((p) => ({ x: round(first + ((p.x - first) / (last - first)) * lengthM), y: p.y })))
    setOutline({ back: stretch(outline().back), front: stretch(outline().front) })
  }

  /** A new depth moves the whole front edge in or out. */
  function setDepth(depthM: number, greatest: number) {
    const { front } = outline()
    setOutline({ ...outline(), front: withStations(front, front.stations.map((p) => ({ x: p.x, y: round(p.y + depthM - greatest) }))) })
  }

  /** Fewer lanes carry the drifts of the lost ones into the front lane that remains. */
  function setLanes(count: number) {
    const bed = store.kept!
    const edits = bed.drifts.filter((d) => d.lane >= count).map((d) => ({ kind: 'changeDrift' as const, driftId: d.id, change: { lane: count - 1 } }))
    store.edit({ kind: 'all', name: 'change lanes', edits: [...edits, { kind: 'setBed', change: { laneShares: startShares(count) } }] })
  }

  function setWall(change: Partial<Wall> | null) {
    const wall = store.kept!.wall
    set({ wall: change === null ? null : { ...(wall ?? { heightM: 3, material: 'render', colour: '#d9cdb8', openings: [] }), ...change } })
  }

  function setOpening(id: string, change: Partial<Opening> | null) {
    const openings = store.kept!.wall?.openings ?? []
    const after = change === null ? openings.filter((o) => o.id !== id) : openings.map((o) => (o.id === id ? { ...o, ...change } : o))
    const wrong = after.find((o) => o.headM <= o.sillM)
    problem.value = wrong ? 'A window’s head must be above its sill.' : ''
    if (!wrong) setWall({ openings: after })
  }

  function addOpening() {
    const openings = store.kept!.wall?.openings ?? []
    const last = openings[openings.length - 1]
    setWall({ openings: [...openings, { id: newId(), x: last ? round(last.x + last.widthM + 0.8) : 0.8, widthM: last?.widthM ?? 1.2, sillM: last?.sillM ?? 0.9, headM: last?.headM ?? 2.2 }] })
  }

  return { problem, set, setOutline, moveStation, addStation, removeStation, setEdgeKind, setLength, setDepth, setLanes, setWall, setOpening, addOpening }
}
