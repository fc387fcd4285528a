<script setup lang="ts">
import { MONTH_NAMES, monthName } from '~~/core/time'

/** The sun as a ring round the plan: its way over the day where it stands, the months where it never comes. */
const props = defineProps<{ width: number; height: number }>()
const ground = useGroundStore()
const { sun, way, northDeg } = useSunMap()
const svg = useTemplateRef<SVGSVGElement>('svg')
const r = computed(() => Math.min(props.width, props.height) / 2 - 26)
const cx = computed(() => props.width / 2)
const cy = computed(() => props.height / 2)
/** Where an azimuth lies on the ring; the sheet's top looks to northDeg. */
const spot = (azimuthDeg: number, radius = r.value) => {
  const a = ((azimuthDeg - northDeg.value) * Math.PI) / 180
  return { x: cx.value + Math.sin(a) * radius, y: cy.value - Math.cos(a) * radius }
}
const path = computed(() =>
  way.value
    .map((s, i) => {
      const p = spot(s.azimuthDeg)
      return `${i === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`
    })
    .join(''),
)
const ticks = computed(() =>
  [-6, -4, -2, 0, 2, 4, 6].flatMap((h) => {
    const s = way.value.find((w) => Math.abs(w.afterNoonH - h) < 0.09)
    return s
      ? [
          {
            h,
            clock: 12 + h,
            a: spot(s.azimuthDeg, r.value - 5),
            b: spot(s.azimuthDeg, r.value + 5),
            text: spot(s.azimuthDeg, r.value + 15),
          },
        ]
      : []
  }),
)
/** Months stand on the side the sun stays away from: round north, or round south below the equator. */
const away = computed(() => {
  const noon = way.value.find((w) => Math.abs(w.afterNoonH) < 0.09)?.azimuthDeg ?? 180
  return Math.abs(noon - 180) < 90 ? 0 : 180
})
const MONTH_STEP = 7.4
const months = computed(() =>
  MONTH_NAMES.map((name, i) => ({ name, month: i + 1, ...spot(away.value + (i - 5.5) * MONTH_STEP) })),
)
const dot = computed(() => spot(sun.value.azimuthDeg))
const clock = (minutes: number) => {
  const t = 12 * 60 + minutes
  return `${Math.floor(t / 60)}:${String(Math.round(t % 60)).padStart(2, '0')}`
}

const azimuthAt = ({ clientX, clientY }: { clientX: number; clientY: number }) => {
  const box = svg.value!.getBoundingClientRect()
  const a = (Math.atan2(clientX - box.left - cx.value, cy.value - (clientY - box.top)) * 180) / Math.PI
  return (((a + northDeg.value) % 360) + 360) % 360
}
const apart = (a: number, b: number) => {
  const d = Math.abs(a - b) % 360
  return Math.min(d, 360 - d)
}
function toHour(at: { clientX: number; clientY: number }) {
  const a = azimuthAt(at)
  const near = way.value.reduce((best, s) => (apart(s.azimuthDeg, a) < apart(best.azimuthDeg, a) ? s : best))
  ground.minutes = Math.round(near.afterNoonH * 60)
}
function toMonth(at: { clientX: number; clientY: number }) {
  const off = ((azimuthAt(at) - away.value + 540) % 360) - 180
  setMonth(Math.min(12, Math.max(1, Math.round(off / MONTH_STEP + 5.5) + 1)))
}
function setMonth(month: number) {
  ground.day = 21
  ground.month = month
}
const hourWay = useTemplateRef<SVGPathElement>('hourWay')
const sunDot = useTemplateRef<SVGGElement>('sunDot')
const monthRow = useTemplateRef<SVGGElement>('monthRow')
useDrag(hourWay, { move: toHour, end: toHour })
useDrag(sunDot, { move: toHour, end: toHour })
useDrag(monthRow, { move: toMonth, end: toMonth })
function key(event: KeyboardEvent) {
  const by = stepOfKey(event)
  if (by === 0) return
  event.preventDefault()
  ground.minutes += by * (event.shiftKey ? 60 : 10)
}
function monthKey(event: KeyboardEvent) {
  const by = stepOfKey(event)
  if (by === 0) return
  event.preventDefault()
  setMonth(((ground.month - 1 + by + 12) % 12) + 1)
}
/** Rays about the sun, between its rim and a little way out. */
const beams = computed(() =>
  Array.from({ length: 8 }, (_, i) => ({
    x: dot.value.x + Math.cos(((i + 1) * Math.PI) / 4) * 15,
    y: dot.value.y + Math.sin(((i + 1) * Math.PI) / 4) * 15,
  })),
)
const winds = computed(() => ['N', 'E', 'S', 'W'].map((name, i) => ({ name, ...spot(i * 90, r.value - 16) })))
</script>

