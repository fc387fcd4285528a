<script setup lang="ts">
import { distance, type Point } from '~~/core/geometry'
import { boundsOf, cornersOf, thingAt } from '~~/core/site'
import { SitePainter } from '~/painters/SitePainter'

/** The site from above: pan, zoom, choose, drag, measure. Everything in it is also a line of the book. */
const emit = defineEmits<{ scaled: [a: Point, b: Point] }>()
const store = useSiteStore()
const ground = useGroundStore()
const { site, laid, move, remove, dragPoint, placeBed } = useSite()
const { shadows, hours, shown, readAt } = useSunMap()
const palette = usePalette()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { width, height } = useElementSize(holder)
const painter = shallowRef<SitePainter | null>(null)
const at = shallowRef<Point | null>(null)
const pxPerM = ref(20)
const reading = ref('')
const RING_PX = 60
/** The plan lies in the ring; its outermost corners may pass it a little. */
const CORNERS_OUT = 1.12

onMounted(() => {
  painter.value = new SitePainter(holder.value!)
})
onBeforeUnmount(() => painter.value?.destroy())

// Far views are marked at the rim, they do not make the plan small.
const bounds = computed(() =>
  boundsOf(
    store.resolved.things.filter((t) => t.kind !== 'target'),
    [...laid.value.flatMap((b) => b.outlines.flat()), ...store.resolved.places.values()],
  ),
)
function fit() {
  const { x0, x1, y0, y1 } = bounds.value
  at.value = { x: (x0 + x1) / 2, y: (y0 + y1) / 2 }
  const ring = Math.min(width.value, height.value) - RING_PX
  pxPerM.value = Math.max(2, Math.min((ring * CORNERS_OUT) / (Math.hypot(x1 - x0, y1 - y0) || 1), 200))
}
watch(
  [width, height, () => store.id, () => laid.value.length > 0],
  () => {
    if (width.value > 50) fit()
  },
  { immediate: true },
)
watch(at, (p) => {
  if (p) ground.middle = { x: Math.round(p.x * 10) / 10, y: Math.round(p.y * 10) / 10 }
})

const image = shallowRef<HTMLImageElement | null>(null)
watch(
  () => site.value.base?.drawingId,
  (id) => {
    image.value = null
    if (!id || import.meta.server) return
    const picture = new Image()
    picture.onload = () => {
      image.value = picture
    }
    picture.src = `/api/drawings/${id}`
  },
  { immediate: true },
)

const points = computed(() =>
  site.value.points.flatMap((p) => {
    const place = store.resolved.places.get(p.id)
    return place ? [{ id: p.id, name: p.name, at: place }] : []
  }),
)
const placed = computed(() => store.resolved.things.find((t) => t.id === ground.chosenId) ?? null)
const handles = computed<readonly Point[]>(() =>
  placed.value
    ? cornersOf(placed.value)
    : laid.value.filter((b) => `bed:${b.id}` === ground.chosenId).map((b) => b.place.at),
)

watchPostEffect(() => {
  if (!painter.value || !at.value || !palette.value || width.value < 50) return
  const base = site.value.base
  painter.value.show({
    width: width.value,
    height: height.value,
    at: at.value,
    pxPerM: pxPerM.value,
    things: store.resolved.things,
    beds: laid.value,
    points: points.value,
    base: base && image.value ? { ...base, image: image.value } : null,
    shadows: shadows.value,
    map: hours.value && shown.value ? { grid: hours.value.grid, hours: shown.value } : null,
    chosenId: ground.chosenId,
    handles: handles.value,
    tape: ground.tape,
    sketch: ground.sketch,
    palette: palette.value,
  })
})

const toMetres = (px: number, py: number): Point => ({
  x: at.value!.x + (px - width.value / 2) / pxPerM.value,
  y: at.value!.y - (py - height.value / 2) / pxPerM.value,
})
const REACH_PX = 9
const SNAP_M = 0.1

/** To a corner or point nearby, else to the decimetre. */
function snapped(p: Point, but: string | null): Point {
  if (!ground.snap) return p
  const corners = [
    ...store.resolved.things.filter((t) => t.id !== but).flatMap((t) => cornersOf(t)),
    ...points.value.filter((q) => q.id !== but).map((q) => q.at),
    ...laid.value.filter((b) => `bed:${b.id}` !== but).flatMap((b) => b.outlines.flat()),
  ]
  const near = corners
    .filter((c) => distance(c, p) * pxPerM.value < REACH_PX)
    .sort((a, b) => distance(a, p) - distance(b, p))[0]
  return near ?? { x: Math.round(p.x / SNAP_M) * SNAP_M, y: Math.round(p.y / SNAP_M) * SNAP_M }
}

