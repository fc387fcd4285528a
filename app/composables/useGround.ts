import {
  checkForm,
  checkOutline,
  laneCounts,
  startForm,
  startShares,
  type Bed,
  type BedKind,
  type Edge,
  type Opening,
  type Outline,
  type Wall,
} from '~~/core/bed'
import type { Point } from '~~/core/geometry'

/** What the Ground screen changes; an outline that cannot be is refused with its reason and the bed stays as it was. */
export function useGround() {
  const store = useBedStore()
  const problem = ref('')
  const round = (n: number) => Math.round(n * 1000) / 1000

  function set(
    change: Partial<
      Pick<Bed, 'name' | 'form' | 'outline' | 'laneShares' | 'wall' | 'viewpoint' | 'ground' | 'school'>
    >,
    how: 'edit' | 'preview' = 'edit',
  ) {
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
  function moveStation(
    which: 'back' | 'front' | 'round',
    index: number,
    to: Point,
    how: 'edit' | 'preview' = 'edit',
  ) {
    if (which === 'round') return moveRound(index, to, how)
    const edge = outline()[which]
    const isEnd = index === 0 || index === edge.stations.length - 1
    const stations = edge.stations.map((p, i) =>
      i === index ? { x: isEnd ? p.x : round(to.x), y: round(to.y) } : p,
    )
    return setOutline({ ...outline(), [which]: withStations(edge, stations) }, how)
  }

  /** Moves one station of a closed edge. */
  function moveRound(index: number, to: Point, how: 'edit' | 'preview') {
    const { form } = store.kept!
    if (!('edge' in form)) return false
    const after = {
      ...form,
      edge: {
        ...form.edge,
        stations: form.edge.stations.map((p, i) => (i === index ? { x: round(to.x), y: round(to.y) } : p)),
      },
    }
    const checked = checkForm(after)
    problem.value = checked.ok ? '' : checked.error
    if (checked.ok) set({ form: after }, how)
    else if (how === 'edit') store.preview(null)
    return checked.ok
  }

  /** Another kind of bed of about the same size; lanes it cannot have are joined, and pins let go, since they lie elsewhere now. */
  function setKind(kind: BedKind) {
    const bed = store.kept!
    if (bed.form.kind === kind) return
    const { stations } = bed.outline.front
    const lengthM = stations[stations.length - 1]!.x - stations[0]!.x
    const depthM = Math.max(...stations.map((p) => p.y))
    const now = bed.laneShares.length
    const lanes = laneCounts(kind).includes(now)
      ? now
      : (laneCounts(kind)
          .filter((n) => n <= now)
          .pop() ?? 1)
    store.edit({
      kind: 'all',
      name: 'change the kind of bed',
      edits: [
        ...bed.drifts
          .filter((d) => d.lane >= lanes)
          .map((d) => ({ kind: 'changeDrift' as const, driftId: d.id, change: { lane: lanes - 1 } })),
        ...[...new Set(bed.pins.map((p) => p.driftId))].map((driftId) => ({
          kind: 'setPins' as const,
          driftId,
          pins: [],
        })),
        {
          kind: 'setBed',
          change: {
            form: startForm(
              kind,
              lengthM,
              kind === 'island' || kind === 'ring'
                ? Math.max(depthM, lengthM * 0.5)
                : kind === 'court'
                  ? lengthM
                  : depthM,
            ),
            laneShares: startShares(lanes, kind),
          },
        },
      ],
    })
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
    const stations = [
      ...edge.stations.slice(0, widest + 1),
      { x: round((a.x + b.x) / 2), y: round((a.y + b.y) / 2) },
      ...edge.stations.slice(widest + 1),
    ]
    setOutline({ ...outline(), [which]: withStations(edge, stations) })
  }

  function removeStation(which: 'back' | 'front', index: number) {
    const edge = outline()[which]
    setOutline({
      ...outline(),
      [which]: withStations(
        edge,
        edge.stations.filter((_, i) => i !== index),
      ),
    })
  }

  const setEdgeKind = (which: 'back' | 'front', kind: Edge['kind']) =>
    setOutline({ ...outline(), [which]: { ...outline()[which], kind } })

  /** A new length stretches the stations of both edges along the wall. */
  function setLength(lengthM: number) {
    const first = outline().front.stations[0]!.x
    const last = outline().front.stations[outline().front.stations.length - 1]!.x
    const stretch = (edge: Edge) =>
      withStations(
        edge,
        edge.stations.map((p) => ({ x: round(first + ((p.x - first) / (last - first)) * lengthM), y: p.y })),
      )
    setOutline({ back: stretch(outline().back), front: stretch(outline().front) })
  }

  /** A new depth moves the whole front edge in or out. */
  function setDepth(depthM: number, greatest: number) {
    const { front } = outline()
    setOutline({
      ...outline(),
      front: withStations(
        front,
        front.stations.map((p) => ({ x: p.x, y: round(p.y + depthM - greatest) })),
      ),
    })
  }

  /** Fewer lanes carry the drifts of the lost ones into the front lane that remains. */
  function setLanes(count: number) {
    const bed = store.kept!
    const edits = bed.drifts
      .filter((d) => d.lane >= count)
      .map((d) => ({ kind: 'changeDrift' as const, driftId: d.id, change: { lane: count - 1 } }))
    store.edit({
      kind: 'all',
      name: 'change lanes',
      edits: [...edits, { kind: 'setBed', change: { laneShares: startShares(count, bed.form.kind) } }],
    })
  }

  function setWall(change: Partial<Wall> | null) {
    const wall = store.kept!.wall
    set({
      wall:
        change === null
          ? null
          : { ...(wall ?? { heightM: 3, material: 'render', colour: '#d9cdb8', openings: [] }), ...change },
    })
  }

  function setOpening(id: string, change: Partial<Opening> | null) {
    const openings = store.kept!.wall?.openings ?? []
    const after =
      change === null
        ? openings.filter((o) => o.id !== id)
        : openings.map((o) => (o.id === id ? { ...o, ...change } : o))
    const wrong = after.find((o) => o.headM <= o.sillM)
    problem.value = wrong ? 'A window’s head must be above its sill.' : ''
    if (!wrong) setWall({ openings: after })
  }

  function addOpening() {
    const openings = store.kept!.wall?.openings ?? []
    const last = openings[openings.length - 1]
    setWall({
      openings: [
        ...openings,
        {
          id: newId(),
          x: last ? round(last.x + last.widthM + 0.8) : 0.8,
          widthM: last?.widthM ?? 1.2,
          sillM: last?.sillM ?? 0.9,
          headM: last?.headM ?? 2.2,
        },
      ],
    })
  }

  return {
    problem,
    set,
    setKind,
    setOutline,
    moveStation,
    addStation,
    removeStation,
    setEdgeKind,
    setLength,
    setDepth,
    setLanes,
    setWall,
    setOpening,
    addOpening,
  }
}
