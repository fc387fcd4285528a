<script setup lang="ts">
import { laneBands } from '~~/core/bed'
import { plan } from '~~/core/view'
import { PlanPainter } from '~/painters/PlanPainter'
import Konva from 'konva'

/** The plan of the bed with handles on its edges. */
const emit = defineEmits<{ move: [which: 'back' | 'front', index: number, to: { x: number; y: number }, how: 'edit' | 'preview'] }>()
const store = useBedStore()
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

const view = computed(() => {
  if (!frame.value || width.value < 60) return null
  const f = frame.value
  const least = Math.min(0, ...f.back.points.map((p) => p.y))
  const most = Math.max(...f.front.points.map((p) => p.y))
  const pxPerM = Math.min((width.value - 2 * PAD_PX) / (f.lastX - f.firstX), (height.value - 2 * PAD_PX) / (most - least))
  return { pxPerM, leftPx: (width.value - (f.lastX - f.firstX) * pxPerM) / 2, topPx: (height.value - (most - least) * pxPerM) / 2 - least * pxPerM }
})

watchPostEffect(() => {
  if (!painter.value || !frame.value || !palette.value || !view.value) return
  painter.value.show({
    list: plan(bodies.value, frame.value, letters.value), frame: frame.value, wall: store.bed?.wall ?? null, laneLines: laneBands(store.bed!.laneShares).slice(0, -1).map((b) => b.to),
    width: width.value, height: height.value, ...view.value, palette: palette.value, lit: new Set(), chosen: new Set(),
  })
})

let dragging = false
watchPostEffect(() => {
  const at = view.value
  const bed = store.bed
  if (!painter.value || !at || !bed || !palette.value || dragging) return
  handles.destroyChildren()
  const firstX = frame.value!.firstX
  for (const which of ['back', 'front'] as const) {
    bed.outline[which].stations.forEach((p, i) => {
      const handle = new Konva.Circle({ x: at.leftPx + (p.x - firstX) * at.pxPerM, y: at.topPx + p.y * at.pxPerM, radius: HANDLE_PX, fill: palette.value!.amber, stroke: palette.value!.card, strokeWidth: 2, draggable: true, hitStrokeWidth: 14, opacity: which === 'front' ? 1 : 0.75 })
      const toMetres = () => ({ x: firstX + (handle.x() - at.leftPx) / at.pxPerM, y: (handle.y() - at.topPx) / at.pxPerM })
      handle.on('dragstart', () => { dragging = true })
      handle.on('dragmove', () => emit('move', which, i, toMetres(), 'preview'))
      handle.on('dragend', () => {
        dragging = false
        emit('move', which, i, toMetres(), 'edit')
      })
      handle.on('mouseenter', () => { holder.value!.style.cursor = 'grab' })
      handle.on('mouseleave', () => { holder.value!.style.cursor = '' })
      handles.add(handle)
    })
  }
  handles.batchDraw()
})
</script>

<template><div ref="holder" class="plan" role="img" aria-label="Plan of the bed with handles; every station can also be typed in the field book" /></template>

<style scoped>
.plan { width: 100%; height: 100%; overflow: hidden; touch-action: none; }
</style>
