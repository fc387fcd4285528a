<script setup lang="ts">
import type { SiteBed, SitePlant } from '~~/core/setout'

/** The bed from above with its letters, to be tapped; pinch or the buttons bring it nearer, a finger moves it. */
const props = defineProps<{
  bed: SiteBed
  shown: readonly SitePlant[]
  chosen: string
  stateOf: (p: SitePlant) => string
}>()
const emit = defineEmits<{ choose: [ref: string] }>()
const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const MARGIN_M = 0.4
const box = computed(() => {
  const all = props.bed.outlines.flat()
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => p.y)
  const x = Math.min(...xs) - MARGIN_M
  const y = Math.min(...ys) - MARGIN_M
  return { x, y, w: Math.max(...xs) + MARGIN_M - x, h: Math.max(...ys) + MARGIN_M - y }
})
/** A long bed is turned on a tall screen, so that it fills it. */
const turned = computed(() => box.value.w > box.value.h * 1.3 && height.value > width.value)
const zoom = ref(1)
const pan = ref({ x: 0, y: 0 })
watch(
  () => props.bed.id,
  () => {
    zoom.value = 1
    pan.value = { x: 0, y: 0 }
  },
)
const scale = computed(() => {
  const [w, h] = turned.value ? [box.value.h, box.value.w] : [box.value.w, box.value.h]
  return Math.max(1, Math.min(width.value / w, height.value / h)) * zoom.value
})
const transform = computed(() => {
  const { x, y, w, h } = box.value
  const spin = turned.value ? 'rotate(90)' : ''
  const middle = `translate(${width.value / 2 + pan.value.x} ${height.value / 2 + pan.value.y})`
  return `${middle} ${spin} scale(${scale.value}) translate(${-x - w / 2} ${-y - h / 2})`
})
/** Large circles first, so that small ones lie on them and can be tapped. */
const drawn = computed(() => [...props.bed.plants].sort((a, b) => b.r - a.r))
const isShown = computed(() => new Set(props.shown.map((p) => p.ref)))
const COLOURS: Readonly<Record<string, string>> = {
  open: '#fffdf8',
  set: '#f4c667',
  planted: '#9db57c',
  watered: '#6f9a8d',
  missing: '#d98b78',
  'stays open': '#fffdf8',
}
const LEAST_R_M = 0.13
const radius = (p: SitePlant) => Math.max(LEAST_R_M, p.r * 0.86)
const letterSize = (p: SitePlant) => Math.min(0.34, Math.max(0.13, radius(p) * 0.95))
const path = (outline: SiteBed['outlines'][number]) => outline.map((p) => `${p.x},${p.y}`).join(' ')
const upright = computed(() => (turned.value ? -90 : 0))
const letterAt = (p: SitePlant) => `translate(${p.x} ${p.y}) rotate(${upright.value})`

const fingers = new Map<number, { x: number; y: number }>()
let apart = 0
const distance = () => {
  const [a, b] = [...fingers.values()]
  return a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0
}
function down(event: PointerEvent) {
  fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
  apart = distance()
}
function move(event: PointerEvent) {
  const before = fingers.get(event.pointerId)
  if (!before) return
  fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
  if (fingers.size === 1)
    pan.value = { x: pan.value.x + event.clientX - before.x, y: pan.value.y + event.clientY - before.y }
  const now = distance()
  if (fingers.size === 2 && apart > 0) zoomBy(now / apart)
  apart = now
}
const up = (event: PointerEvent) => {
  fingers.delete(event.pointerId)
  apart = distance()
}
const MOST_ZOOM = 8
function zoomBy(by: number) {
  zoom.value = Math.min(MOST_ZOOM, Math.max(1, zoom.value * by))
  if (zoom.value === 1) pan.value = { x: 0, y: 0 }
}
</script>

<template>
  <div ref="frame" class="frame relative flex-1 min-h-0 min-w-0 touch-none overflow-hidden">
    <svg
      v-if="width > 0"
      :width="width"
      :height="height"
      role="group"
      :aria-label="`Plan of ${bed.name}`"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
      @pointerleave="up"
    >
      <g :transform="transform">
        <polygon v-for="(o, i) in bed.outlines" :key="i" :points="path(o)" class="bed" />
        <g
          v-for="p in drawn"
          :key="p.ref"
          class="plant"
          :class="{ faint: !isShown.has(p.ref), chosen: p.ref === chosen, short: p.open }"
          @click="emit('choose', p.ref)"
        >
          <circle :cx="p.x" :cy="p.y" :r="radius(p)" :fill="COLOURS[stateOf(p)]" />
          <text :transform="letterAt(p)" :font-size="letterSize(p)">{{ p.letters }}</text>
        </g>
      </g>
    </svg>
    <div class="absolute right-3 bottom-3 flex gap-2.5">
      <button
        class="text-2xl border-2 border-[#14110d] rounded-md bg-[#fffdf8] cursor-pointer size-13.5"
        aria-label="Nearer"
        @click="zoomBy(1.5)"
      >
        +
      </button>
      <button
        class="text-2xl border-2 border-[#14110d] rounded-md bg-[#fffdf8] cursor-pointer size-13.5"
        aria-label="Farther"
        @click="zoomBy(0.67)"
      >
        −
      </button>
    </div>
  </div>
</template>

<style scoped>
.bed {
  fill: #efe5d0;
  stroke: #14110d;
  stroke-width: 0.03;
}
.plant {
  cursor: pointer;
}
circle {
  stroke: #14110d;
  stroke-width: 0.015;
}
.chosen circle {
  stroke-width: 0.06;
  stroke: #9a4d00;
}
.short circle {
  stroke-dasharray: 0.08 0.06;
  stroke-width: 0.05;
  stroke: #9c2a14;
}
.faint {
  opacity: 0.25;
}
text {
  text-anchor: middle;
  dominant-baseline: central;
  font-weight: 700;
  pointer-events: none;
}
</style>
