<script setup lang="ts">
import { dayLengthH, monthName, PLACE_MONTHS, stayPoint } from '~~/core/time'

const { figure } = useManner()

/** The year woven: a row a drift, two columns a month, the frosts across it. A month that is pointed at is shown in the pictures. */
const { cloth, gaps } = useSeasons()
const compose = useComposeStore()
const bed = useBedStore()
const { months } = useCare()
const { scene, letters } = useScene()
const holder = useTemplateRef<HTMLDivElement>('holder')
const svg = useTemplateRef<SVGSVGElement>('svg')
const { width } = useElementSize(holder)
const NAMES_PX = 132
const SUM_PX = 74
const FOOT_PX = 54
const LEAF_FOOT = 60
const wide = computed(() => Math.max(240, width.value - NAMES_PX - 8))
const woven = computed(() => (cloth.value ? weaveTapestry(cloth.value, wide.value) : null))
const high = computed(() => SUM_PX + (woven.value?.height ?? 0) + FOOT_PX)
const month = computed(() => wide.value / 12)
const bars = computed(() =>
  (cloth.value?.months ?? []).map((m, i) => {
    const bloom = Math.min(1, m.bloom * 3) * 40
    const leaf = m.leaf * 16
    let at = 0
    const colours = (cloth.value!.colours[i] ?? []).map((c) => {
      const part = { colour: c.colour, y: 44 - bloom + at * bloom, h: c.share * bloom }
      at += c.share
      return part
    })
    const x = i * month.value
    return {
      month: m.month,
      ...{ x, left: x + 3, middle: x + month.value / 2, leaf, leafY: LEAF_FOOT - leaf, colours },
      isGap: gaps.value.includes(m.month),
    }
  }),
)
const barWide = computed(() => month.value - 6)
const foot = computed(() => high.value - FOOT_PX)
const dayWords = computed(() => high.value - 24)
const workWords = computed(() => high.value - 8)
const footWords = computed(() => high.value - 40)
const shift = `translate(${NAMES_PX} 0)`
const rows = computed(() =>
  (woven.value?.rows ?? []).map((w) => ({ ...w, at: `translate(0 ${SUM_PX + w.top})`, nameY: w.height - 4 })),
)
/** Beneath the cloth: hours of day and of work in each month. */
const beneath = computed(() => {
  const latitude = bed.garden?.value.place.latitude ?? 45
  return PLACE_MONTHS.map((m, i) => ({
    month: m,
    middle: (i + 0.5) * month.value,
    day: figure(dayLengthH(m, latitude), 1, 1),
    work: Math.round(months.value[i]?.hours ?? 0),
  }))
})
const frosts = computed(() => {
  const { climate } = scene.value ?? {}
  if (!climate) return []
  const at = (frost: 'last' | 'first') => (stayPoint({ frost, days: 0 }, climate) - 1) * month.value
  return [
    { x: at('last'), name: 'last frost' },
    { x: at('first'), name: 'first frost' },
  ]
})
const show = (m: number) => {
  compose.moment = { ...compose.moment, month: m }
}
function point(event: PointerEvent) {
  const box = svg.value!.getBoundingClientRect()
  const at = Math.floor((event.clientX - box.left - NAMES_PX) / month.value) + 1
  if (at >= 1 && at <= 12 && at !== compose.moment.month) show(at)
}
const choose = (driftId: string) => compose.choose(driftId)
const letterOf = (id: string) => letters.value.get(id) ?? ''
const short = (m: number) => monthName(m).slice(0, 3)
const shownX = computed(() => (compose.moment.month - 1) * month.value)
const name = (text: string) => (text.length > 17 ? `${text.slice(0, 16)}…` : text)
defineExpose({ svg })
</script>

