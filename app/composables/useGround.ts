import type { BedKind, Edge, Opening, Outline, Wall } from '~~/core/model'
import { checkForm, checkOutline } from '~~/core/bed'
import {
  deepened,
  stretched,
  toKind,
  toLanes,
  withoutStation,
  withRoundStationAt,
  withStationAdded,
  withStationAt,
  type Edit,
} from '~~/core/edit'
import type { Point } from '~~/core/geometry'

type How = 'edit' | 'preview'
type BedChange = Extract<Edit, { kind: 'setBed' }>['change']
type EdgeName = 'back' | 'front'

const PLAIN_WALL: Wall = { heightM: 3, material: 'render', colour: '#d9cdb8', openings: [] }
/** A first window, and how far from the last one the next is put, metres. */
const FIRST_WINDOW = { x: 0.8, widthM: 1.2, sillM: 0.9, headM: 2.2 }
const APART_M = 0.8

/** What the Ground screen changes; an outline that cannot be is refused with its reason and the bed stays as it was. */
export function useGround() {
  const store = useBedStore()
  const problem = ref('')
  const outline = () => store.kept!.outline
  const set = (change: BedChange, how: How = 'edit') => store[how]({ kind: 'setBed', change })

  /** Makes a change that was checked; a refused one leaves the bed as it was. */
  function setChecked(change: BedChange, checked: { ok: true } | { ok: false; error: string }, how: How): boolean {
    problem.value = checked.ok ? '' : checked.error
    if (checked.ok) set(change, how)
    else if (how === 'edit') store.preview(null)
    return checked.ok
  }
  const setOutline = (after: Outline, how: How = 'edit') => setChecked({ outline: after }, checkOutline(after), how)

  /** Moves one station of an edge; the ends stay at the ends of the bed. */
  function moveStation(which: EdgeName | 'round', index: number, to: Point, how: How = 'edit'): boolean {
    if (which !== 'round') return setOutline(withStationAt(outline(), which, index, to), how)
    const form = withRoundStationAt(store.kept!.form, index, to)
    return form !== null && setChecked({ form }, checkForm(form), how)
  }
  const addStation = (which: EdgeName) => setOutline(withStationAdded(outline(), which))
  const removeStation = (which: EdgeName, index: number) => setOutline(withoutStation(outline(), which, index))
  const setEdgeKind = (which: EdgeName, kind: Edge['kind']) =>
    setOutline({ ...outline(), [which]: { ...outline()[which], kind } })
  const setLength = (lengthM: number) => setOutline(stretched(outline(), lengthM))
  const setDepth = (depthM: number, greatest: number) => setOutline(deepened(outline(), depthM - greatest))

  const setLanes = (count: number) => store.edit(toLanes(store.kept!, count))
  function setKind(kind: BedKind) {
    if (store.kept!.form.kind !== kind) store.edit(toKind(store.kept!, kind))
  }

  const openings = () => store.kept!.wall?.openings ?? []
  function setWall(change: Partial<Wall> | null) {
    set({ wall: change === null ? null : { ...(store.kept!.wall ?? PLAIN_WALL), ...change } })
  }
  function setOpening(id: string, change: Partial<Opening> | null) {
    const after = openings().flatMap((o) => {
      if (o.id !== id) return [o]
      return change === null ? [] : [{ ...o, ...change }]
    })
    const wrong = after.some((o) => o.headM <= o.sillM)
    problem.value = wrong ? 'A window’s head must be above its sill.' : ''
    if (!wrong) setWall({ openings: after })
  }
  function addOpening() {
    const last = openings().at(-1)
    const x = last ? Math.round((last.x + last.widthM + APART_M) * 1000) / 1000 : FIRST_WINDOW.x
    setWall({ openings: [...openings(), { ...FIRST_WINDOW, ...last, id: newId(), x }] })
  }

  const edges = { setOutline, moveStation, addStation, removeStation, setEdgeKind, setLength, setDepth }
  return { problem, set, setKind, setLanes, setWall, setOpening, addOpening, ...edges }
}
