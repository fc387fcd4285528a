<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import type { ScheduleLine } from '~~/core/count'

const store = useBedStore()
const compose = useComposeStore()
const { plantSchedule } = useScene()
const money = (n: number) => n.toLocaleString(undefined, { minimumFractionDigits: 2, maximumFractionDigits: 2 })
const RIGHT = { class: { th: 'text-right', td: 'text-right' } }
const columns: TableColumn<ScheduleLine>[] = [
  { id: 'key', header: 'Key' },
  { id: 'plant', header: 'Plant' },
  { id: 'need', header: 'Need' },
  { id: 'have', header: 'Have' },
  { id: 'buy', header: 'Buy' },
  { id: 'size', header: 'Size bought' },
  { id: 'price', header: 'Each', meta: RIGHT },
  { id: 'total', header: 'Total', meta: RIGHT },
]
const lines = computed(() => [...(plantSchedule.value?.lines ?? [])])
const toBuy = computed(() => lines.value.reduce((sum, l) => sum + l.buy, 0))

function setBuying(line: ScheduleLine, change: { size?: string; have?: number }) {
  store.edit({
    kind: 'setBuying',
    plantId: line.plant.id,
    buying: { plantId: line.plant.id, size: change.size ?? line.size.label, have: change.have ?? line.haveByHand },
  })
}
const sizes = (line: ScheduleLine) =>
  line.plant.sizes.map((s) => ({ label: `${s.label} · ${money(s.price)}`, value: s.label }))

const exporting = ref(false)
const exportProblem = ref('')
/** What is on screen is saved first, so that the file is never behind it. */
async function exportCsv() {
  exporting.value = true
  exportProblem.value = ''
  await store.save()
  exporting.value = false
  if (store.saveState !== 'saved') {
    exportProblem.value =
      'The bed is not saved yet, so the file would be behind. It is made as soon as the server answers.'
    return
  }
  const link = document.createElement('a')
  link.href = `/api/beds/${store.id}/schedule.csv`
  link.download = ''
  link.click()
}
</script>

<template>
  <div class="page">
    <div class="sheet">
      <header>
        <div>
          <h2>Plant schedule</h2>
          <p>
            {{ plantSchedule?.plants ?? 0 }} plants of {{ lines.length }} kinds, {{ toBuy }} to buy. Prices are
            typical: the nursery’s own count.
          </p>
        </div>
        <UButton icon="i-lucide-download" :loading="exporting" :disabled="lines.length === 0" @click="exportCsv">
          Save as CSV
        </UButton>
      </header>
      <p v-if="exportProblem" class="problem" role="alert">{{ exportProblem }}</p>
      <p v-if="plantSchedule && plantSchedule.missing.length > 0" class="problem">
        Not in the library, so not counted: {{ plantSchedule.missing.join(', ') }}. Import them under Plants.
      </p>
      <UTable
        :data="lines"
        :columns="columns"
        class="lines"
        :ui="{ base: 'w-full' }"
        data-testid="schedule"
        empty="Nothing to count yet: compose the bed first."
      >
        <template #key-cell="{ row }">
          <span class="key">{{ row.original.key }}</span>
        </template>
        <template #plant-cell="{ row }">
          <div class="plant">
            <PlantPortrait :plant="row.original.plant" :month="compose.moment.month" :width="38" :height="34" />
            <span>
              <BotanicalName :name="row.original.plant.botanicalName" />
              <br />
              <small>{{ row.original.plant.commonName }}</small>
            </span>
          </div>
        </template>
        <template #need-cell="{ row }">
          <b>{{ row.original.need }}</b>
        </template>
        <template #have-cell="{ row }">
          <NumberInput
            hide-label
            :label="`Have of ${row.original.plant.commonName}`"
            class="have"
            :model-value="row.original.haveByHand"
            :min="0"
            :max="row.original.need"
            whole
            @update:model-value="(have) => setBuying(row.original, { have })"
          />
        </template>
        <template #buy-cell="{ row }">{{ row.original.buy }}</template>
        <template #size-cell="{ row }">
          <USelect
            :model-value="row.original.size.label"
            :items="sizes(row.original)"
            size="sm"
            class="size"
            :aria-label="`Size of ${row.original.plant.commonName}`"
            @update:model-value="(size) => setBuying(row.original, { size: String(size) })"
          />
        </template>
        <template #price-cell="{ row }">{{ money(row.original.size.price) }}</template>
        <template #total-cell="{ row }">
          <b>{{ money(row.original.total) }}</b>
        </template>
      </UTable>
      <CountMaterials />
      <footer>
        <span>Total</span>
        <b data-testid="total">{{ money(plantSchedule?.total ?? 0) }}</b>
      </footer>
    </div>
  </div>
</template>

<style scoped>
.page {
  overflow-y: auto;
  padding: 20px;
}
.sheet {
  max-width: 1060px;
  margin: 0 auto;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 18px 22px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 20px;
  margin-bottom: 10px;
}
h2 {
  font-size: 21px;
  font-weight: 600;
}
header p,
small {
  color: var(--soft);
}
.plant {
  display: flex;
  align-items: center;
  gap: 10px;
  line-height: 1.25;
  font-size: 14.5px;
}
.plant small {
  font-size: 12.5px;
}
.key {
  display: inline-flex;
  min-width: 26px;
  height: 26px;
  align-items: center;
  justify-content: center;
  border: 1.5px solid var(--soft);
  border-radius: 50%;
  font-weight: 600;
  font-size: 12.5px;
  padding: 0 4px;
}
.have {
  width: 64px;
}
.size {
  width: 150px;
}
footer {
  display: flex;
  justify-content: flex-end;
  gap: 24px;
  font-size: 17px;
  padding: 12px 16px 0;
  border-top: 2px solid var(--line);
}
.problem {
  color: var(--amber-deep);
  padding: 6px 0;
}
@media print {
  .page {
    padding: 0;
  }
  .sheet {
    border: 0;
  }
}
</style>
