<script setup lang="ts">
import { clamp } from '~~/core/geometry'
import type { HandAt } from '~/composables/useDrag'
import type { PictureAxis } from '~/composables/useAxis'
import { PlanPainter } from '~/painters/PlanPainter'

const props = defineProps<{ axis: PictureAxis; height: number; topPx: number }>()
const store = useBedStore()
const garden = useGardenScene()
const compose = useComposeStore()
const { planList, scene } = useScene()
const { frame, aspect, lined } = useAspect()
const { chosenIds, pin, unpin } = useChosen()
const palette = usePalette()
const holder = useTemplateRef<HTMLDivElement>('holder')
const shapeHand = useShapeHand(aspect, () => props.axis.pxPerM)
const painter = shallowRef<PlanPainter | null>(null)

onMounted(() => {
  painter.value = new PlanPainter(holder.value!)
})
onBeforeUnmount(() => painter.value?.destroy())

watchPostEffect(() => {
  if (!painter.value || !planList.value || !aspect.value || !palette.value || props.axis.width < 50) return
  painter.value.show({
    list: planList.value,
    wall: lined.value ? (garden.bed.value?.wall ?? null) : null,
    fromX: aspect.value.firstX,
    toX: aspect.value.lastX,
    paved: store.bed?.form.kind === 'court',
    width: props.axis.width,
    height: props.height,
    pxPerM: props.axis.pxPerM,
    leftPx: props.axis.leftPx,
    topPx: props.topPx,
    palette: palette.value,
    lit: new Set(compose.lit),
    chosen: chosenIds.value,
    handles: shapeHand.handles.value,
    outlines: shapeHand.outlines.value,
  })
})

useAhead(
  () => props.axis.pxPerM,
  (pictures) => painter.value?.ahead(pictures.map((p) => p.plan)),
)

/** The nearest place inside the bed, of a place on the picture. */
function inside(x: number, y: number) {
  const f = frame.value!
  const { a, v } = f.locate(aspect.value!.unturn({ x, y }))
  const along = f.closed ? a : clamp(a, f.runFrom, f.runTo)
  return f.at(along, clamp(v, 0.02, Math.max(0.02, f.depthAlong(along) - 0.02)))
}

/** A press chooses what lies under it. */
function down(event: PointerEvent) {
  const to = painter.value?.toMetres(event.offsetX, event.offsetY)
  if (to && (compose.drawing || shapeHand.holds(to))) return
  const at = painter.value?.hit(event.offsetX, event.offsetY)?.body.at
  if (!at || at.standing) return compose.choose(null)
  // A plant of a repeated part follows the one that is planned.
  compose.choose(at.driftId, at.id.includes('@') ? null : at.id)
}

let held: { driftId: string; index: number; dx: number; dy: number } | null = null
const holdAt = ({ x, y }: HandAt) => {
  const at = painter.value!.toMetres(x, y)
  return inside(at.x + held!.dx, at.y + held!.dy)
}
useDrag(holder, {
  begin: ({ x, y }) => {
    if (shapeHand.begin(painter.value!.toMetres(x, y))) return true
    const circle = painter.value?.hit(x, y)
    const plant = circle?.body.at
    if (!circle || !plant || plant.standing || plant.id.includes('@')) return false
    const from = painter.value!.toMetres(x, y)
    held = { driftId: plant.driftId, index: plant.index, dx: circle.x - from.x, dy: circle.y - from.y }
    return true
  },
  move: (at) => {
    if (shapeHand.isHolding.value) return shapeHand.move(painter.value!.toMetres(at.x, at.y))
    const to = holdAt(at)
    pin(held!.driftId, held!.index, to.x, to.y, 'preview')
  },
  end: (at) => {
    if (shapeHand.isHolding.value) return shapeHand.end(painter.value!.toMetres(at.x, at.y))
    const to = holdAt(at)
    pin(held!.driftId, held!.index, to.x, to.y)
  },
  cancel: () => {
    shapeHand.letGo()
    compose.draw(null)
  },
})

const KEYS =
  'Plan of the bed. Comma and full stop choose a plant, arrow keys nudge it and pin it, Shift for larger steps, ' +
  'U lets it go, Delete takes that one plant out. All plants are in the list too.'
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
/** All plants from left to right, and the keys that go from one to the next. */
const plants = computed(() => [...(scene.value?.placement.plants ?? [])].sort((a, b) => a.x - b.x || a.y - b.y))
const ALONG: Readonly<Record<string, number>> = { '.': 1, ',': -1 }
function chooseNext(by: number) {
  const many = plants.value.length
  const now = plants.value.findIndex((p) => p.id === compose.plantId)
  const next = plants.value[(Math.max(now, by > 0 ? -1 : 0) + by + many) % many]
  if (next) compose.choose(next.driftId, next.id)
}
function key(event: KeyboardEvent) {
  const along = ALONG[event.key]
  if (along) return chooseNext(along)
  const chosen = plants.value.find((p) => p.id === compose.plantId)
  if (!chosen) return
  if (event.key === 'u') return unpin(chosen.driftId, chosen.index)
  if (event.key === 'Delete' || event.key === 'Backspace') {
    event.preventDefault()
    store.edit({ kind: 'removePlant', driftId: chosen.driftId, index: chosen.index })
    return compose.choose(chosen.driftId)
  }
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  const by = event.shiftKey ? 0.25 : 0.05
  const now = aspect.value!.turn(chosen)
  const to = inside(now.x + step[0] * by, now.y + step[1] * by)
  pin(chosen.driftId, chosen.index, to.x, to.y)
}
</script>

<template>
  <div
    ref="holder"
    class="canvas"
    :style="{ height: `${height}px` }"
    tabindex="0"
    role="application"
    data-testid="plan"
    :aria-label="KEYS"
    @pointerdown="down"
    @keydown="key"
  />
</template>

<style scoped>
.canvas {
  width: 100%;
  overflow: hidden;
  touch-action: none;
  cursor: grab;
}
.canvas:focus-visible {
  outline-offset: -2px;
}
</style>
