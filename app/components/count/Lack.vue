<script setup lang="ts">
import type { CountLine } from '~~/core/count'
import { replaceKind, type Edit } from '~~/core/edit'
import type { Plant } from '~~/core/plant'

/** A line that cannot be had, or not all of it: what could stand in, and places kept open with a filler and a day to ask again. */
const props = defineProps<{ line: CountLine }>()
const supply = useSupplyStore()
const library = useLibraryStore()
const { scene } = useScene()
const { beds, editBeds } = useCount()
const name = computed(() => props.line.plant.commonName)
const set = (change: Parameters<typeof supply.setLine>[1], what: string) =>
  supply.setLine(props.line.plant.id, change, `${what} of ${name.value}`)

const stand = shallowRef<readonly Plant[]>([])
const asked = ref(false)
const standProblem = ref('')
/** Stand-ins by role, for the place of the kind: as Swap ranks them. */
async function askStandIns() {
  asked.value = true
  standProblem.value = ''
  if (!scene.value) return
  try {
    const found = await askSwaps(
      library.plants,
      library.byId.get(props.line.plant.id) ?? props.line.plant,
      scene.value.site,
      'like it',
      5,
    )
    stand.value = found.map((f) => f.plant)
  } catch (error) {
    standProblem.value = messageOf(error)
  }
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
const fillers = computed(() => [
  { label: 'no filler', value: 'none' },
  ...library.plants
    .filter((p) => p.lifeCycle === 'annual')
    .slice(0, 60)
    .map((p) => ({ label: p.commonName, value: p.id })),
])
const now = today()
const reserve = (fillerId: string, askAgain: string) => set({ reserved: { fillerId, askAgain } }, 'places kept')
</script>

<template>
  <div class="border-t border-line mt-2.5 pt-1.5" data-testid="lack">
    <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-shuffle" @click="askStandIns">
      What could stand in
    </UButton>
    <p v-if="standProblem" class="problem" role="alert">{{ standProblem }}</p>
    <CountOpenPlaces v-if="line.open > 0" :line="line" />
    <p v-if="isLooking" class="hint">Looking for what plays the same part…</p>
    <ul v-if="stand.length > 0" class="stand">
      <li class="flex items-center gap-3 py-0.5 px-0" v-for="p in stand" :key="p.id">
        <PlantPortrait :plant="p" :month="7" :width="28" :height="28" />
        <span class="min-w-86">
          <BotanicalName :name="p.botanicalName" />
          <small class="text-soft ml-1.5">{{ p.commonName }}</small>
        </span>
        <UButton size="xs" color="primary" variant="soft" @click="takeInstead(p)">Take it instead</UButton>
      </li>
    </ul>
    <div class="flex flex-wrap gap-y-2.5 gap-x-3.5 my-1.5 mx-0">
      <label class="field">
        <span>Or keep the places open, filled this summer with</span>
        <USelect
          :model-value="line.settled.reserved?.fillerId || 'none'"
          :items="fillers"
          size="sm"
          aria-label="Filler for this summer"
          @update:model-value="
            (id) => reserve(id === 'none' ? '' : String(id), line.settled.reserved?.askAgain ?? now)
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
</template>
