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
  <div class="swap" data-testid="swap">
    <div class="top">
      <b>Swap for</b>
      <USelect
        v-model="direction"
        :items="DIRECTIONS.map((value) => ({ label: value, value }))"
        size="xs"
        aria-label="Direction of the swap"
        class="direction"
      />
      <UButton v-if="before" size="xs" color="secondary" variant="soft" icon="i-lucide-undo-2" @click="goBack">
        Back to {{ base.commonName }}
      </UButton>
    </div>
    <p v-if="problem" class="hint" role="alert">{{ problem }} Choose a direction to ask again.</p>
    <p v-else-if="found.length === 0" class="hint">
      Nothing in the library fits this place and is {{ direction === 'like it' ? 'like it' : direction }}.
    </p>
    <ul>
      <li v-for="s in found" :key="s.plant.id" :class="{ now: s.plant.id === plant.id }">
        <PlantPortrait :plant="s.plant" :month="compose.moment.month" :width="30" :height="30" />
        <button class="name" :disabled="store.dragging" @click="tryIt(s.plant)">{{ s.plant.commonName }}</button>
        <span class="why">
          <span v-if="s.gained.length > 0" class="change">+&nbsp;{{ s.gained.slice(0, 2).join(', ') }}</span>
          <span v-if="s.lost.length > 0" class="change">−&nbsp;{{ s.lost.slice(0, 2).join(', ') }}</span>
        </span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.swap {
  border-top: 1px solid var(--line);
  margin-top: 8px;
  padding-top: 6px;
  font-size: 12px;
}
.top {
  display: flex;
  gap: 6px;
  align-items: center;
  flex-wrap: wrap;
}
.direction {
  width: 96px;
}
li {
  display: grid;
  grid-template-columns: 32px 1fr;
  column-gap: 6px;
  align-items: center;
  padding: 1px 0;
  border-radius: 4px;
}
li > canvas {
  grid-row: span 2;
}
.now {
  background: color-mix(in srgb, var(--amber) 16%, transparent);
}
.name {
  text-align: left;
  color: var(--amber-deep);
  text-decoration: underline;
  text-underline-offset: 2px;
  cursor: pointer;
}
.why,
.hint {
  color: var(--soft);
  font-size: 11.5px;
  line-height: 1.25;
}
.change {
  margin-right: 7px;
}
</style>
