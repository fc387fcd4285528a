import { slideAlong } from '~~/core/garden'
import { distance, type Point, toMm } from '~~/core/geometry'
import { cornersOf, thingAt, type PlacedThing } from '~~/core/site'

const REACH_PX = 9
const SNAP_M = 0.1
/** A length shorter than this is a slip of the hand, metres. */
const LEAST_TAPE_M = 0.05

interface Plan {
  readonly placed: Readonly<Ref<PlacedThing | null>>
  readonly handles: Readonly<Ref<readonly Point[]>>
  readonly points: Readonly<Ref<readonly { readonly id: string; readonly at: Point }[]>>
  readonly pxPerM: Readonly<Ref<number>>
  readonly emitScaled: (a: Point, b: Point) => void
}

type Held =
  | { kind: 'thing'; id: string; corner: number | null; from: Point; anchor: Point }
  | { kind: 'point'; id: string }
  | { kind: 'bed'; id: string; from: Point; anchor: Point }
  | { kind: 'tape' }
  | { kind: 'ghost'; last: Point }

/** The hand on the site plan: what it chooses, and what it takes hold of and moves. Places in metres. */
export function useSiteHand({ placed, handles, points, pxPerM, emitScaled }: Plan) {
  const store = useSiteStore()
  const ground = useGroundStore()
  const { site, laid, move, dragPoint, placeBed } = useSite()
  const drawing = useDrawingImport()
  const isNear = (a: Point, b: Point) => distance(a, b) * pxPerM.value < REACH_PX

  /** To a corner or point nearby, else to the decimetre. */
  function snapped(p: Point, but: string | null): Point {
    if (!ground.snap) return p
    const corners = [
      ...store.resolved.things.filter((t) => t.id !== but).flatMap((t) => cornersOf(t)),
      ...points.value.filter((q) => q.id !== but).map((q) => q.at),
      ...laid.value.filter((b) => `bed:${b.id}` !== but).flatMap((b) => b.outlines.flat()),
    ]
    const near = corners.filter((c) => isNear(c, p)).sort((a, b) => distance(a, p) - distance(b, p))[0]
    return near ?? { x: Math.round(p.x / SNAP_M) * SNAP_M, y: Math.round(p.y / SNAP_M) * SNAP_M }
  }

  const bedAt = (p: Point) =>
    laid.value.find((b) =>
      b.outlines.some((o) => thingAt([{ id: b.id, name: '', kind: 'surface', cover: 'path', outline: o }], p, 0)),
    )
  const isLarge = (t: PlacedThing) => t.kind === 'surface' || t.kind === 'terrace' || t.kind === 'building'

  /** What lies under a place: a handle, a point, a bed, or a thing. */
  function under(p: Point): Held | null {
    const corner = handles.value.findIndex((h) => isNear(h, p))
    if (corner >= 0 && placed.value) {
      const anchor = handles.value[corner]!
      return {
        kind: 'thing',
        id: placed.value.id,
        corner: handles.value.length === 1 ? null : corner,
        from: p,
        anchor,
      }
    }
    const point = points.value.find((q) => isNear(q.at, p))
    if (point) return { kind: 'point', id: point.id }
    const thing = thingAt(store.resolved.things, p, REACH_PX / pxPerM.value)
    const bed = bedAt(p)
    if (bed && (!thing || isLarge(thing))) return { kind: 'bed', id: bed.id, from: p, anchor: bed.place.at }
    return thing ? { kind: 'thing', id: thing.id, corner: null, from: p, anchor: cornersOf(thing)[0]! } : null
  }

  /** A drawing about to be brought in is taken hold of anywhere within its bounds. */
  function ghostAt(p: Point): Held | null {
    const all = ground.ghost.flatMap((l) => l.points)
    if (all.length === 0) return null
    const [xs, ys] = [all.map((q) => q.x), all.map((q) => q.y)]
    const within = (v: number, list: readonly number[]) => v >= Math.min(...list) && v <= Math.max(...list)
    return within(p.x, xs) && within(p.y, ys) ? { kind: 'ghost', last: p } : null
  }

  let before: string | null = null
  /** A press chooses; with the tape in hand it does not. */
  function press(p: Point) {
    before = ground.chosenId
    if (ground.tool !== 'choose') {
      ground.tape = [snapped(p, null), snapped(p, null)]
      return
    }
    const found = under(p)
    if (!found) ground.chosenId = null
    else if (found.kind === 'bed') ground.chosenId = `bed:${found.id}`
    else if (found.kind !== 'tape' && found.kind !== 'ghost') ground.chosenId = found.id
  }

  let held: Held | null = null
  /** Takes hold of what lies under a place; false when the hand moves the sheet instead. */
  function begin(p: Point): boolean {
    held = ground.tool === 'choose' ? (ghostAt(p) ?? under(p)) : { kind: 'tape' }
    // What is not chosen yet is chosen by the first touch and dragged by the next, so that panning moves nothing.
    if (held?.kind === 'thing' && held.corner === null && held.id !== before) held = null
    if (held?.kind === 'tape') ground.tape = [snapped(p, null), snapped(p, null)]
    return held !== null
  }

  function moveBed(id: string, to: Point, how: 'edit' | 'preview') {
    const place = store.kept?.beds.find((b) => b.bedId === id)
    if (place) placeBed(id, slideAlong(store.resolved, place, { x: toMm(to.x), y: toMm(to.y) }), how)
  }

  function moveTape(p: Point, how: 'edit' | 'preview') {
    const [a] = ground.tape
    if (!a) return
    const b = snapped(p, null)
    ground.tape = [a, b]
    if (how === 'edit' && ground.tool === 'scale' && distance(a, b) > LEAST_TAPE_M) emitScaled(a, b)
  }

  function moveHeld(p: Point, how: 'edit' | 'preview') {
    if (!held) return
    if (held.kind === 'tape') return moveTape(p, how)
    if (held.kind === 'ghost') {
      drawing.moveBy({ x: toMm(p.x - held.last.x), y: toMm(p.y - held.last.y) })
      held = { kind: 'ghost', last: p }
      return
    }
    const { id } = held
    if (held.kind === 'point') {
      const point = site.value.points.find((q) => q.id === id)
      if (point) dragPoint(point, snapped(p, point.id), how)
      return
    }
    const { anchor, from } = held
    const to = { x: anchor.x + p.x - from.x, y: anchor.y + p.y - from.y }
    if (held.kind === 'bed') return moveBed(id, snapped(to, `bed:${id}`), how)
    const thing = store.kept?.things.find((t) => t.id === id)
    const spot = snapped(to, id)
    if (thing) move(thing, held.corner, spot.x - anchor.x, spot.y - anchor.y, how)
  }

  return { press, grip: { begin, move: moveHeld } }
}
