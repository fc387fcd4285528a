<script setup lang="ts">
import type { Thing } from '~~/core/model'
import { slideAlong } from '~~/core/garden'
import type { Point } from '~~/core/geometry'
import { boundsOf, cornersOf } from '~~/core/site'
import { SitePainter } from '~/painters/SitePainter'

const { manner } = useManner()

/** The site from above: pan, zoom, choose, drag, measure. Everything in it is also a line of the book. */
const emit = defineEmits<{ scaled: [a: Point, b: Point] }>()
const store = useSiteStore()
const ground = useGroundStore()
const { site, laid, move, remove, placeBed } = useSite()
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
    ghost: ground.ghost,
    palette: palette.value,
    manner: manner.value,
  })
})

const toMetres = (px: number, py: number): Point => ({
  x: at.value!.x + (px - width.value / 2) / pxPerM.value,
  y: at.value!.y - (py - height.value / 2) / pxPerM.value,
})
const { grip, press } = useSiteHand({ placed, handles, points, pxPerM, emitScaled: (a, b) => emit('scaled', a, b) })

function down(event: PointerEvent) {
  holder.value?.focus()
  if (at.value) press(toMetres(event.offsetX, event.offsetY))
}
let panned: { from: Point; start: Point } | null = null
useDrag(holder, {
  begin: ({ x, y }) => {
    if (!at.value) return false
    panned = grip.begin(toMetres(x, y)) ? null : { from: { x, y }, start: at.value }
    return true
  },
  move: ({ x, y }) => {
    if (!panned) return grip.move(toMetres(x, y), 'preview')
    at.value = {
      x: panned.start.x - (x - panned.from.x) / pxPerM.value,
      y: panned.start.y + (y - panned.from.y) / pxPerM.value,
    }
  },
  end: ({ x, y }) => {
    if (!panned) grip.move(toMetres(x, y), 'edit')
    panned = null
  },
  cancel: () => store.preview(null),
})
function moveOver(event: PointerEvent) {
  if (at.value && event.buttons === 0) reading.value = readAt(toMetres(event.offsetX, event.offsetY))
}

const IN = 1.25
const OUT = 0.8
function zoom(by: number, px = width.value / 2, py = height.value / 2) {
  const keep = toMetres(px, py)
  pxPerM.value = Math.min(400, Math.max(1, pxPerM.value * by))
  const now = toMetres(px, py)
  at.value = { x: at.value!.x + keep.x - now.x, y: at.value!.y + keep.y - now.y }
}
const wheel = (event: WheelEvent) => zoom(Math.exp(-event.deltaY * 0.0015), event.offsetX, event.offsetY)

const KEYS =
  'Plan of the site. Plus and minus zoom, 0 shows all, arrows move what is chosen, M measures, Delete takes out. ' +
  'Everything is in the field book too.'
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
const ACTS: Readonly<Record<string, () => void>> = {
  '+': () => zoom(IN),
  '=': () => zoom(IN),
  '-': () => zoom(OUT),
  0: fit,
  m: () => ground.take(ground.tool === 'measure' ? 'choose' : 'measure'),
  Escape: () => {
    ground.take('choose')
    ground.chosenId = null
    store.preview(null)
  },
}
function key(event: KeyboardEvent) {
  const act = ACTS[event.key]
  if (act) return act()
  const thing = store.kept?.things.find((t) => t.id === ground.chosenId)
  if ((event.key === 'Delete' || event.key === 'Backspace') && thing) return remove(thing.id)
  const by = STEPS[event.key]
  if (!by) return
  event.preventDefault()
  nudge(by, event.shiftKey ? 1 : 0.1, thing)
}
/** Moves what is chosen, or the sheet. */
function nudge(by: readonly [number, number], far: number, thing: Thing | undefined) {
  const laidBed = laid.value.find((b) => `bed:${b.id}` === ground.chosenId)
  const place = store.kept?.beds.find((b) => b.bedId === laidBed?.id)
  if (thing) move(thing, null, by[0] * far, by[1] * far)
  else if (laidBed && place) {
    const to = { x: laidBed.place.at.x + by[0] * far, y: laidBed.place.at.y + by[1] * far }
    placeBed(place.bedId, slideAlong(store.resolved, place, to))
  } else at.value = { x: at.value!.x + (by[0] * 40) / pxPerM.value, y: at.value!.y + (by[1] * 40) / pxPerM.value }
}
defineExpose({ fit, zoom })
</script>

<template>
  <div class="relative w-full h-full overflow-hidden">
    <div
      ref="holder"
      class="w-full h-full touch-none cursor-default [&.tape]:cursor-crosshair focus-visible:-outline-offset-3"
      tabindex="0"
      role="application"
      data-testid="site-plan"
      :data-middle="at ? `${at.x},${at.y}` : undefined"
      :data-px-per-m="pxPerM"
      :class="{ tape: ground.tool !== 'choose' }"
      :aria-label="KEYS"
      @pointerdown="down"
      @pointermove="moveOver"
      @pointerleave="reading = ''"
      @wheel.prevent="wheel"
      @keydown="key"
    />
    <GroundSunRing v-if="width > 50" :width="width" :height="height" />
    <p
      v-if="reading"
      class="absolute right-3.5 top-3.5 bg-card border border-line rounded-sm py-0.5 px-2.5 text-xs pointer-events-none"
      role="status"
    >
      {{ reading }}
    </p>
    <div class="absolute left-3 top-3 flex gap-1 bg-card/80 rounded-sm p-0.5">
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
