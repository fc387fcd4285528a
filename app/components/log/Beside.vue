<script setup lang="ts">
import { use } from 'echarts/core'
import { ScatterChart, LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { LogKind } from '~~/core/model'
import { KIND_WORDS, reckonedHeight } from '~~/core/log'
import { yearOfDay } from '~~/core/time'

/** Year by year what was planned and what the log says of it; heights measured and reckoned; photos beside the picture of their month. */
use([ScatterChart, LineChart, GridComponent, LegendComponent, TooltipComponent, CanvasRenderer])
const { years, factsOf, entries, length, planted, units } = useLog()
const { climate } = useScene()
const library = useLibraryStore()
const bed = useBedStore()
const colour = useColorMode()
const ink = computed(() => (colour.value === 'dark' ? '#c3b7a3' : '#5e5347'))
const year = ref(years.value[0]!)
const items = computed(() => years.value.map((y) => ({ label: String(y), value: y })))
const facts = computed(() => factsOf(year.value))
const said = (list: readonly { kind: LogKind; note: string }[]) =>
  list.map((e) => (e.note ? `${KIND_WORDS[e.kind]}: ${e.note}` : KIND_WORDS[e.kind])).join('; ')
const sums = computed(() => ({
  planned: facts.value.reduce((n, f) => n + f.planned, 0),
  died: facts.value.reduce((n, f) => n + f.died, 0),
  standing: facts.value.reduce((n, f) => n + f.standing, 0),
}))
const M_A_FOOT = 0.3048
const shownM = (m: number) => Math.round((units.value === 'metric' ? m : m / M_A_FOOT) * 100) / 100
const measured = computed(() =>
  entries.value.filter((e) => e.kind === 'tallest' && e.amount !== null && e.bedId === bed.id),
)
const kinds = computed(() => [...new Set(measured.value.map((e) => e.plantId))])
const INKS = ['#97432b', '#56683a', '#5f7f8c', '#d68a1c', '#6b4e7d', '#8a7355']
const YEARS_AHEAD = 2
const chart = computed(() => {
  const last = Math.max(year.value, ...measured.value.map((e) => yearOfDay(e.day))) + YEARS_AHEAD
  const span = Array.from({ length: last - planted.value + 1 }, (_, i) => planted.value + i)
  return {
    animation: false,
    grid: { left: 46, right: 14, top: 34, bottom: 24 },
    legend: { top: 0, type: 'scroll', textStyle: { color: ink.value } },
    tooltip: { trigger: 'item' },
    xAxis: {
      type: 'value',
      min: planted.value,
      max: last,
      minInterval: 1,
      axisLabel: { color: ink.value, formatter: (v: number) => String(v) },
      splitLine: { show: false },
    },
    yAxis: { type: 'value', axisLabel: { color: ink.value }, splitLine: { lineStyle: { opacity: 0.3 } } },
    series: kinds.value.flatMap((id, i) => {
      const plant = library.byId.get(id)
      if (!plant) return []
      const itemStyle = { color: INKS[i % INKS.length] }
      const points = measured.value.filter((e) => e.plantId === id)
      return [
        {
          ...{ type: 'line', name: plant.commonName, itemStyle, symbol: 'none', smooth: true },
          lineStyle: { ...itemStyle, type: 'dashed' },
          data: span.map((y) => [
            y + 0.5,
            shownM(reckonedHeight(plant, `${y}-07-15`, planted.value, climate.value)),
          ]),
        },
        {
          ...{ type: 'scatter', name: plant.commonName, itemStyle, symbolSize: 11 },
          data: points.map((e) => [yearOfDay(e.day) + (Number(e.day.slice(5, 7)) - 0.5) / 12, shownM(e.amount!)]),
        },
      ]
    }),
  }
})
</script>

<template>
  <div class="flex flex-col gap-5.5">
    <LogViews />
    <section class="ledger" aria-labelledby="facts-title">
      <header>
        <h2 id="facts-title">Plan beside fact, to the end of</h2>
        <USelect v-model="year" :items="items" size="sm" class="w-27" aria-label="Year" />
        <span class="soft">{{ sums.planned }} planned, {{ sums.died }} lost, {{ sums.standing }} should stand</span>
      </header>
      <table data-testid="facts">
        <thead>
          <tr>
            <th scope="col">Drift</th>
            <th scope="col" class="right">Planned</th>
            <th scope="col" class="right">Planted</th>
            <th scope="col" class="right">Lost</th>
            <th scope="col" class="right">Self-sown</th>
            <th scope="col" class="right">Standing</th>
            <th scope="col" class="right">Tallest</th>
            <th scope="col" class="right">Reckoned</th>
            <th scope="col">Said that year</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="f in facts" :key="f.driftId" :class="{ short: f.standing < f.planned }">
            <th class="[.short_&]:text-brick-600 dark:[.short_&]:text-brick-300" scope="row">
              {{ f.plant.commonName }}
            </th>
            <td class="right">{{ f.planned }}</td>
            <td class="right">{{ f.planted || '' }}</td>
            <td class="right">{{ f.died || '' }}</td>
            <td class="right">{{ f.selfSown || '' }}</td>
            <td class="right">
              <b>{{ f.standing }}</b>
            </td>
            <td class="right">{{ f.measuredM === null ? '' : length(f.measuredM) }}</td>
            <td class="right">{{ f.reckonedM === null ? '' : length(f.reckonedM) }}</td>
            <td class="soft">{{ said(f.said) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="kinds.length > 0" class="ledger" aria-labelledby="heights-title">
      <h2 id="heights-title">
        Heights
        <small>{{ units === 'metric' ? 'm' : 'ft' }}: points measured, dashed as reckoned</small>
      </h2>
      <ClientOnly>
        <VChart :option="chart" autoresize class="h-74!" aria-label="Heights measured and reckoned by year" />
      </ClientOnly>
    </section>
  </div>
</template>
