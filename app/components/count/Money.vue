<script setup lang="ts">
import { use } from 'echarts/core'
import { BarChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { MoneyRules } from '~~/core/model'
import { COST_KINDS, type CostKind } from '~~/core/count'

/** What the garden costs: by phase, over five years, and against what the brief has. */
use([BarChart, GridComponent, LegendComponent, TooltipComponent, CanvasRenderer])
const supply = useSupplyStore()
const brief = useBriefStore()
const colour = useColorMode()
const { money, asMoney } = useCount()
const { figure } = useManner()
const rules = computed(() => supply.supply.money)
const set = (change: Partial<MoneyRules>, name: string) =>
  supply.set({ money: { ...rules.value, ...change } }, name)
const NAMES: Readonly<Record<CostKind, string>> = {
  plants: 'Plants',
  annuals: 'Annuals again',
  losses: 'Losses replaced',
  materials: 'Materials',
  mulch: 'Mulch',
  upkeep: 'Upkeep',
}
const COLOURS: Readonly<Record<CostKind, string>> = {
  plants: '#56683a',
  annuals: '#d68a1c',
  losses: '#97432b',
  materials: '#8a7355',
  mulch: '#b8a07a',
  upkeep: '#5f7f8c',
}
const lossPercent = computed(() => Math.round(rules.value.lossShare * 100))
const setLoss = (percent: number) => set({ lossShare: percent / 100 }, 'losses')
const ink = computed(() => (colour.value === 'dark' ? '#c3b7a3' : '#5e5347'))
const shownKinds = computed(() => COST_KINDS.filter((k) => money.value.years.some((y) => y.costs[k] > 0)))
const axis = computed(() => ({ axisLabel: { color: ink.value }, axisLine: { lineStyle: { color: ink.value } } }))
const years = computed(() => ({
  animation: false,
  grid: { left: 64, right: 12, top: 34, bottom: 26 },
  legend: { top: 0, textStyle: { color: ink.value } },
  tooltip: { trigger: 'axis', valueFormatter: (v: number) => asMoney(v) },
  xAxis: { type: 'category', data: money.value.years.map((y) => `Year ${y.year}`), ...axis.value },
  yAxis: { type: 'value', ...axis.value, splitLine: { lineStyle: { opacity: 0.3 } } },
  series: shownKinds.value.map((k) => ({
    type: 'bar',
    stack: 'all',
    name: NAMES[k],
    itemStyle: { color: COLOURS[k] },
    data: money.value.years.map((y) => y.costs[k]),
  })),
}))
const phases = computed(() => ({
  animation: false,
  grid: { left: 64, right: 12, top: 12, bottom: 26 },
  tooltip: { trigger: 'axis', valueFormatter: (v: number) => asMoney(v) },
  xAxis: { type: 'category', data: money.value.phases.map((p) => `Phase ${p.phase}`), ...axis.value },
  yAxis: { type: 'value', ...axis.value, splitLine: { lineStyle: { opacity: 0.3 } } },
  series: [
    { type: 'bar', name: 'Plants', itemStyle: { color: '#56683a' }, data: money.value.phases.map((p) => p.plants) },
  ],
}))
/** All currencies by their code; what was typed before there was this list stays one of it. */
const names = new Intl.DisplayNames(['en'], { type: 'currency' })
const currencies = computed(() => {
  const codes = Intl.supportedValuesOf('currency')
  const own = rules.value.currency
  return [
    { label: 'no currency', value: '' },
    ...(own === '' || codes.includes(own) ? [] : [{ label: own, value: own }]),
    ...codes.map((value) => ({ label: `${value} · ${names.of(value) ?? ''}`, value })),
  ]
})
const first = computed(() => money.value.years[0])
const answers = computed(() => {
  const { budget, hoursAYear } = brief.brief
  const planting = money.value.years.reduce((n, y) => n + y.costs.plants + y.costs.materials, 0)
  const hours = money.value.years.at(-1)?.hours ?? 0
  return [
    ...(budget > 0
      ? [
          {
            label: 'Budget of the brief',
            has: asMoney(budget),
            needs: asMoney(planting),
            fits: planting <= budget,
            rest: planting <= budget ? `${asMoney(budget - planting)} left` : `${asMoney(planting - budget)} over`,
          },
        ]
      : []),
    ...(hoursAYear > 0
      ? [
          {
            label: 'Hours of work a year',
            has: `${hoursAYear} h`,
            needs: `${figure(hours, 0)} h`,
            fits: hours <= hoursAYear,
            rest:
              hours <= hoursAYear
                ? `${figure(hoursAYear - hours, 0)} h left`
                : `${figure(hours - hoursAYear, 0)} h too many`,
          },
        ]
      : []),
  ]
})
const taxNote = computed(() =>
  rules.value.pricesWithTax ? 'prices hold the tax' : `with ${rules.value.taxPercent} % tax`,
)
</script>

<template>
  <section class="worksheet" aria-labelledby="money-title">
    <header>
      <div>
        <h2 id="money-title">Money</h2>
        <p class="hint">
          Year one {{ asMoney(first?.total ?? 0) }}, five years {{ asMoney(money.total) }}, {{ taxNote }}. A phase a
          year; annuals bought again, {{ lossPercent }} % of a phase replaced in its second year, half the mulch put
          on again.
          <FieldNote of="losses" />
        </p>
      </div>
    </header>
    <div class="acts gap-4 items-end mb-2.5">
      <label class="field">
        <span>Currency</span>
        <PlainSelect
          class="w-50 min-h-8"
          :items="currencies"
          :model-value="rules.currency"
          @update:model-value="(currency: string) => set({ currency }, 'currency')"
        />
      </label>
      <NumberInput
        label="Tax, %"
        :model-value="rules.taxPercent"
        :min="0"
        :max="100"
        class="narrow w-31"
        @update:model-value="(taxPercent) => set({ taxPercent }, 'tax')"
      />
      <UCheckbox
        label="prices hold the tax"
        :model-value="rules.pricesWithTax"
        @update:model-value="(on) => set({ pricesWithTax: on === true }, 'tax in prices')"
      />
      <NumberInput
        label="Wage an hour"
        :model-value="rules.wageAnHour ?? 0"
        :min="0"
        :max="10000"
        class="narrow w-31"
        @update:model-value="(w) => set({ wageAnHour: w || null }, 'wage')"
      />
      <NumberInput
        label="Lost in year one, %"
        :model-value="lossPercent"
        :min="0"
        :max="100"
        class="narrow w-31"
        @update:model-value="setLoss"
      />
    </div>
    <table v-if="answers.length > 0" class="max-w-177 mb-2.5">
      <tbody>
        <tr v-for="a in answers" :key="a.label">
          <th scope="row">{{ a.label }}</th>
          <td class="right">{{ a.has }}</td>
          <td class="right">needs {{ a.needs }}</td>
          <td>
            <span class="state" :class="a.fits ? 'good' : 'loud'">{{ a.rest }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <div class="charts grid grid-cols-[2fr_1fr] gap-5.5">
      <figure>
        <figcaption class="font-serif font-semibold">Five years</figcaption>
        <ClientOnly>
          <VChart :option="years" autoresize class="h-69!" aria-label="Money of five years by what it is for" />
        </ClientOnly>
      </figure>
      <figure>
        <figcaption class="font-serif font-semibold">Plants by phase</figcaption>
        <ClientOnly>
          <VChart :option="phases" autoresize class="h-69!" aria-label="Money for plants by phase" />
        </ClientOnly>
      </figure>
    </div>
    <CountMoneyBeside />
    <table>
      <thead>
        <tr>
          <th scope="col">Year</th>
          <th v-for="k in shownKinds" :key="k" scope="col" class="right">{{ NAMES[k] }}</th>
          <th scope="col" class="right">Hours of upkeep</th>
          <th scope="col" class="right">Sum</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="y in money.years" :key="y.year">
          <th scope="row">{{ y.year }}</th>
          <td v-for="k in shownKinds" :key="k" class="right">{{ asMoney(y.costs[k]) }}</td>
          <td class="right">{{ figure(y.hours, 0) }}</td>
          <td class="right">
            <b>{{ asMoney(y.total) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
