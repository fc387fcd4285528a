import type { PictureAxis } from './useAxis'

const MARGIN_PX = 24
const MOST_PX_A_M = 140

/** The axis of a plan that stands alone in a strip: as large as the width and a greatest height allow. */
export function usePlanAlone(size: { width: Ref<number>; mostPx: number }) {
  const { aspect } = useAspect()
  const box = computed(() => {
    const points = aspect.value?.outlines.flat() ?? [
      { x: 0, y: 0 },
      { x: 1, y: 1 },
    ]
    const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)]
    return {
      x: Math.min(...xs),
      y: Math.min(...ys),
      w: Math.max(...xs) - Math.min(...xs),
      h: Math.max(...ys) - Math.min(...ys),
    }
  })
  const pxPerM = computed(() => {
    const { w, h } = box.value
    const fits = Math.min((size.width.value - 2 * MARGIN_PX) / w, (size.mostPx - 2 * MARGIN_PX) / h)
    return Math.max(6, Math.min(MOST_PX_A_M, fits))
  })
  const axis = computed<PictureAxis>(() => ({
    width: Math.floor(size.width.value),
    pxPerM: pxPerM.value,
    leftPx: (size.width.value - box.value.w * pxPerM.value) / 2,
    fromX: aspect.value?.firstX ?? 0,
  }))
  const heightPx = computed(() => Math.round(box.value.h * pxPerM.value + 2 * MARGIN_PX))
  const topPx = computed(() => MARGIN_PX - box.value.y * pxPerM.value)
  return { axis, heightPx, topPx }
}
