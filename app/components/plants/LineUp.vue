<script setup lang="ts">
import type { PlaceMonth } from '~~/core/time'
import { fullHeightM, type Plant } from '~~/core/plant'

const { length, units } = useManner()

/** Plants side by side on one ground line at one scale, with a ruler and a person; only what is in view is drawn. */
const props = defineProps<{
  plants: readonly Plant[]
  month: PlaceMonth
  chosenId: string | null
  listed: ReadonlySet<string>
  compared: readonly string[]
  marks: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ choose: [plant: Plant]; list: [plant: Plant]; compare: [plant: Plant] }>()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { width, height } = useElementSize(holder)
const { x: scrolled } = useScroll(holder)
const FOOT_PX = 92
const TOP_PX = 22
const GAP_PX = 10
const LEAST_PX = 104
const RULER_PX = 118
const PERSON_M = 1.7

/** What the scale must hold: nine plants in ten. A tall tree runs out of the picture, its height stands beneath it. */
const tallest = computed(() => {
  const heights = props.plants.map(fullHeightM).sort((a, b) => a - b)
  return Math.max(2, heights[Math.floor((heights.length - 1) * 0.9)] ?? 2)
})
const pxPerM = computed(() => Math.max(14, (height.value - FOOT_PX - TOP_PX) / (tallest.value * 1.06)))
/** Where each stands: left edges and widths. */
const places = computed(() => {
  let left = RULER_PX
  return props.plants.map((plant) => {
    const w = Math.max(LEAST_PX, plant.spreadM * pxPerM.value * 1.12 + GAP_PX)
    const place = { plant, left, w }
    left += w
    return place
  })
})
const whole = computed(() => {
  const last = places.value[places.value.length - 1]
  return last ? last.left + last.w + 20 : RULER_PX
})
const seen = computed(() =>
  places.value.filter((p) => p.left + p.w > scrolled.value - 200 && p.left < scrolled.value + width.value + 200),
)
const ticks = computed(() => heightTicks(tallest.value, units.value))
watch(
  () => props.plants,
  () => {
    holder.value?.scrollTo({ left: 0 })
  },
)
const wheel = (event: WheelEvent) => {
  if (Math.abs(event.deltaY) > Math.abs(event.deltaX)) holder.value?.scrollBy({ left: event.deltaY })
}
function key(event: KeyboardEvent) {
  const last = props.plants.length - 1
  const at = props.plants.findIndex((p) => p.id === stop.value?.id)
  const ends: Readonly<Record<string, number>> = { Home: 0, End: last }
  const to = ends[event.key] ?? Math.min(last, Math.max(0, at + stepOfKey(event)))
  const next = props.plants[to]
  if (!next || (to === at && props.chosenId)) return
  event.preventDefault()
  emit('choose', next)
  const place = places.value.find((p) => p.plant.id === next.id)
  if (place && (place.left < scrolled.value || place.left + place.w > scrolled.value + width.value))
    holder.value?.scrollTo({ left: place.left - width.value / 2 })
  const find = () => holder.value?.querySelector<HTMLElement>(`[data-plant="${next.id}"] .pick`)
  requestAnimationFrame(() => find()?.focus({ preventScroll: true }))
}
/** The one plant that Tab comes to: the chosen one, or the first in view. */
const stop = computed(() => props.plants.find((p) => p.id === props.chosenId) ?? seen.value[0]?.plant)
const stopOf = (plant: Plant) => (plant.id === stop.value?.id ? 0 : -1)
const GROUND = `${FOOT_PX - 8}px`
const FEET = `${FOOT_PX - 4}px`
const yOf = (m: number) => height.value - FOOT_PX - m * pxPerM.value
const personAt = computed(() => `translate(80 ${height.value - FOOT_PX}) scale(${(pxPerM.value * PERSON_M) / 100})`)
const portraitHeight = (plant: Plant) =>
  Math.min(height.value, Math.max(20, fullHeightM(plant) * pxPerM.value * 1.12 + 14))
const arrowFor = (plant: Plant) => (fullHeightM(plant) > tallest.value * 1.05 ? '↑ ' : '')
</script>

