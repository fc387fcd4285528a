<script setup lang="ts">
import type { Bed } from '~~/core/model'
import { isRound } from '~~/core/bed'
import { distance } from '~~/core/geometry'
import { outlinesOf } from '~~/core/see'
import { plan } from '~~/core/draw'
import { PlanPainter } from '~/painters/PlanPainter'

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
const PAD_PX = 46
const REACH_PX = 14

onMounted(() => {
  painter.value = new PlanPainter(holder.value!)
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
    handles: handles.value.map((h) => h.at),
  })
})

type EdgeName = 'back' | 'front' | 'round'
function edgesOf({ form }: Bed): readonly EdgeName[] {
  if (form.kind === 'island' || form.kind === 'ring') return ['round']
  return isRound(form) ? [] : ['back', 'front']
}
function stationsOf({ form, outline }: Bed, which: EdgeName) {
  if (which !== 'round') return outline[which].stations
  return 'edge' in form ? form.edge.stations : []
}

/** Every station of the bed's edges, as something to take hold of. */
const handles = computed(() => {
  const bed = store.bed
  if (!bed) return []
  return edgesOf(bed).flatMap((which) => stationsOf(bed, which).map((at, index) => ({ which, index, at })))
})
function handleAt(x: number, y: number) {
  const p = painter.value?.toMetres(x, y)
  const reach = REACH_PX / (view.value?.pxPerM ?? 1)
  if (!p) return null
  const near = handles.value.filter((h) => distance(h.at, p) < reach)
  return near.sort((a, b) => distance(a.at, p) - distance(b.at, p))[0] ?? null
}

let held: { which: 'back' | 'front' | 'round'; index: number } | null = null
useDrag(holder, {
  begin: ({ x, y }) => (held = handleAt(x, y)) !== null,
  move: ({ x, y }) => emit('move', held!.which, held!.index, painter.value!.toMetres(x, y), 'preview'),
  end: ({ x, y }) => emit('move', held!.which, held!.index, painter.value!.toMetres(x, y), 'edit'),
  cancel: () => store.preview(null),
})
function hover(event: PointerEvent) {
  holder.value!.style.cursor = handleAt(event.offsetX, event.offsetY) ? 'grab' : ''
}
</script>

<template>
  <div
    ref="holder"
    class="w-full h-full overflow-hidden touch-none"
    role="img"
    aria-label="Plan of the bed with handles; every station can also be typed in the field book"
    @pointermove="hover"
  />
</template>
