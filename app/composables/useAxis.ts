/** The horizontal axis all three pictures share: picture width, where the bed's left end lies, and the scale. */
export interface Axis { readonly width: number; readonly leftPx: number; readonly pxPerM: number }

const GUTTER_PX = 64
const RIGHT_PX = 18
const LEAST_TOP_M = 2.2
const STRIP_PX = 14
const PLAN_MARGIN_PX = 30

/** One scale for elevation, score and plan: as large as the width and the height for both pictures allow. */
export function useAxis(size: { width: Ref<number>; restPx: Ref<number> }) {
  const { frame, scene, elevationList } = useScene()
  // Of grown plants, so that the scale stays while the time bar moves.
  const tallest = computed(() => Math.max(0, ...(scene.value?.placement.plants ?? []).map((p) => Math.max(p.plant.foliageHeightM, p.plant.flowerHeightM)), ...(scene.value?.bed.wall?.openings ?? []).map((o) => o.headM)))
  const axis = computed<Axis>(() => {
    const width = Math.floor(size.width.value)
    const length = frame.value ? frame.value.lastX - frame.value.firstX : 1
    const room = width - GUTTER_PX - RIGHT_PX
    const top = Math.max(LEAST_TOP_M, Math.min(tallest.value || 3, 6)) + 0.35
    const below = Math.abs(elevationList.value?.frontBaseM ?? 0)
    const depth = Math.max(0.5, frame.value?.depths.greatest ?? 1)
    const byHeight = (size.restPx.value - STRIP_PX - PLAN_MARGIN_PX) / (top + below + depth)
    const pxPerM = Math.max(8, Math.min(room / length, byHeight))
    return { width, pxPerM, leftPx: GUTTER_PX + Math.max(0, (room - length * pxPerM) / 2) }
  })
  const planPx = computed(() => Math.round((frame.value?.depths.greatest ?? 1) * axis.value.pxPerM + PLAN_MARGIN_PX))
  const elevationPx = computed(() => Math.max(80, size.restPx.value - planPx.value))
  return { axis, planPx, elevationPx }
}