<template>
  <div ref="holder" class="w-full">
    <svg
      v-if="woven"
      ref="svg"
      xmlns="http://www.w3.org/2000/svg"
      :width="width"
      :height="high"
      :viewBox="`0 0 ${width} ${high}`"
      role="img"
      aria-label="The year of the bed, drift by drift. The same stands in the table below."
      data-testid="tapestry"
      @pointermove="point"
    >
      <defs>
        <linearGradient v-for="w in rows" :id="`leaf-${w.row.driftId}`" :key="w.row.driftId">
          <stop
            v-for="(s, i) in w.stops"
            :key="i"
            :offset="s.at"
            :stop-color="s.colour"
            :stop-opacity="s.faint ? 0.45 : 0.92"
          />
        </linearGradient>
      </defs>
      <g :transform="shift">
        <rect class="shown" :x="shownX" y="0" :width="month" :height="high" />
        <g v-for="b in bars" :key="b.month">
          <rect :x="b.left" :y="b.leafY" :width="barWide" :height="b.leaf" class="leaf" />
          <rect
            v-for="(c, i) in b.colours"
            :key="i"
            :x="b.left"
            :y="c.y"
            :width="barWide"
            :height="c.h"
            :fill="c.colour"
            class="bloom"
          />
          <text v-if="b.isGap" :x="b.middle" y="34" class="gap">gap</text>
          <text :x="b.middle" y="71" class="month" :class="{ now: b.month === compose.moment.month }">
            {{ short(b.month) }}
          </text>
          <line :x1="b.x" :x2="b.x" :y1="SUM_PX" :y2="foot" class="rule" />
        </g>
      </g>
      <g
        v-for="w in rows"
        :key="w.row.driftId"
        class="row"
        :class="{ chosen: compose.driftId === w.row.driftId }"
        :transform="w.at"
        @click="choose(w.row.driftId)"
      >
        <title>{{ w.row.plant.commonName }}, {{ w.row.count }}</title>
        <rect x="0" y="0" :width="width" :height="w.height" class="touch" />
        <text x="4" :y="w.nameY" class="name">
          <tspan class="letter">{{ letterOf(w.row.plant.id) }}</tspan>
          <tspan dx="5">{{ name(w.row.plant.commonName) }}</tspan>
        </text>
        <g :transform="shift">
          <path :d="w.ribbon" :fill="`url(#leaf-${w.row.driftId})`" />
          <template v-for="(f, i) in w.flowers" :key="i">
            <circle v-if="f.form === 'dot'" :cx="f.x" :cy="f.y" :r="f.r" :fill="f.colour" class="flower" />
            <line v-else :x1="f.x" :x2="f.x" :y1="f.y" :y2="f.tip" :stroke="f.colour" class="spike" />
          </template>
        </g>
      </g>
      <text x="4" :y="dayWords" class="under">hours of day</text>
      <text x="4" :y="workWords" class="under">hours of work, garden</text>
      <g :transform="shift">
        <g v-for="u in beneath" :key="u.month">
          <text :x="u.middle" :y="dayWords" class="foot">{{ u.day }}</text>
          <text :x="u.middle" :y="workWords" class="foot">{{ u.work }}</text>
        </g>
        <g v-for="f in frosts" :key="f.name">
          <line :x1="f.x" :x2="f.x" :y1="SUM_PX" :y2="foot" class="frost" />
          <text :x="f.x" :y="footWords" class="foot">{{ f.name }}</text>
        </g>
      </g>
    </svg>
    <p v-else class="hint text-soft p-5.5">Weaving the year…</p>
    <div class="months flex" :style="{ paddingLeft: `${NAMES_PX}px` }">
      <button
        class="flex-1 text-xs min-h-7 text-soft"
        v-for="m in PLACE_MONTHS"
        :key="m"
        :aria-pressed="m === compose.moment.month"
        :aria-label="`${monthName(m).slice(0, 3)}: show ${monthName(m)}`"
        @click="show(m)"
      >
        {{ short(m) }}
      </button>
    </div>
  </div>
</template>

<style scoped>
svg {
  display: block;
  touch-action: pan-y;
}
.shown {
  fill: color-mix(in srgb, var(--amber) 15%, transparent);
}
.leaf {
  fill: #7d9a5a;
  opacity: 0.45;
}
.bloom {
  stroke: rgb(0 0 0 / 12%);
  stroke-width: 0.5;
}
.gap {
  font-size: var(--text-xs);
  fill: var(--amber-deep);
  text-anchor: middle;
  font-weight: 600;
}
.month,
.foot {
  font-size: var(--text-xs);
  fill: var(--soft);
  text-anchor: middle;
}
.under {
  font-size: var(--text-xs);
  fill: var(--soft);
}
.month.now {
  fill: var(--ink);
  font-weight: 700;
}
.rule {
  stroke: var(--line);
  stroke-width: 0.6;
}
.frost {
  stroke: #6f8fa3;
  stroke-width: 1.2;
  stroke-dasharray: 4 3;
}
.row {
  cursor: pointer;
}
.touch {
  fill: transparent;
}
.row:hover .touch,
.chosen .touch {
  fill: color-mix(in srgb, var(--amber) 10%, transparent);
}
.name {
  font-size: var(--text-xs);
  fill: var(--ink);
}
.letter {
  font-weight: 700;
}
.flower {
  stroke: rgb(0 0 0 / 18%);
  stroke-width: 0.4;
}
.spike {
  stroke-width: 1.8;
  stroke-linecap: round;
}
@layer components {
  .months button[aria-pressed='true'] {
    color: var(--ink);
    font-weight: 700;
    border-bottom: 2px solid var(--amber);
  }
}
</style>
