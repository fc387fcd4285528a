<script setup lang="ts">
import { plainSize, PRICE_FIELDS, withLine, type PriceField } from '~~/core/count'
import type { PricesAnswer } from '~~/shared/answers'

/** A nursery's own price list: its columns are named once and remembered; nothing is taken before it was looked through. */
const supply = useSupplyStore()
const bed = useBedStore()
const { whole } = useCount()
const toast = useToast()
const input = ref<HTMLInputElement>()
const file = shallowRef<File | null>(null)
const answer = shallowRef<PricesAnswer | null>(null)
const problem = ref('')
const busy = ref(false)
const supplierId = ref(supply.supply.suppliers[0]?.id ?? '')
const suppliers = computed(() => supply.supply.suppliers.map((s) => ({ label: s.name, value: s.id })))
const columns = ref<Partial<Record<PriceField, string>>>({})
const LABELS: Readonly<Record<PriceField, string>> = {
  name: 'Botanical name',
  common: 'Common name',
  size: 'Size',
  price: 'Price each',
  pack: 'Sold by',
  stock: 'In stock',
}
const NONE = '-'
const headings = computed(() => [
  { label: 'not in the list', value: NONE },
  ...[...new Set(answer.value?.headings ?? [])].filter((h) => h !== '').map((h) => ({ label: h, value: h })),
])

const { sending, send, stop } = useSending()

async function choose(event: Event) {
  file.value = (event.target as HTMLInputElement).files?.[0] ?? null
  columns.value = {}
  ;(event.target as HTMLInputElement).value = ''
  if (file.value) await read()
}
async function read() {
  busy.value = true
  problem.value = ''
  const query = Object.fromEntries(Object.entries(columns.value).map(([k, v]) => [`column.${k}`, v]))
  try {
    const asked = new URLSearchParams({ ...query, supplier: supplierId.value, file: file.value?.name ?? '' })
    answer.value = await send(
      'prices',
      `/api/gardens/${bed.garden!.id}/prices?${asked.toString()}`,
      file.value!,
      'application/octet-stream',
      file.value!.name,
    )
  } catch (error) {
    problem.value = messageOf(error)
    answer.value = null
  }
  busy.value = false
}
function setColumn(field: PriceField, heading: string) {
  columns.value = { ...columns.value, [field]: heading }
  void read()
}
/** Offers for lines of the schedule in their size. */
const fitting = computed(() => {
  const offers = answer.value?.offers ?? []
  return whole.value.lines.flatMap((line) => {
    const own = offers.filter((o) => o.plantId === line.plant.id)
    const offer = own.find((o) => plainSize(o.size) === plainSize(line.size.label)) ?? own[0]
    return offer ? [{ line, offer, same: plainSize(offer.size) === plainSize(line.size.label) }] : []
  })
})
function take() {
  if (!answer.value) return
  let next = supply.supply
  for (const { line, offer, same } of fitting.value) {
    if (!same) continue
    next = withLine(next, line.plant.id, { price: offer.price, pack: offer.pack, supplierId: supplierId.value })
  }
  const kept = Object.fromEntries(Object.entries(answer.value.columns).filter(([, v]) => v)) as Record<
    string,
    string
  >
  const named = next.suppliers.map((s) => (s.id === supplierId.value ? { ...s, columns: kept } : s))
  supply.set({ lines: next.lines, suppliers: named }, 'take prices in')
  toast.add({ title: `Prices for ${fitting.value.filter((f) => f.same).length} lines were taken in` })
  answer.value = null
  file.value = null
}
const others = computed(() => fitting.value.filter((f) => !f.same).length)
</script>

<template>
  <div class="prices">
    <SendingFile :sending="sending" @stop="stop" />
    <div class="acts">
      <input
        ref="input"
        type="file"
        accept=".csv,.tsv,.txt,.xlsx"
        class="sr-only"
        aria-label="Price list"
        @change="choose"
      />
      <UButton
        size="sm"
        color="neutral"
        variant="outline"
        icon="i-lucide-file-up"
        :loading="busy"
        @click="input?.click()"
      >
        Take in a price list
      </UButton>
      <span class="hint">CSV or XLSX as the nursery sends it</span>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="answer" class="bg-paper rounded-sm py-2.5 px-3.5 mt-1.5" data-testid="price-list">
      <p class="hint">
        {{ file?.name }}: {{ answer.rows }} rows ({{ answer.encoding }}). {{ answer.offers.length }} read,
        {{ answer.unknown.length }} names are not in the library, {{ answer.errors.length }} rows need mending.
        <b>{{ fitting.length }} of your {{ whole.lines.length }} lines</b>
        are offered
        <span v-if="others > 0">, {{ others }} of them in another size</span>
        .
      </p>
      <div class="acts">
        <label class="field">
          <span>Whose list</span>
          <USelect v-model="supplierId" :items="suppliers" size="xs" aria-label="Whose list it is" />
        </label>
        <label v-for="f in PRICE_FIELDS" :key="f" class="field">
          <span>{{ LABELS[f] }}</span>
          <USelect
            :model-value="answer.columns[f] ?? NONE"
            :items="headings"
            size="xs"
            :aria-label="`Column of ${LABELS[f]}`"
            @update:model-value="(h) => setColumn(f, String(h))"
          />
        </label>
      </div>
      <ul v-if="answer.errors.length > 0" class="problem">
        <li v-for="e in answer.errors.slice(0, 5)" :key="e.line">
          Row {{ e.line }}, {{ e.column }}: “{{ e.came }}” came, {{ e.expected }} was expected.
        </li>
      </ul>
      <p v-if="answer.unknown.length > 0" class="hint">
        Not in the library:
        {{
          answer.unknown
            .slice(0, 6)
            .map((u) => u.name)
            .join(', ')
        }}
        <span v-if="answer.unknown.length > 6">and more</span>
      </p>
      <div class="acts">
        <UButton size="sm" :disabled="fitting.length === 0" @click="take">Take these prices</UButton>
        <UButton size="sm" color="neutral" variant="ghost" @click="answer = null">Leave it</UButton>
      </div>
    </div>
  </div>
</template>
