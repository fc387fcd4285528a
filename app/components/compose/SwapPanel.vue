<script setup lang="ts">
import { conditionsAt } from '~~/core/scene'
import { DIRECTIONS, type Direction, type Swap } from '~~/core/match'
import type { Plant } from '~~/core/plant'

/** Stand-ins for the chosen drift: what each would cost and bring, tried in all pictures with one click and taken back with another. */
const props = defineProps<{ plant: Plant; driftId: string }>()
const store = useBedStore()
const library = useLibraryStore()
const compose = useComposeStore()
const { scene } = useScene()
const { placed, change } = useChosen()
const direction = ref<Direction>('like it')
const problem = ref('')
const found = shallowRef<readonly Swap[]>([])
/** The plant that stood here before the first try. */
const before = ref<string | null>(null)
const base = computed(() => (before.value ? library.byId.get(before.value) : undefined) ?? props.plant)
const site = computed(() => {
  if (!scene.value) return null
  return placed.value[0] ? conditionsAt(scene.value, placed.value[0]) : scene.value.site
})

watch(
  () => props.driftId,
  () => {
    before.value = null
  },
)
watchEffect(async (clean) => {
  let live = true
  clean(() => {
    live = false
  })
  if (!site.value) return
  const answer = await askSwaps(library.plants, base.value, site.value, direction.value, 5).catch(
    (error: Error) => error,
  )
  if (!live) return
  problem.value = answer instanceof Error ? answer.message : ''
  found.value = answer instanceof Error ? [] : answer
})

function tryIt(plant: Plant) {
  before.value ??= props.plant.id
  change(props.driftId, { plantId: plant.id })
}
function goBack() {
  if (before.value) change(props.driftId, { plantId: before.value })
  before.value = null
}
</script>

<template>
  <div class="border-t border-line mt-2.5 pt-1.5 text-xs" data-testid="swap">
    <div class="top flex gap-1.5 items-center flex-wrap">
      <b>Swap for</b>
      <USelect
        v-model="direction"
        :items="DIRECTIONS.map((value) => ({ label: value, value }))"
        size="xs"
        aria-label="Direction of the swap"
        class="w-27"
      />
      <UButton v-if="before" size="xs" color="secondary" variant="soft" icon="i-lucide-undo-2" @click="goBack">
        Back to {{ base.commonName }}
      </UButton>
    </div>
    <p v-if="problem" class="hint text-soft text-xs leading-tight" role="alert">
      {{ problem }} Choose a direction to ask again.
    </p>
    <p v-else-if="found.length === 0" class="hint text-soft text-xs leading-tight">
      Nothing in the library fits this place and is {{ direction === 'like it' ? 'like it' : direction }}.
    </p>
    <ul>
      <li
        class="grid grid-cols-[32px_1fr] gap-x-1.5 items-center py-px px-0 rounded-sm [&.now]:bg-amber/16"
        v-for="s in found"
        :key="s.plant.id"
        :class="{ now: s.plant.id === plant.id }"
      >
        <PlantPortrait class="row-span-2" :plant="s.plant" :month="compose.moment.month" :width="30" :height="30" />
        <button
          class="text-left text-amber-deep underline underline-offset-2 cursor-pointer"
          :disabled="store.dragging"
          @click="tryIt(s.plant)"
        >
          {{ s.plant.commonName }}
        </button>
        <span class="text-soft text-xs leading-tight">
          <span v-if="s.gained.length > 0" class="mr-2">+&nbsp;{{ s.gained.slice(0, 2).join(', ') }}</span>
          <span v-if="s.lost.length > 0" class="mr-2">−&nbsp;{{ s.lost.slice(0, 2).join(', ') }}</span>
        </span>
      </li>
    </ul>
  </div>
</template>
