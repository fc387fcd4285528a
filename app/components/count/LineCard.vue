<script setup lang="ts">
import { SIZE_CLASSES, sizeFigures, WAYS, type CountLine, type Have, type Way } from '~~/core/count'
import { replaceKind, type Edit } from '~~/core/edit'
import type { Plant } from '~~/core/plant'

/** One line of the schedule opened: what is there, how it is come by, and what is done when it cannot be had. */
const props = defineProps<{ line: CountLine }>()
const supply = useSupplyStore()
const library = useLibraryStore()
const { scene } = useScene()
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

const stand = shallowRef<readonly Plant[]>([])
const asked = ref(false)
const standProblem = ref('')
/** Stand-ins by role, for the place of the kind: as Swap ranks them. */
async function askStandIns() {
  asked.value = true
  standProblem.value = ''
  if (!scene.value) return
  try {
    const found = await askSwaps(library.plants, props.line.plant, scene.value.site, 'like it', 5)
    stand.value = found.map((f) => f.plant)
  } catch (error) {
    standProblem.value = messageOf(error)
  }
}
function notFound(on: boolean) {
  set({ notFound: on, reserved: null }, on ? 'not found' : 'found again')
  if (on) void askStandIns()
}
async function takeInstead(plant: Plant) {
  const edits = new Map<string, Edit>()
  for (const { id, bed } of beds.value) {
    const edit = replaceKind(bed, props.line.plant.id, plant.id, `${plant.commonName} instead of ${name.value}`)
    if (edit) edits.set(id, edit)
  }
  supply.setLine(plant.id, { insteadOf: props.line.plant.id }, `${plant.commonName} instead of ${name.value}`)
  await editBeds(edits, `${plant.commonName} stands in for ${name.value}`)
}
const isLooking = computed(() => asked.value && stand.value.length === 0 && standProblem.value === '')
const setSpare = (percent: number) => set({ spareShare: percent / 100 }, 'spare')
const fillers = computed(() => [
  { label: 'no filler', value: 'none' },
  ...library.plants
    .filter((p) => p.lifeCycle === 'annual')
    .slice(0, 60)
    .map((p) => ({ label: p.commonName, value: p.id })),
])
const today = new Date().toISOString().slice(0, 10)
const reserve = (fillerId: string, askAgain: string) => set({ reserved: { fillerId, askAgain } }, 'places kept')
const isLacking = computed(() => props.line.settled.notFound || props.line.open > 0)
const instead = computed(() => library.byId.get(props.line.settled.insteadOf)?.commonName ?? '')
</script>

<template>
  <div class="card">
    <p class="hint">
      {{ where }}.
      <template v-if="line.freed > 0">{{ line.freed }} freed by dividing or moving.</template>
      <template v-if="instead">Stands in for {{ instead }}.</template>
    </p>
    <div class="fields">
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
      <UButton
        v-if="isLacking"
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-shuffle"
        @click="askStandIns"
      >
        What could stand in
      </UButton>
    </div>
    <p v-if="standProblem" class="problem" role="alert">{{ standProblem }}</p>
    <div v-if="isLacking" class="lack" data-testid="lack">
      <CountOpenPlaces v-if="line.open > 0" :line="line" />
      <p v-if="isLooking" class="hint">Looking for what plays the same part…</p>
      <ul v-if="stand.length > 0" class="stand">
        <li v-for="p in stand" :key="p.id">
          <PlantPortrait :plant="p" :month="7" :width="28" :height="28" />
          <span>
            <BotanicalName :name="p.botanicalName" />
            <small>{{ p.commonName }}</small>
          </span>
          <UButton size="xs" color="primary" variant="soft" @click="takeInstead(p)">Take it instead</UButton>
        </li>
      </ul>
      <div class="fields">
        <label class="field">
          <span>Or keep the places open, filled this summer with</span>
          <USelect
            :model-value="line.settled.reserved?.fillerId || 'none'"
            :items="fillers"
            size="sm"
            aria-label="Filler for this summer"
            @update:model-value="
              (id) => reserve(id === 'none' ? '' : String(id), line.settled.reserved?.askAgain ?? today)
            "
          />
        </label>
        <label class="field">
          <span>and ask again on</span>
          <UInput
            type="date"
            size="sm"
            :model-value="line.settled.reserved?.askAgain ?? ''"
            aria-label="Ask again on"
            @update:model-value="(day) => reserve(line.settled.reserved?.fillerId ?? '', String(day))"
          />
        </label>
      </div>
    </div>
  </div>
</template>

<style scoped>
.card {
  background: var(--paper);
  border-radius: 6px;
  padding: 8px 12px 10px;
  white-space: normal;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  margin: 6px 0;
  align-items: flex-end;
}
.narrow {
  width: 92px;
}
.field span {
  display: block;
  font-size: 12px;
  color: var(--soft);
  margin-bottom: 2px;
}
.lack {
  border-top: 1px solid var(--line);
  margin-top: 8px;
  padding-top: 6px;
}
.stand li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 2px 0;
}
.stand small {
  color: var(--soft);
  margin-left: 6px;
}
.stand li > span {
  min-width: 300px;
}
</style>
