<script setup lang="ts">
import { use } from 'echarts/core'
import { BarChart, LineChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { FLATTENED_BY } from '~~/core/care'
import { monthName } from '~~/core/time'

const { figure } = useManner()

/** Hours of each month beside what the brief has, the peak named with what would flatten it. */
use([BarChart, LineChart, GridComponent, TooltipComponent, CanvasRenderer])
const { months, year } = useCare()
const brief = useBriefStore()
const colour = useColorMode()
const ink = computed(() => (colour.value === 'dark' ? '#c3b7a3' : '#5e5347'))
const has = computed(() => brief.brief.hoursAYear)
const total = computed(() => months.value.reduce((n, m) => n + m.hours, 0))
const peak = computed(() => months.value.reduce((a, b) => (b.hours > a.hours ? b : a)))
const advice = computed(() => (peak.value.most ? FLATTENED_BY[peak.value.most] : ''))
const short = (m: number) => monthName(m).slice(0, 3)
const option = computed(() => ({
  animation: false,
  grid: { left: 34, right: 8, top: 10, bottom: 22 },
  tooltip: { trigger: 'axis', valueFormatter: (v: number) => `${figure(v, 1, 1)} h` },
  xAxis: { type: 'category', data: months.value.map((m) => short(m.month)), axisLabel: { color: ink.value } },
  yAxis: { type: 'value', axisLabel: { color: ink.value }, splitLine: { lineStyle: { opacity: 0.3 } } },
  series: [
    {
      type: 'bar',
      name: 'Work',
      data: months.value.map((m) => ({
        value: m.hours,
        itemStyle: { color: m.month === peak.value.month ? '#97432b' : '#56683a' },
      })),
    },
    ...(has.value > 0
      ? [
          {
            type: 'line',
            name: 'The brief’s hours, evenly',
            symbol: 'none',
            lineStyle: { color: '#d68a1c', type: 'dashed' },
            data: months.value.map(() => has.value / 12),
          },
        ]
      : []),
  ],
}))
const said = computed(() => {
  const hours = `${figure(total.value, 0)} h in ${year.value}`
  return has.value > 0 ? `${hours}, the brief has ${has.value} h` : hours
})
</script>

<template>
  <figure>
    <figcaption class="flex gap-3 items-baseline">
      <b class="serif">Hours by month</b>
      <span class="hint text-sm text-soft leading-snug">{{ said }}</span>
    </figcaption>
    <ClientOnly>
      <VChart :option="option" autoresize class="h-43!" aria-label="Hours of work by month" />
    </ClientOnly>
    <p v-if="peak.hours > 0" class="hint text-sm text-soft leading-snug">
      {{ monthName(peak.month) }} is the peak ({{ figure(peak.hours, 0) }} h, most of it {{ peak.most }}). It would
      be less with {{ advice }}.
    </p>
  </figure>
</template>