type Drag =
  | { kind: 'pan'; from: Point; start: Point }
  | { kind: 'thing'; id: string; corner: number | null; from: Point; anchor: Point }
  | { kind: 'point'; id: string }
  | { kind: 'bed'; id: string; from: Point; anchor: Point }
  | { kind: 'tape' }
let drag: Drag | null = null
let wasDragged = false

function down(event: PointerEvent) {
  if (!at.value) return
  holder.value?.focus()
  holder.value?.setPointerCapture(event.pointerId)
  wasDragged = false
  const p = toMetres(event.offsetX, event.offsetY)
  if (ground.tool !== 'choose') {
    ground.tape = [snapped(p, null), snapped(p, null)]
    drag = { kind: 'tape' }
    return
  }
  const corner = handles.value.findIndex((h) => distance(h, p) * pxPerM.value < REACH_PX)
  if (corner >= 0 && placed.value) {
    drag = {
      kind: 'thing',
      id: placed.value.id,
      corner: handles.value.length === 1 ? null : corner,
      from: p,
      anchor: handles.value[corner]!,
    }
    return
  }
  const point = points.value.find((q) => distance(q.at, p) * pxPerM.value < REACH_PX)
  if (point) {
    ground.chosenId = point.id
    drag = { kind: 'point', id: point.id }
    return
  }
  const thing = thingAt(store.resolved.things, p, REACH_PX / pxPerM.value)
  const bed = laid.value.find((b) =>
    b.outlines.some((o) => thingAt([{ id: b.id, name: '', kind: 'surface', cover: 'path', outline: o }], p, 0)),
  )
  const large = thing?.kind === 'surface' || thing?.kind === 'terrace' || thing?.kind === 'building'
  if (bed && (!thing || large)) {
    ground.chosenId = `bed:${bed.id}`
    drag = { kind: 'bed', id: bed.id, from: p, anchor: bed.place.at }
    return
  }
  // What is not chosen yet is chosen by the first touch and dragged by the next, so that panning moves nothing.
  if (thing && thing.id === ground.chosenId) {
    drag = { kind: 'thing', id: thing.id, corner: null, from: p, anchor: cornersOf(thing)[0]! }
    return
  }
  ground.chosenId = thing?.id ?? null
  drag = { kind: 'pan', from: { x: event.offsetX, y: event.offsetY }, start: at.value }
}

function step(event: PointerEvent, how: 'edit' | 'preview') {
  if (!drag || !at.value) return
  const p = toMetres(event.offsetX, event.offsetY)
  if (drag.kind === 'pan') {
    at.value = {
      x: drag.start.x - (event.offsetX - drag.from.x) / pxPerM.value,
      y: drag.start.y + (event.offsetY - drag.from.y) / pxPerM.value,
    }
    return
  }
  if (drag.kind === 'tape') {
    ground.tape = [ground.tape[0]!, snapped(p, null)]
    return
  }
  if (drag.kind === 'point') {
    const point = site.value.points.find((q) => q.id === (drag as { id: string }).id)
    if (point) dragPoint(point, snapped(p, point.id), how)
    return
  }
  const to = snapped(
    { x: drag.anchor.x + p.x - drag.from.x, y: drag.anchor.y + p.y - drag.from.y },
    drag.kind === 'bed' ? `bed:${drag.id}` : drag.id,
  )
  if (drag.kind === 'bed') {
    const place = store.kept?.beds.find((b) => b.bedId === (drag as { id: string }).id)
    if (place)
      placeBed(
        place.bedId,
        { ...place, at: { x: Math.round(to.x * 1000) / 1000, y: Math.round(to.y * 1000) / 1000 } },
        how,
      )
    return
  }
  const thing = store.kept?.things.find((t) => t.id === (drag as { id: string }).id)
  if (thing) move(thing, drag.corner, to.x - drag.anchor.x, to.y - drag.anchor.y, how)
}

function moveOver(event: PointerEvent) {
  if (!at.value) return
  if (!drag) {
    reading.value = readAt(toMetres(event.offsetX, event.offsetY))
    return
  }
  wasDragged = true
  step(event, 'preview')
}
function up(event: PointerEvent) {
  if (drag?.kind === 'tape') {
    step(event, 'preview')
    if (ground.tool === 'scale' && ground.tape.length === 2 && distance(ground.tape[0]!, ground.tape[1]!) > 0.05)
      emit('scaled', ground.tape[0]!, ground.tape[1]!)
  } else if (wasDragged) step(event, 'edit')
  drag = null
}
function cancel() {
  drag = null
  store.preview(null)
}

