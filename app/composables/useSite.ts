import type { Bed, BedPlace, Measure, SurveyPoint, Thing, ThingKind } from '~~/core/model'
import { bedFrame } from '~~/core/bed'
import { toMm, type Point } from '~~/core/geometry'
import { bedTransform, EMPTY_SITE, measureTo, moved, newThing, spotsOf, withSpots } from '~~/core/site'
import { outlinesOf } from '~~/core/see'
import type { LaidBed } from '../utils/laidBed'

/** The site under the hand: what it holds, and the edits that change it. */
export const useSite = createSharedComposable(() => {
  const store = useSiteStore()
  const bedStore = useBedStore()
  const ground = useGroundStore()
  const { stored: others, loadBeds } = useGardenScene()
  const site = computed(() => store.site ?? EMPTY_SITE)
  const chosen = computed(() => site.value.things.find((t) => t.id === ground.chosenId) ?? null)

  const beds = computed<{ id: string; bed: Bed }[]>(() =>
    others.value.map((b) => ({ id: b.id, bed: b.id === bedStore.id && bedStore.bed ? bedStore.bed : b.value })),
  )
  const laid = computed<LaidBed[]>(() =>
    store.resolved.beds.flatMap((place) => {
      const found = beds.value.find((b) => b.id === place.bedId)
      if (!found) return []
      const { toSite } = bedTransform(place.at, place.lookDeg, site.value.northDeg)
      const frame = bedFrame(found.bed)
      return [
        {
          id: found.id,
          name: found.bed.name,
          place,
          current: found.id === bedStore.id,
          outlines: outlinesOf(found.bed, frame).map((o) => o.map(toSite)),
          front: frame.front.points.map(toSite),
        },
      ]
    }),
  )

  const set = (thing: Thing, how: 'edit' | 'preview' = 'edit') => store[how]({ kind: 'setThing', thing })
  const remove = (id: string) => {
    store.edit({ kind: 'removeThing', id })
    if (ground.chosenId === id) ground.chosenId = null
  }
  function add(kind: ThingKind) {
    const thing = newThing(kind, newId(), ground.middle)
    store.edit({ kind: 'setThing', thing })
    ground.chosenId = thing.id
  }

  /** Moves a whole thing, or one of its corners. */
  function move(thing: Thing, corner: number | null, dx: number, dy: number, how: 'edit' | 'preview' = 'edit') {
    if (corner === null) return set(moved(thing, dx, dy), how)
    const spots = spotsOf(thing).map((s, i) => {
      if (i !== corner) return s
      const at = 'of' in s ? (store.resolved.places.get(s.of) ?? { x: 0, y: 0 }) : s
      return { x: toMm(at.x + dx), y: toMm(at.y + dy) }
    })
    set(withSpots(thing, spots), how)
  }

  const fixedHere = (): Measure => ({ kind: 'fixed', x: toMm(ground.middle.x), y: toMm(ground.middle.y) })
  /** A measure to start from, between two points there are. */
  function measureFrom(kind: Measure['kind'], a: string, b: string): Measure {
    if (kind === 'tapes') return { kind, a, aM: 3, b, bM: 3, side: 'left' }
    if (kind === 'offset') return { kind, from: a, to: b, alongM: 1, outM: 1 }
    return kind === 'running' ? { kind, from: a, to: b, alongM: 1 } : fixedHere()
  }

  function addPoint(kind: Measure['kind']) {
    const points = site.value.points
    const [a, b] = points
    const measure = a && b ? measureFrom(kind, a.id, b.id) : fixedHere()
    const point: SurveyPoint = { id: newId(), name: pointName(points.length), measure }
    store.edit({ kind: 'setPoint', point })
    ground.chosenId = point.id
  }
  const setPoint = (point: SurveyPoint, how: 'edit' | 'preview' = 'edit') => store[how]({ kind: 'setPoint', point })
  /** Dragging a point in the plan rewrites its line in the book. */
  const dragPoint = (point: SurveyPoint, to: Point, how: 'edit' | 'preview') =>
    setPoint({ ...point, measure: measureTo(point.measure, to, store.resolved.places) }, how)

  const placeBed = (bedId: string, place: BedPlace | null, how: 'edit' | 'preview' = 'edit') =>
    store[how]({ kind: 'setBedPlace', bedId, place })

  return { site, chosen, beds, laid, loadBeds, set, remove, add, move, addPoint, setPoint, dragPoint, placeBed }
})

/** A, B … Z, then A2, B2 … */
const pointName = (n: number) => `${String.fromCharCode(65 + (n % 26))}${n >= 26 ? Math.floor(n / 26) + 1 : ''}`
