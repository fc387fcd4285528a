/** The horizontal axis all three pictures share: picture width, where the bed's left end lies, and the scale. */
export interface Axis { readonly width: number; readonly leftPx: number; readonly pxPerM: number }

const GUTTER_PX = 64
const RIGHT_PX = 18
const LEAST_TOP_M = 2.6

/** One scale for elevation, score and plan: as large as the width, the elevation's height and the plan's height allow. */
export function useAxis(size: { width: Ref<number>; elevationPx: Ref<number>; planPx: Ref<number> }) {
  const { frame, elevationList } = useScene()
  return computed<Axis>(() => {
    const width = Math.floor(size.width.value)
    const length = frame.value ? frame.value.lastX - frame.value.firstX : 1
    const room = width - GUTTER_PX - RIGHT_PX
    const top = Math.max(LEAST_TOP_M, Math.min(elevationList.value?.topM ?? 3, 6)) + 0.35
    const byElevation = (size.elevationPx.value - 14) / (top + Math.abs(elevationList.value?.frontBaseM ?? 0))
    const byPlan = (size.planPx.value - 26) / Math.max(0.5, frame.value?.depths.greatest ?? 1)
    const pxPerM = Math.max(8, Math.min(room / length, byElevation, byPlan))
    return { width, pxPerM, leftPx: GUTTER_PX + Math.max(0, (room - length * pxPerM) / 2) }
  })
}
