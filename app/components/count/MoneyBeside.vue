<script setup lang="ts">
import VChart from 'vue-echarts'
import { moneyPlan, type MoneyPlan } from '~~/core/count'

/** Another plan's money beside this one's. The chart's parts are registered by the page it stands on. */
const supply = useSupplyStore()
const bed = useBedStore()
const colour = useColorMode()
const { money, asMoney, whole, materials, areaM2 } = useCount()
const ink = computed(() => (colour.value === 'dark' ? '#c3b7a3' : '#5e5347'))
const axis = computed(() => ({ axisLabel: { color: ink.value }, axisLine: { lineStyle: { color: ink.value } } }))
/** What stands beside this plan: all of it in one year, or another garden, such as a copy with other plants. */
const NONE = 'none'
const AT_ONCE = 'at-once'
const besideId = ref(NONE)
const gardens = shallowRef<readonly { readonly id: string; readonly name: string }[]>([])
const others = shallowRef<ReadonlyMap<string, MoneyPlan>>(new Map())
const problem = ref('')
onMounted(async () => {
  gardens.value = await ask('gardenNames', '/api/gardens/names')
})
const besideItems = computed(() => [
  { label: 'nothing', value: NONE },
  { label: 'all planted in year one', value: AT_ONCE },
  ...gardens.value.filter(({ id }) => id !== bed.garden?.id).map(({ id, name }) => ({ label: name, value: id })),
])
const besideName = computed(() => besideItems.value.find((i) => i.value === besideId.value)?.label ?? '')
async function setBeside(id: string) {
  problem.value = ''
  if (id !== NONE && id !== AT_ONCE && !others.value.has(id)) {
    try {
      const plan = await ask('money', `/api/gardens/${id}/money`)
      others.value = new Map(others.value).set(id, plan)
    } catch (error) {
      problem.value = messageOf(error)
      return
    }
  }
  besideId.value = id
}
const beside = computed(() => {
  if (besideId.value !== AT_ONCE) return others.value.get(besideId.value) ?? null
  const lines = whole.value.lines.map((l) => ({ ...l, phase: 1 }))
  return moneyPlan(lines, materials.value, supply.supply.money, areaM2.value)
})
/** Both plans by year, one bar each, and what they come to together. */
const both = computed(() => {
  const plans = beside.value ? [money.value, beside.value] : []
  return {
    animation: false,
    grid: { left: 64, right: 12, top: 34, bottom: 26 },
    legend: { top: 0, textStyle: { color: ink.value } },
    tooltip: { trigger: 'axis', valueFormatter: (v: number) => asMoney(v) },
    xAxis: {
      type: 'category',
      data: [...money.value.years.map((y) => `Year ${y.year}`), 'Five years'],
      ...axis.value,
    },
    yAxis: { type: 'value', ...axis.value, splitLine: { lineStyle: { opacity: 0.3 } } },
    series: plans.map((plan, i) => ({
      type: 'bar',
      name: i === 0 ? 'this plan' : besideName.value,
      itemStyle: { color: i === 0 ? '#56683a' : '#b8a07a' },
      data: [...plan.years.map((y) => y.total), plan.total],
    })),
  }
})
</script>

<template>
  <div>
    <div class="acts gap-4 items-end mt-3 mb-2.5 mx-0">
      <label class="field">
        <span>Beside it</span>
        <USelectMenu
          size="sm"
          class="w-56"
          value-key="value"
          :model-value="besideId"
          :items="besideItems"
          :search-input="false"
          :aria-label="`Plan to compare with: ${besideName}`"
          @update:model-value="(v: string) => setBeside(v)"
        />
      </label>
      <p v-if="beside" class="hint">
        Five years: this plan {{ asMoney(money.total) }}, {{ besideName }} {{ asMoney(beside.total) }}.
      </p>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
    <ClientOnly>
      <VChart v-if="beside" :option="both" autoresize class="h-63!" aria-label="Money of both plans by year" />
    </ClientOnly>
  </div>
</template>
