/**
 * The horizontal axis: picture width, where the bed's left end lies in elevation and plan, and their scale. The score has the same axis
 * where the bed runs from side to side; round a bed, and seen from another side, it has its own.
 */
export interface Axis {
  readonly width: number
  readonly leftPx: number
  readonly pxPerM: number
  readonly fromX: number
  readonly score: { readonly leftPx: number; readonly pxPerM: number; readonly from: number; readonly lengthPx: number }
}

const GUTTER_PX = 64
const RIGHT_PX = 18
const LEAST_TOP_M = 2.2
const STRIP_PX = 14
const PLAN_MARGIN_PX = 30

/** One scale for elevation, score and plan: as large as the width and the height for both pictures allow. */
export function useAxis(size: { width: Ref<number>; restPx: Ref<number> }) {
  const { scene, elevationList } = useScene()
  const { frame, aspect, lined } = useAspect()
  // Of grown plants, so that the scale stays while the time bar moves.
  const tallest = computed(() => Math.max(0, elevationList.value?.fixtures.reduce((m, f) => Math.max(m, f.heightM), 0) ?? 0, ...(scene.value?.placement.plants ?? []).map((p) => Math.max(p.plant.foliageHeightM, p.plant.flowerHeightM)), ...(lined.value ? scene.value?.bed.wall?.openings ?? [] : []).map((o) => o.headM)))
  const ys = computed(() => aspect.value?.outlines.flat().map((p) => p.y) ?? [0, 1])
  const depth = computed(() => (lined.value ? frame.value?.depths.greatest ?? 1 : Math.max(...ys.value) - Math.min(...ys.value)))
  const axis = computed<Axis>(() => {
    const width = Math.floor(size.width.value)
    const across = aspect.value ? aspect.value.lastX - aspect.value.firstX : 1
    const room = width - GUTTER_PX - RIGHT_PX
    const top = Math.max(across < 4 ? 1.2 : LEAST_TOP_M, Math.min(tallest.value || 3, 6)) + 0.35
    const below = Math.abs(elevationList.value?.frontBaseM ?? 0) + (elevationList.value?.raisedM ?? 0)
    const byHeight = (size.restPx.value - STRIP_PX - PLAN_MARGIN_PX) / (top + below + Math.max(0.5, depth.value))
    const pxPerM = Math.max(8, Math.min(room / across, byHeight))
    const leftPx = GUTTER_PX + Math.max(0, (room - across * pxPerM) / 2)
    const run = frame.value ? frame.value.runTo - frame.value.runFrom : 1
    const score = lined.value
      ? { leftPx, pxPerM, from: frame.value!.runFrom, lengthPx: run * pxPerM }
      : { leftPx: GUTTER_PX, pxPerM: room / run, from: frame.value?.runFrom ?? 0, lengthPx: room }
    return { width, pxPerM, leftPx, fromX: aspect.value?.firstX ?? 0, score }
  })
  const planPx = computed(() => Math.round(depth.value * axis.value.pxPerM + PLAN_MARGIN_PX))
  const elevationPx = computed(() => Math.max(80, size.restPx.value - planPx.value))
  /** Least y of the plan, which lies at its top. */
  const planTop = computed(() => (lined.value ? 0 : Math.min(...ys.value)))
  return { axis, planPx, elevationPx, planTop }
}
