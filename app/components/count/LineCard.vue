<script setup lang="ts">
import { SIZE_CLASSES, WAYS, type Have, type Way } from '~~/core/model'
import { sizeFigures, type CountLine } from '~~/core/count'
import type { Edit } from '~~/core/edit'

/** One line of the schedule opened: what is there, how it is come by, and what is done when it cannot be had. */
const props = defineProps<{ line: CountLine }>()
const supply = useSupplyStore()
const library = useLibraryStore()
const { beds, nameOfBed, editBeds, asMoney } = useCount()
const name = computed(() => props.line.plant.commonName)
const set = (change: Parameters<typeof supply.setLine>[1], what: string) =>
  supply.setLine(props.line.plant.id, change, `${what} of ${name.value}`)
const HAVES = [
  { id: 'bench', label: 'On the bench' },
  { id: 'kept', label: 'Kept from last year' },
  { id: 'selfSown', label: 'Self-sown, left' },
] as const
const setHave = (id: keyof Have, n: number) => set({ have: { ...props.line.have, [id]: n } }, 'what is there')
const ways = WAYS.map((value) => ({ label: value, value }))
const suppliers = computed(() => [
  { label: 'open', value: 'open' },
  ...supply.supply.suppliers.map((s) => ({ label: s.name, value: s.id })),
])
const sizes = computed(() =>
  props.line.plant.sizes.map((s) => ({ label: `${s.label} · ${asMoney(s.price)}`, value: s.label })),
)
/** The size is the beds’ own: it is changed in all beds that hold the kind. */
function setSize(size: string) {
  const edits = new Map<string, Edit>()
  for (const id of new Set(props.line.places.map((p) => p.bedId))) {
    const have =
      beds.value.find((b) => b.id === id)?.bed.buying.find((b) => b.plantId === props.line.plant.id)?.have ?? 0
    const buying = { plantId: props.line.plant.id, size, have }
    edits.set(id, { kind: 'setBuying', plantId: props.line.plant.id, buying })
  }
  void editBeds(edits, `${name.value} bought as ${size}`)
}
const where = computed(() => {
  const counts = new Map<string, number>()
  for (const p of props.line.places) counts.set(p.bedId, (counts.get(p.bedId) ?? 0) + p.count)
  return [...counts].map(([id, n]) => `${n} in ${nameOfBed(id)}`).join(', ')
})
const spareNote = computed(() => {
  const kind = sizeFigures(props.line.size.label).sizeClass
  return `usual for ${SIZE_CLASSES.includes(kind) ? kind : 'this'} sizes: ${Math.round(supply.supply.spares[kind] * 100)} %`
})
const spare = computed(() => {
  const own = props.line.settled.spareShare
  return Math.round((own ?? supply.supply.spares[sizeFigures(props.line.size.label).sizeClass]) * 100)
})

const notFound = (on: boolean) => set({ notFound: on, reserved: null }, on ? 'not found' : 'found again')
const setSpare = (percent: number) => set({ spareShare: percent / 100 }, 'spare')
const isLacking = computed(() => props.line.settled.notFound || props.line.open > 0)
const instead = computed(() => library.byId.get(props.line.settled.insteadOf)?.commonName ?? '')
</script>

<template>
  <div class="bg-paper rounded-sm pt-2.5 pb-3 px-3.5 whitespace-normal">
    <p class="hint">
      {{ where }}.
      <template v-if="line.freed > 0">{{ line.freed }} freed by dividing or moving.</template>
      <template v-if="instead">Stands in for {{ instead }}.</template>
    </p>
    <div class="flex flex-wrap gap-y-2.5 gap-x-3.5 my-1.5 mx-0 items-end">
      <NumberInput
        v-for="h in HAVES"
        :key="h.id"
        :label="h.label"
        :model-value="line.have[h.id]"
        :min="0"
        :max="100000"
        whole
        class="narrow"
        @update:model-value="(n) => setHave(h.id, n)"
      />
      <label class="field">
        <span>How</span>
        <USelect
          :model-value="line.way"
          :items="ways"
          size="sm"
          :aria-label="`How ${name} is come by`"
          @update:model-value="(way) => set({ way: way as Way }, 'way')"
        />
      </label>
      <label class="field">
        <span>Size</span>
        <USelect
          :model-value="line.size.label"
          :items="sizes"
          size="sm"
          :aria-label="`Size of ${name}`"
          @update:model-value="(size) => setSize(String(size))"
        />
      </label>
      <NumberInput
        label="Price each"
        :model-value="line.price"
        :min="0"
        :max="100000"
        class="narrow"
        @update:model-value="(price) => set({ price }, 'price')"
      />
      <NumberInput
        label="Sold by"
        :model-value="line.pack"
        :min="1"
        :max="10000"
        whole
        class="narrow"
        @update:model-value="(pack) => set({ pack }, 'pack')"
      />
      <NumberInput
        label="Spare, %"
        :title="spareNote"
        :model-value="spare"
        :min="0"
        :max="100"
        class="narrow"
        @update:model-value="setSpare"
      />
      <label class="field">
        <span>Supplier</span>
        <USelect
          :model-value="line.settled.supplierId || 'open'"
          :items="suppliers"
          size="sm"
          :aria-label="`Supplier of ${name}`"
          @update:model-value="(id) => set({ supplierId: id === 'open' ? '' : String(id) }, 'supplier')"
        />
      </label>
      <label class="field">
        <span>Wanted on site</span>
        <UInput
          type="date"
          size="sm"
          :model-value="line.settled.wanted"
          :aria-label="`Day on which ${name} is wanted`"
          @update:model-value="(day) => set({ wanted: String(day) }, 'day wanted')"
        />
      </label>
      <NumberInput
        label="Phase"
        :model-value="line.phase"
        :min="1"
        :max="12"
        whole
        class="narrow"
        @update:model-value="(phase) => set({ phase }, 'phase')"
      />
    </div>
    <div class="acts">
      <UButton
        v-if="!line.settled.notFound"
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-search-x"
        @click="notFound(true)"
      >
        Not found
      </UButton>
      <UButton v-else size="xs" color="neutral" variant="outline" icon="i-lucide-check" @click="notFound(false)">
        Found after all
      </UButton>
    </div>
    <CountLack v-if="isLacking" :line="line" />
  </div>
</template>
