<script setup lang="ts">
import { use } from 'echarts/core'
import { BarChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { lighten } from '~~/core/colour'
import { monthName, PLACE_MONTHS } from '~~/core/time'
import { WATER_INKS } from '~~/core/water'

/** Run times of each zone by month, for the first, second and later years, with the litres of a week drawn. */
use([BarChart, GridComponent, LegendComponent, TooltipComponent, CanvasRenderer])
const { zones, year } = useWater()
const colour = useColorMode()
const ink = computed(() => (colour.value === 'dark' ? '#c3b7a3' : '#5e5347'))
const YEARS = [
  { id: 0, label: 'first year' },
  { id: 1, label: 'second' },
  { id: 2, label: 'third' },
  { id: 5, label: 'grown' },
]
/** Zones of one want are told apart by how deep its ink is. */
const DEEPER = 0.09
const inkOf = (i: number) => {
  const { want } = zones.value[i]!.zone
  const before = zones.value.slice(0, i).filter((z) => z.zone.want === want).length
  return lighten(WATER_INKS[want], -DEEPER * before)
}
const months = PLACE_MONTHS.map((m) => monthName(m).slice(0, 3))
const option = computed(() => ({
  animation: false,
  grid: { left: 48, right: 8, top: 30, bottom: 22 },
  legend: { top: 0, textStyle: { color: ink.value }, type: 'scroll' },
  tooltip: { trigger: 'axis', valueFormatter: (v: number) => `${Math.round(v)} L a week` },
  xAxis: { type: 'category', data: months, axisLabel: { color: ink.value } },
  yAxis: {
    type: 'value',
    name: 'L a week',
    axisLabel: { color: ink.value },
    splitLine: { lineStyle: { opacity: 0.3 } },
  },
  series: zones.value.map(({ zone, runs }, i) => ({
    type: 'bar',
    stack: 'all',
    name: zone.name,
    itemStyle: { color: inkOf(i) },
    data: runs.map((r) => r.litresAWeek),
  })),
}))
const rows = computed(() =>
  zones.value.map(({ zone, runs }) => ({
    id: zone.id,
    name: zone.name,
    cells: runs.map((r) => ({
      text: r.minutes > 0 ? `${r.days} × ${r.minutes}` : '·',
      note: r.cycles > 1 ? `in ${r.cycles} parts, ${r.soakMinutes} min apart` : '',
    })),
  })),
)
</script>

<template>
  <section v-if="zones.length > 0" class="ledger" aria-labelledby="water-year-title" data-testid="water-year">
    <header>
      <h2 id="water-year-title">Run times</h2>
      <ChoiceRow v-model="year" :items="YEARS" label="Year from planting" />
    </header>
    <ClientOnly>
      <VChart :option="option" autoresize class="h-49!" aria-label="Litres a week by month and zone" />
    </ClientOnly>
    <div class="scroll">
      <table class="text-xs">
        <thead>
          <tr>
            <th class="pr-1 whitespace-nowrap" scope="col">runs × min</th>
            <th v-for="m in months" :key="m" scope="col" class="right pr-1 whitespace-nowrap">{{ m }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.id">
            <th class="pr-1 whitespace-nowrap" scope="row">{{ r.name }}</th>
            <td v-for="(c, i) in r.cells" :key="i" class="right pr-1 whitespace-nowrap" :title="c.note">
              {{ c.text }}
              <small class="block text-soft" v-if="c.note">{{ c.note }}</small>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="soft">
      Runs a week, minutes each. Reckoned with six tenths of the usual rain, so that it is enough in four years of
      five; the timer leaves out what rain brings beyond that. Where a month says nothing, rain is enough.
    </p>
  </section>
</template>
