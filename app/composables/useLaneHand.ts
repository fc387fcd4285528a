import { bandsOf, withLaneLine } from '~~/core/bed'
import type { Point } from '~~/core/geometry'
import type { Aspect } from '~~/core/see'
import { POINT_GRIP, type PlanHand } from './planHand'

const REACH_PX = 10

/** Moving the lines between lanes, at their stations or at a new one. */
export function useLaneHand(
  aspect: Readonly<Ref<Aspect | null>>,
  pxPerM: () => number,
): PlanHand & { handles: Readonly<Ref<readonly Point[]>> } {
  const store = useBedStore()
  const compose = useComposeStore()
  const { frame } = useAspect()
  let held: { atM: number; line: number } | null = null

  /** Stations and the lines there, in the bed's own plan. */
  const spots = computed(() => {
    const f = frame.value
    if (compose.tool !== 'lanes' || !store.bed || !f) return []
    const bands = bandsOf(store.bed, f).slice(0, -1)
    return store.bed.laneStations.flatMap(({ atM }) => {
      const a = f.alongAt(atM)
      return bands.map((band, i) => ({ atM, line: i + 1, ...f.at(a, band.toAt(a) * f.depthAlong(a)) }))
    })
  })
  const handles = computed(() => (aspect.value ? spots.value.map((s) => aspect.value!.turn(s)) : []))

  /** The line nearest to a place of the plan, at its own station when there is one near. */
  function lineAt(p: Point): { atM: number; line: number } | null {
    const f = frame.value
    if (!store.bed || !f) return null
    const reach = REACH_PX / pxPerM()
    const spot = spots.value.find((s) => Math.hypot(s.x - p.x, s.y - p.y) < reach)
    if (spot) return { atM: spot.atM, line: spot.line }
    const { a, v } = f.locate(p)
    const depth = f.depthAlong(a)
    const line = bandsOf(store.bed, f)
      .slice(0, -1)
      .findIndex((band) => Math.abs(band.toAt(a) * depth - v) < reach)
    return line < 0 ? null : { atM: Math.round(f.sAt(a) * 100) / 100, line: line + 1 }
  }
  function moved(at: Point) {
    const f = frame.value!
    const { a, v } = f.locate(aspect.value!.unturn(at))
    const t = v / Math.max(1e-6, f.depthAlong(a))
    const laneStations = withLaneLine(store.kept!, f, held!.atM, held!.line, t)
    return { kind: 'setBed' as const, change: { laneStations } }
  }
  return {
    handles,
    begin(at) {
      held = compose.tool === 'lanes' && aspect.value ? lineAt(aspect.value.unturn(at)) : null
      return held !== null
    },
    move: (at) => store.preview(moved(at)),
    end(at) {
      store.edit(moved(at))
      held = null
    },
    letGo() {
      held = null
      store.preview(null)
    },
    grip: () => POINT_GRIP,
  }
}