function zoom(by: number, px = width.value / 2, py = height.value / 2) {
  const keep = toMetres(px, py)
  pxPerM.value = Math.min(400, Math.max(1, pxPerM.value * by))
  const now = toMetres(px, py)
  at.value = { x: at.value!.x + keep.x - now.x, y: at.value!.y + keep.y - now.y }
}
const wheel = (event: WheelEvent) => zoom(Math.exp(-event.deltaY * 0.0015), event.offsetX, event.offsetY)

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function key(event: KeyboardEvent) {
  if (event.key === '+' || event.key === '=') return zoom(1.25)
  if (event.key === '-') return zoom(0.8)
  if (event.key === '0') return fit()
  if (event.key === 'm') return ground.take(ground.tool === 'measure' ? 'choose' : 'measure')
  if (event.key === 'Escape') {
    ground.take('choose')
    ground.chosenId = null
    return cancel()
  }
  const thing = store.kept?.things.find((t) => t.id === ground.chosenId)
  if ((event.key === 'Delete' || event.key === 'Backspace') && thing) return remove(thing.id)
  const by = STEPS[event.key]
  if (!by) return
  event.preventDefault()
  const far = event.shiftKey ? 1 : 0.1
  const place = store.kept?.beds.find((b) => `bed:${b.bedId}` === ground.chosenId)
  if (thing) move(thing, null, by[0] * far, by[1] * far)
  else if (place && !('of' in place.at))
    placeBed(place.bedId, {
      ...place,
      against: null,
      at: { x: place.at.x + by[0] * far, y: place.at.y + by[1] * far },
    })
  else at.value = { x: at.value!.x + (by[0] * 40) / pxPerM.value, y: at.value!.y + (by[1] * 40) / pxPerM.value }
}
defineExpose({ fit, zoom })
</script>

<template>
  <div class="wrap">
    <div
      ref="holder"
      class="plan"
      tabindex="0"
      role="application"
      data-testid="site-plan"
      :data-middle="at ? `${at.x},${at.y}` : undefined"
      :data-px-per-m="pxPerM"
      :class="{ tape: ground.tool !== 'choose' }"
      aria-label="Plan of the site. Plus and minus zoom, 0 shows all, arrows move what is chosen, M measures, Delete takes out. Everything is in the field book too."
      @pointerdown="down"
      @pointermove="moveOver"
      @pointerup="up"
      @pointercancel="cancel"
      @pointerleave="reading = ''"
      @wheel.prevent="wheel"
      @keydown="key"
    />
    <GroundSunRing v-if="width > 50" :width="width" :height="height" />
    <p v-if="reading" class="reading" role="status">{{ reading }}</p>
    <div class="tools">
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-zoom-in"
        aria-label="Zoom in"
        title="Zoom in (+)"
        @click="zoom(1.25)"
      />
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-zoom-out"
        aria-label="Zoom out"
        title="Zoom out (-)"
        @click="zoom(0.8)"
      />
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-expand"
        aria-label="Show all"
        title="Show all (0)"
        @click="fit"
      />
      <UButton
        size="xs"
        color="neutral"
        :variant="ground.tool === 'measure' ? 'solid' : 'outline'"
        icon="i-lucide-ruler"
        :aria-pressed="ground.tool === 'measure'"
        title="Measure between two places (M)"
        @click="ground.take(ground.tool === 'measure' ? 'choose' : 'measure')"
      >
        Tape
      </UButton>
      <UButton
        size="xs"
        color="neutral"
        :variant="ground.snap ? 'soft' : 'outline'"
        icon="i-lucide-magnet"
        :aria-pressed="ground.snap"
        title="Snap to corners and decimetres"
        @click="ground.snap = !ground.snap"
      >
        Snap
      </UButton>
    </div>
  </div>
</template>

<style scoped>
.wrap {
  position: relative;
  width: 100%;
  height: 100%;
  overflow: hidden;
}
.plan {
  width: 100%;
  height: 100%;
  touch-action: none;
  cursor: default;
}
.plan:focus-visible {
  outline-offset: -3px;
}
.tape {
  cursor: crosshair;
}
.tools {
  position: absolute;
  left: 10px;
  top: 10px;
  display: flex;
  gap: 4px;
  background: color-mix(in srgb, var(--card) 80%, transparent);
  border-radius: 6px;
  padding: 2px;
}
.reading {
  position: absolute;
  right: 12px;
  top: 12px;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 5px;
  padding: 2px 8px;
  font-size: 12px;
  pointer-events: none;
}
</style>