<template>
  <div
    ref="holder"
    class="line-up"
    role="group"
    aria-label="Line-up of plants; left and right choose"
    data-testid="line-up"
    @wheel.prevent="wheel"
    @keydown="key"
  >
    <div class="stage relative h-full" :style="{ width: `${whole}px` }">
      <div class="absolute left-0 right-0 h-2.5 bg-soil opacity-75" :style="{ bottom: GROUND }" />
      <svg
        class="ruler"
        :style="{ left: `${scrolled}px`, height: `${height}px` }"
        :width="RULER_PX"
        :height="height"
        aria-hidden="true"
      >
        <rect x="0" y="0" width="60" :height="height" class="veil" />
        <g v-for="t in ticks" :key="t.m">
          <line x1="36" x2="46" :y1="yOf(t.m)" :y2="yOf(t.m)" class="tick" />
          <text x="32" :y="yOf(t.m)">{{ t.words }}</text>
        </g>
        <g class="person" :transform="personAt">
          <circle cx="0" cy="-93" r="7" />
          <path
            d="M-9 -82 Q0 -86 9 -82 L12 -50 L8 -49 L7 -66 L7 -46 L6 0 L1 0 L0 -42 L-1 0 L-6 0 L-7 -46 L-7 -66 L-8 -49 L-12 -50 Z"
          />
        </g>
      </svg>
      <div
        v-for="p in seen"
        :key="p.plant.id"
        class="absolute top-0 bottom-0 cursor-pointer"
        :class="{ chosen: p.plant.id === chosenId }"
        :style="{ left: `${p.left}px`, width: `${p.w}px` }"
        role="group"
        :aria-label="p.plant.commonName"
        :data-plant="p.plant.id"
        @click="emit('choose', p.plant)"
      >
        <button
          class="absolute inset-0.5 rounded-sm cursor-pointer"
          :tabindex="stopOf(p.plant)"
          :aria-pressed="p.plant.id === chosenId"
          :aria-label="`About ${p.plant.commonName}`"
          @click.stop="emit('choose', p.plant)"
        />
        <PlantPortrait
          :plant="p.plant"
          :month="month"
          :width="p.w"
          :height="portraitHeight(p.plant)"
          :px-per-m="pxPerM"
          class="absolute left-0 pointer-events-none"
          :style="{ bottom: FEET }"
        />
        <div class="words [.chosen_&]:bg-amber/18">
          <b :title="p.plant.botanicalName">{{ p.plant.commonName }}</b>
          <small class="text-soft text-xs block truncate">
            {{ arrowFor(p.plant) }}{{ length(fullHeightM(p.plant)) }} × {{ length(p.plant.spreadM) }}
            <em class="not-italic text-amber-deep" v-if="marks.get(p.plant.id)">· {{ marks.get(p.plant.id) }}</em>
          </small>
          <span class="acts flex gap-1 justify-center mt-0.5">
            <button
              class="[&.on]:bg-amber [&.on]:text-[#2b2621] [&.on]:border-amber-deep"
              :tabindex="stopOf(p.plant)"
              :aria-label="`${listed.has(p.plant.id) ? 'Take off' : 'Put on'} the shortlist: ${p.plant.commonName}`"
              :aria-pressed="listed.has(p.plant.id)"
              :class="{ on: listed.has(p.plant.id) }"
              :title="listed.has(p.plant.id) ? 'On the shortlist' : 'Put on the shortlist'"
              @click.stop="emit('list', p.plant)"
            >
              <UIcon :name="listed.has(p.plant.id) ? 'i-lucide-check' : 'i-lucide-plus'" />
            </button>
            <button
              class="[&.on]:bg-amber [&.on]:text-[#2b2621] [&.on]:border-amber-deep"
              :tabindex="stopOf(p.plant)"
              :aria-label="`Compare ${p.plant.commonName}`"
              :aria-pressed="compared.includes(p.plant.id)"
              :class="{ on: compared.includes(p.plant.id) }"
              title="Compare side by side"
              @click.stop="emit('compare', p.plant)"
            >
              <UIcon name="i-lucide-scale" />
            </button>
          </span>
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.ruler {
  position: absolute;
  top: 0;
  z-index: 2;
  overflow: visible;
  pointer-events: none;
}
.veil {
  fill: var(--sky);
  opacity: 0.9;
}
.tick {
  stroke: var(--soft);
}
.ruler text {
  font: var(--text-xs) var(--font-sans);
  text-anchor: end;
  dominant-baseline: central;
  fill: var(--soft);
}
.person {
  fill: #8a7d6a;
  opacity: 0.75;
}
@layer components {
  .line-up {
    overflow-x: auto;
    overflow-y: hidden;
    background: linear-gradient(var(--sky) 0 calc(100% - 92px), var(--card) calc(100% - 92px));
  }
  .words {
    position: absolute;
    left: 2px;
    right: 2px;
    bottom: 2px;
    height: 78px;
    text-align: center;
    font-size: var(--text-xs);
    line-height: 1.2;
    padding: 4px 3px 0;
    border-radius: 6px;
  }
  b {
    font-family: var(--font-serif);
    font-weight: 600;
    font-size: var(--text-sm);
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  .acts button {
    width: 24px;
    height: 22px;
    border: 1px solid var(--line);
    border-radius: 6px;
    display: inline-flex;
    align-items: center;
    justify-content: center;
    cursor: pointer;
    font-size: var(--text-sm);
    background: var(--card);
  }
}
</style>
