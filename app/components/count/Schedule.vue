<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import { laneNames } from '~~/core/bed'
import type { CountLine } from '~~/core/count'

const { dayWords } = useManner()

/** The plant schedule of the garden or a part of it; a line opens to what is there, what is bought and where from. */
const compose = useComposeStore()
const bed = useBedStore()
const brief = useBriefStore()
const { scope, beds, shown, whole, asMoney } = useCount()
const { save, problem } = useSavedFirst()
const RIGHT = { class: { th: 'text-right', td: 'text-right' } }
const columns: TableColumn<CountLine>[] = [
  { id: 'key', header: 'Letter' },
  { id: 'plant', header: 'Plant' },
  { id: 'need', header: 'Drawn', meta: RIGHT },
  { id: 'spare', header: 'Spare', meta: RIGHT },
  { id: 'used', header: 'There', meta: RIGHT },
  { id: 'buy', header: 'Buy', meta: RIGHT },
  { id: 'size', header: 'Size' },
  { id: 'price', header: 'Each', meta: RIGHT },
  { id: 'total', header: 'Total', meta: RIGHT },
  { id: 'phase', header: 'Phase', meta: RIGHT },
  { id: 'state', header: 'How far' },
]
const expanded = ref<Record<string, boolean>>({})
const rowId = (line: CountLine) => `${line.plant.id}|${line.size.label}`
const open = (id: string) => {
  expanded.value = expanded.value[id] ? {} : { [id]: true }
}
const lines = computed(() => [...shown.value.lines])
const composeTo = computed(() => `/beds/${bed.id}/compose`)
const ALL = 'all'
const bedItems = computed(() => [
  { label: 'The whole garden', value: ALL },
  ...beds.value.map((b) => ({ label: b.bed.name, value: b.id })),
])
const bedChoice = computed({
  get: () => scope.value.bedId ?? ALL,
  set: (id: string) => {
    scope.value = { ...scope.value, bedId: id === ALL ? undefined : id, lane: undefined, segment: false }
  },
})
const chosenBed = computed(() => beds.value.find((b) => b.id === scope.value.bedId)?.bed ?? null)
const laneItems = computed(() => [
  { label: 'All lanes', value: ALL },
  ...(chosenBed.value ? laneNames(chosenBed.value.laneShares.length, chosenBed.value.form.kind) : []).map(
    (label, i) => ({ label, value: String(i) }),
  ),
])
const laneChoice = computed({
  get: () => (scope.value.lane === undefined ? ALL : String(scope.value.lane)),
  set: (lane: string) => {
    scope.value = { ...scope.value, lane: lane === ALL ? undefined : Number(lane) }
  },
})
const isRepeated = computed(
  () => chosenBed.value?.form.kind === 'court' || chosenBed.value?.form.kind === 'container',
)
const segment = computed({
  get: () => scope.value.segment === true,
  set: (on: boolean) => {
    scope.value = { ...scope.value, segment: on }
  },
})
const phaseItems = computed(() => [
  { label: 'All phases', value: ALL },
  ...Array.from({ length: brief.brief.phases }, (_, i) => ({ label: `Phase ${i + 1}`, value: String(i + 1) })),
])
const phaseChoice = computed({
  get: () => (scope.value.phase === undefined ? ALL : String(scope.value.phase)),
  set: (phase: string) => {
    scope.value = { ...scope.value, phase: phase === ALL ? undefined : Number(phase) }
  },
})
const LOUD: readonly CountLine['state'][] = ['short', 'not found', 'reserved']
const GOOD: readonly CountLine['state'][] = ['planted', 'received', 'in hand']
const stateClass = (line: CountLine) => ({
  loud: LOUD.includes(line.state) || line.ordered.wrong + line.ordered.poor > 0,
  good: GOOD.includes(line.state),
})
const now = today()
/** How far a line is, with the day that matters for it. */
function soFar({ state, ordered, settled }: CountLine): string {
  const askAgain = settled.reserved?.askAgain ?? ''
  if (state === 'reserved' && askAgain !== '' && askAgain <= now) return 'ask again now'
  return state === 'confirmed' && ordered.expected !== '' ? `${state} for ${dayWords(ordered.expected)}` : state
}
function stateWords(line: CountLine): string {
  const { open: places, ordered, planted, need } = line
  return [
    ...(planted > 0 && planted < need ? [`${planted} planted`] : []),
    soFar(line),
    ...(places > 0 ? [`${places} open`] : []),
    ...(ordered.wrong > 0 ? [`${ordered.wrong} wrong`] : []),
    ...(ordered.poor > 0 ? [`${ordered.poor} poor`] : []),
  ].join(', ')
}
const file = (as: string) => {
  const part = new URLSearchParams(
    Object.entries({ ...scope.value }).flatMap(([k, v]) =>
      v === undefined || v === false ? [] : [[k, String(v)]],
    ),
  )
  part.set('as', as)
  void save(`/api/gardens/${bed.garden!.id}/schedule?${part}`)
}
</script>

