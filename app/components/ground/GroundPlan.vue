<script setup lang="ts">
import { isRound, type Bed } from '~~/core/bed'
import { outlinesOf } from '~~/core/see'
import { plan } from '~~/core/draw'
import { PlanPainter } from '~/painters/PlanPainter'
import Konva from 'konva'

/** The plan of the bed with handles on its edges. */
const emit = defineEmits<{
  move: [which: 'back' | 'front' | 'round', index: number, to: { x: number; y: number }, how: 'edit' | 'preview']
}>()
const store = useBedStore()
const garden = useGardenScene()
const { frame, bodies, letters } = useScene()
const palette = usePalette()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { width, height } = useElementSize(holder)
const painter = shallowRef<PlanPainter | null>(null)
const handles = new Konva.Layer()
const PAD_PX = 46
const HANDLE_PX = 8

onMounted(() => {
  painter.value = new PlanPainter(holder.value!)
  painter.value.stage.add(handles)
})
onBeforeUnmount(() => painter.value?.destroy())

/** The plan in the book is never turned. */
const plainView = (bed: Bed): Bed => ({ ...bed, viewpoint: { ...bed.viewpoint, turnDeg: 0 } })
const bounds = computed(() => {
  const all =
    frame.value && store.bed
      ? outlinesOf(store.bed, frame.value).flat()
      : [
          { x: 0, y: 0 },
          { x: 1, y: 1 },
        ]
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => p.y)
  return {
    x0: Math.min(...xs),
    x1: Math.max(...xs),
    y0: Math.min(frame.value?.closed ? Infinity : 0, ...ys),
    y1: Math.max(...ys),
  }
})

const view = computed(() => {
  if (!frame.value || width.value < 60) return null
  const { x0, x1, y0, y1 } = bounds.value
  const pxPerM = Math.min((width.value - 2 * PAD_PX) / (x1 - x0), (height.value - 2 * PAD_PX) / (y1 - y0))
  return {
    pxPerM,
    leftPx: (width.value - (x1 - x0) * pxPerM) / 2,
    topPx: (height.value - (y1 - y0) * pxPerM) / 2 - y0 * pxPerM,
  }
})

watchPostEffect(() => {
  if (!painter.value || !frame.value || !palette.value || !view.value) return
  painter.value.show({
    list: plan(bodies.value, frame.value, letters.value, plainView(store.bed!)),
    wall: frame.value.closed ? null : (garden.bed.value?.wall ?? null),
    fromX: bounds.value.x0,
    toX: bounds.value.x1,
    paved: store.bed?.form.kind === 'court',
    width: width.value,
    height: height.value,
    ...view.value,
    palette: palette.value,
    lit: new Set(),
    chosen: new Set(),
  })
})

const edgesOf = (bed: Bed) =>
  bed.form.kind === 'island' || bed.form.kind === 'ring'
    ? (['round'] as const)
    : isRound(bed.form)
      ? ([] as const)
      : (['back', 'front'] as const)
const stationsOf = (bed: Bed, which: 'back' | 'front' | 'round') =>
  which === 'round' ? ('edge' in bed.form ? bed.form.edge.stations : []) : bed.outline[which].stations

let dragging = false
watchPostEffect(() => {
  const at = view.value
  const bed = store.bed
  if (!painter.value || !at || !bed || !palette.value || dragging) return
  handles.destroyChildren()
  const firstX = bounds.value.x0
  for (const which of edgesOf(bed)) {
    stationsOf(bed, which).forEach((p, i) => {
      const handle = new Konva.Circle({
        x: at.leftPx + (p.x - firstX) * at.pxPerM,
        y: at.topPx + p.y * at.pxPerM,
        radius: HANDLE_PX,
        fill: palette.value!.amber,
        stroke: palette.value!.card,
        strokeWidth: 2,
        draggable: true,
        hitStrokeWidth: 14,
        opacity: which === 'back' ? 0.75 : 1,
      })
      const toMetres = () => ({
        x: firstX + (handle.x() - at.leftPx) / at.pxPerM,
        y: (handle.y() - at.topPx) / at.pxPerM,
      })
      handle.on('dragstart', () => {
        dragging = true
      })
      handle.on('dragmove', () => emit('move', which, i, toMetres(), 'preview'))
      handle.on('dragend', () => {
        dragging = false
        emit('move', which, i, toMetres(), 'edit')
      })
      handle.on('mouseenter', () => {
        holder.value!.style.cursor = 'grab'
      })
      handle.on('mouseleave', () => {
        holder.value!.style.cursor = ''
      })
      handles.add(handle)
    })
  }
  handles.batchDraw()
})
</script>

<template>
  <div
    ref="holder"
    class="plan"
    role="img"
    aria-label="Plan of the bed with handles; every station can also be typed in the field book"
  />
</template>

<style scoped>
.plan {
  width: 100%;
  height: 100%;
  overflow: hidden;
  touch-action: none;
}
</style>