<template>
  <svg ref="svg" class="ring" :width="width" :height="height">
    <circle :cx="cx" :cy="cy" :r="r" class="round" />
    <text v-for="w in winds" :key="w.name" :x="w.x" :y="w.y" class="wind">{{ w.name }}</text>
    <path :d="path" class="way" />
    <path :d="path" ref="hourWay" class="grab" @pointerdown="toHour" />
    <g v-for="t in ticks" :key="t.h">
      <line :x1="t.a.x" :y1="t.a.y" :x2="t.b.x" :y2="t.b.y" class="tick" />
      <text :x="t.text.x" :y="t.text.y" class="hour">{{ t.clock }}</text>
    </g>
    <g
      ref="monthRow"
      class="months"
      role="slider"
      tabindex="0"
      aria-label="Month of the light"
      aria-valuemin="1"
      aria-valuemax="12"
      :aria-valuenow="ground.month"
      :aria-valuetext="monthName(ground.month)"
      data-testid="ring-month"
      @keydown="monthKey"
      @pointerdown="toMonth"
    >
      <g v-for="m in months" :key="m.month">
        <circle :cx="m.x" :cy="m.y" r="10" class="month" :class="{ now: m.month === ground.month }" />
        <text :x="m.x" :y="m.y" class="letter" :class="{ now: m.month === ground.month }">
          {{ m.name.charAt(0) }}
        </text>
      </g>
    </g>
    <g
      ref="sunDot"
      class="sun"
      role="slider"
      tabindex="0"
      aria-label="Hour of sun time"
      aria-valuemin="-480"
      aria-valuemax="480"
      :aria-valuenow="ground.minutes"
      :aria-valuetext="clock(ground.minutes)"
      data-testid="ring-sun"
      @keydown="key"
      @pointerdown="toHour"
    >
      <line v-for="(beam, i) in beams" :key="i" :x1="dot.x" :y1="dot.y" :x2="beam.x" :y2="beam.y" class="beam" />
      <circle :cx="dot.x" :cy="dot.y" r="9" />
    </g>
  </svg>
</template>

<style scoped>
.ring {
  position: absolute;
  inset: 0;
  pointer-events: none;
  user-select: none;
}
.round {
  fill: none;
  stroke: var(--line);
  stroke-width: 1;
}
.way {
  fill: none;
  stroke: var(--amber);
  stroke-width: 3;
  opacity: 0.6;
}
.grab {
  fill: none;
  stroke: transparent;
  stroke-width: 22;
  pointer-events: stroke;
  cursor: grab;
}
.tick {
  stroke: var(--amber-deep);
  stroke-width: 1.2;
}
.hour,
.wind,
.letter {
  font: var(--text-xs) var(--font-sans);
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--soft);
  paint-order: stroke;
  stroke: var(--card);
  stroke-width: 3px;
}
.wind {
  font-weight: 700;
  fill: var(--ink);
}
.months {
  pointer-events: all;
  cursor: grab;
  touch-action: none;
}
.month {
  fill: var(--card);
  stroke: var(--line);
}
.month.now {
  fill: var(--amber);
  stroke: var(--amber-deep);
}
.letter {
  stroke: none;
  font-size: var(--text-xs);
}
.letter.now {
  fill: #2b2621;
  font-weight: 700;
}
.sun {
  pointer-events: all;
  cursor: grab;
  touch-action: none;
}
.sun circle {
  fill: var(--amber);
  stroke: var(--amber-deep);
  stroke-width: 1.4;
}
.beam {
  stroke: var(--amber-deep);
  stroke-width: 1.6;
}
.sun:focus-visible,
.months:focus-visible {
  outline: 2px solid var(--amber);
  outline-offset: 2px;
  border-radius: 8px;
}
</style>