<template>
  <section class="worksheet" aria-labelledby="schedule-title">
    <header>
      <div>
        <h2 id="schedule-title">Plant schedule</h2>
        <p class="hint">
          <b>{{ shown.plants }}</b>
          plants in {{ lines.length }} lines,
          <b>{{ shown.buy }}</b>
          to buy. One letter a kind in the whole garden; prices are typical until a nursery’s list is taken in.
          <FieldNote of="spare" />
        </p>
      </div>
      <div class="acts">
        <USelect v-model="bedChoice" :items="bedItems" size="sm" aria-label="Bed counted" class="w-48" />
        <USelect v-if="chosenBed" v-model="laneChoice" :items="laneItems" size="sm" aria-label="Lane counted" />
        <UCheckbox v-if="isRepeated" v-model="segment" label="one part" />
        <USelect
          v-if="phaseItems.length > 2"
          v-model="phaseChoice"
          :items="phaseItems"
          size="sm"
          aria-label="Phase counted"
        />
        <UButton size="sm" icon="i-lucide-download" :disabled="lines.length === 0" @click="file('csv')">
          CSV
        </UButton>
        <UButton size="sm" color="neutral" variant="outline" :disabled="lines.length === 0" @click="file('xlsx')">
          XLSX
        </UButton>
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="whole.missing.length > 0" class="problem">
      Not in the library, so not counted: {{ whole.missing.join(', ') }}. Import them under Plants.
    </p>
    <NextStep
      v-if="lines.length === 0"
      :to="composeTo"
      action="Compose"
      icon="i-lucide-layers"
      :sample="SAMPLES.schedule"
    >
      Nothing to count yet: what you set into the lanes of a bed is counted here, with spares, sizes and prices.
    </NextStep>
    <UTable
      v-else
      v-roving="'tr:has(.plant)'"
      v-model:expanded="expanded"
      :data="lines"
      :columns="columns"
      :get-row-id="rowId"
      :ui="{ base: 'w-full' }"
      data-testid="schedule"
    >
      <template #key-cell="{ row }">
        <span class="letters">{{ row.original.key }}</span>
      </template>
      <template #plant-cell="{ row }">
        <button
          class="plant flex items-center gap-2.5 leading-tight text-base text-left cursor-pointer"
          :aria-expanded="expanded[row.id] === true"
          @click="open(row.id)"
        >
          <PlantPortrait :plant="row.original.plant" :month="compose.moment.month" :width="32" :height="30" />
          <span>
            <BotanicalName :name="row.original.plant.botanicalName" />
            <br />
            <small class="text-xs text-soft">{{ row.original.plant.commonName }}</small>
          </span>
          <UIcon
            name="i-lucide-chevron-down"
            class="text-soft flex-none [&.up]:[transform:rotate(180deg)] size-4"
            :class="{ up: expanded[row.id] }"
          />
        </button>
      </template>
      <template #need-cell="{ row }">
        <b>{{ row.original.need }}</b>
      </template>
      <template #spare-cell="{ row }">{{ row.original.spare || '' }}</template>
      <template #used-cell="{ row }">{{ row.original.used || '' }}</template>
      <template #buy-cell="{ row }">
        <b>{{ row.original.buy }}</b>
      </template>
      <template #size-cell="{ row }">
        <span class="whitespace-nowrap">
          {{
            row.original.buy === 0 && row.original.state === 'to raise' ? row.original.way : row.original.size.label
          }}
        </span>
      </template>
      <template #price-cell="{ row }">{{ asMoney(row.original.price) }}</template>
      <template #total-cell="{ row }">{{ asMoney(row.original.total) }}</template>
      <template #phase-cell="{ row }">{{ row.original.phase }}</template>
      <template #state-cell="{ row }">
        <span class="state" :class="stateClass(row.original)">{{ stateWords(row.original) }}</span>
      </template>
      <template #expanded="{ row }">
        <CountLineCard :line="row.original" />
      </template>
    </UTable>
    <footer class="total">
      <span>Total</span>
      <b data-testid="total">{{ asMoney(shown.total) }}</b>
    </footer>
  </section>
</template>
