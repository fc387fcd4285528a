<script setup lang="ts">
import { BarChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { use, type ComposeOption } from 'echarts/core'
import type { BarSeriesOption } from 'echarts/charts'
import type { GridComponentOption, TooltipComponentOption } from 'echarts/components'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { colourWords, isGreen, seenAs, type Vision } from '~~/core/colour'
import { shownColours } from '~~/core/judge'
import { MONTH_NAMES } from '~~/core/time'

use([BarChart, GridComponent, TooltipComponent, CanvasRenderer])

/** What share of the visible canopy shows which colour, month by month; greens together at the foot. */
const props = defineProps<{ vision: Vision }>()
const compose = useComposeStore()
const { scene } = useScene()
const palette = usePalette()
const shown = computed(() => (scene.value ? shownColours(scene.value) : []))

const option = computed<ComposeOption<BarSeriesOption | GridComponentOption | TooltipComponentOption>>(() => {
  const green = Array.from({ length: 12 }, (_, i) =>
    shown.value.filter((s) => s.month === i + 1 && isGreen(s.colour)).reduce((n, s) => n + s.share, 0),
  )
  // One series a plant and part: its colour of each month.
  const keys = [...new Set(shown.value.filter((s) => !isGreen(s.colour)).map((s) => `${s.plant.id}|${s.flower}`))]
  const series: BarSeriesOption[] = keys.map((key) => {
    const list = shown.value.filter((s) => `${s.plant.id}|${s.flower}` === key && !isGreen(s.colour))
    const first = list[0]!
    return {
      type: 'bar',
      stack: 'all',
      barWidth: '78%',
      name: `${first.plant.commonName}, ${first.flower ? 'flower' : 'leaf'}`,
      data: Array.from({ length: 12 }, (_, i) => {
        const s = list.find((l) => l.month === i + 1)
        return s
          ? { value: Math.round(s.share * 1000) / 10, itemStyle: { color: seenAs(s.colour, props.vision) } }
          : { value: 0 }
      }),
    }
  })
  return {
    animation: false,
    grid: { left: 44, right: 8, top: 8, bottom: 6 },
    tooltip: {
      trigger: 'item',
      formatter: (p) => {
        const q = (Array.isArray(p) ? p[0] : p)!
        return `${q.seriesName}: ${String(q.value)} % in ${q.name}, ${typeof q.color === 'string' ? colourWords(q.color) : ''}`
      },
    },
    xAxis: {
      type: 'category',
      data: MONTH_NAMES.map((m) => m.slice(0, 3)),
      axisTick: { show: false },
      axisLabel: { show: false },
    },
    yAxis: {
      type: 'value',
      max: 100,
      axisLabel: { formatter: '{value} %', color: palette.value?.soft ?? '#5e5347' },
      splitLine: { lineStyle: { color: palette.value?.line ?? '#ddd1bb' } },
    },
    series: [
      {
        type: 'bar',
        stack: 'all',
        barWidth: '78%',
        name: 'greens',
        data: green.map((v) => ({
          value: Math.round(v * 1000) / 10,
          itemStyle: { color: seenAs('#7f9a5a', props.vision) },
        })),
      },
      ...series,
    ],
  }
})
const choose = (event: { dataIndex?: number }) => {
  if (event.dataIndex !== undefined) compose.moment = { ...compose.moment, month: event.dataIndex + 1 }
}
</script>

<template>
  <div data-testid="colour-strip">
    <VChart :option="option" autoresize class="h-54!" @click="choose" />
    <div
      class="grid grid-cols-[repeat(12,1fr)] pt-0 pr-2.5 pb-1 pl-12.5"
      role="group"
      aria-label="Month of the picture"
    >
      <button
        v-for="(name, i) in MONTH_NAMES"
        :key="name"
        class="text-xs text-soft cursor-pointer rounded-md [&.on]:bg-amber [&.on]:text-[#2b2621] [&.on]:font-semibold"
        :class="{ on: compose.moment.month === nth(i) }"
        :aria-pressed="compose.moment.month === nth(i)"
        @click="choose({ dataIndex: i })"
      >
        {{ name.slice(0, 3) }}
      </button>
    </div>
  </div>
</template>
