<script setup lang="ts">
import { kindsOf, laneNames } from '~~/core/bed'
import { freeSpot, isLaneOf } from '~~/core/layout'
import { fullHeightM, misfits, type Plant } from '~~/core/plant'

const { length } = useManner()

const store = useBedStore()
const library = useLibraryStore()
const compose = useComposeStore()
const { scene } = useScene()
const list = useTemplateRef<HTMLElement>('list')
useLaneDrop(list)
const text = ref('')

const lanes = computed(() => laneNames(store.bed?.laneShares.length ?? 1, store.bed?.form.kind))
const plants = computed(() =>
  (store.bed?.shortlist ?? [])
    .map((id) => library.byId.get(id))
    .filter((p): p is Plant => !!p)
    .filter((p) => `${p.commonName} ${p.botanicalName}`.toLowerCase().includes(text.value.trim().toLowerCase())),
)
const isBare = computed(() => (store.bed?.shortlist.length ?? 0) === 0)
const inBed = computed(() => new Set((store.bed?.drifts ?? []).flatMap(kindsOf)))
const unfit = (p: Plant) =>
  scene.value
    ? misfits(p, scene.value.site)
        .map((m) => m.text)
        .join('; ')
    : ''

function add(plant: Plant, lane: number) {
  if (!store.bed || !scene.value) return
  const drift = newDrift(plant, lane, freeSpot(scene.value, lane).s, store.bed)
  store.edit({ kind: 'addDrift', drift })
  compose.choose(drift.id)
}

const emptyLane = ref<number | null>(null)
const toggleEmpty = () => {
  const fill = scene.value?.placement.laneFill ?? []
  emptyLane.value = emptyLane.value === null ? Math.max(0, fill.indexOf(Math.min(...fill))) : null
}
/** The emptiest place of the lane. */
const place = computed(() => {
  const now = scene.value
  const lane = emptyLane.value
  return now && lane !== null && lane < lanes.value.length ? { s: freeSpot(now, lane).s, lane } : null
})
</script>

<template>
  <div class="short">
    <div class="top flex gap-1.5 py-2.5 px-3.5 border-b border-line">
      <UInput
        v-model="text"
        size="sm"
        icon="i-lucide-search"
        placeholder="In the shortlist"
        class="flex-1"
        aria-label="Search the shortlist"
      />
      <UButton size="sm" color="neutral" variant="outline" :to="`/beds/${store.id}/plants`">More plants</UButton>
    </div>
    <div class="py-2.5 px-3.5 border-b border-line">
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-users"
        :aria-expanded="emptyLane !== null"
        @click="toggleEmpty"
      >
        Partners for an empty place
      </UButton>
      <template v-if="place">
        <p class="flex gap-1 items-center flex-wrap my-1.5 mx-0 text-xs text-soft">
          <span>in the widest gap of</span>
          <button
            v-for="(name, lane) in lanes"
            :key="name"
            class="lane [&.best]:border-sage [&.best]:text-ink [&.best]:bg-sage/22"
            :class="{ best: lane === emptyLane }"
            :aria-pressed="lane === emptyLane"
            :aria-label="`Empty place in ${name}`"
            @click="emptyLane = lane"
          >
            {{ name }}
          </button>
        </p>
        <ComposePlacePanel :at-m="place.s" :lane="place.lane" class="p-0" />
      </template>
    </div>
    <NextStep
      v-if="isBare"
      :to="`/beds/${store.id}/plants`"
      action="Open Plants"
      icon="i-lucide-sprout"
      :sample="SAMPLES.shortlist"
      class="p-4 text-soft leading-normal"
    >
      The shortlist is empty. Mark in Plants what could stand in this bed; it waits here to be dragged into a lane.
    </NextStep>
    <p v-else-if="plants.length === 0" class="p-4 text-soft leading-normal">
      Nothing in the shortlist by that name.
    </p>
    <ul ref="list" v-roving="'li'" data-testid="shortlist">
      <li
        v-for="plant in plants"
        :key="plant.id"
        class="flex gap-2.5 py-1.5 px-3.5 border-b border-line/60 items-center"
      >
        <div
          class="cursor-grab touch-none flex-none rounded-sm bg-paper"
          :data-plant="plant.id"
          :title="`Drag ${plant.commonName} into a lane`"
        >
          <PlantPortrait :plant="plant" :month="compose.moment.month" :width="44" :height="46" />
        </div>
        <div class="flex flex-col min-w-0 flex-1 leading-snug">
          <span class="font-serif text-base">
            {{ plant.commonName }}
            <small class="font-sans text-xs text-good ml-1.5" v-if="inBed.has(plant.id)">in the bed</small>
          </span>
          <span class="text-xs text-soft">
            {{ length(fullHeightM(plant)) }} × {{ length(plant.spreadM) }}
            <em class="text-amber-deep not-italic ml-2.5" v-if="unfit(plant)" :title="unfit(plant)">
              does not suit
            </em>
          </span>
          <span class="flex gap-1 mt-1">
            <button
              v-for="(name, lane) in lanes"
              :key="name"
              class="lane [&.lanes]:flex [&.lanes]:gap-1 [&.lanes]:mt-1 [&.best]:border-sage [&.best]:text-ink [&.best]:bg-sage/22"
              :class="{ best: isLaneOf(plant, lane, lanes.length, store.bed?.form.kind) }"
              :aria-label="`Add ${plant.commonName} to ${name}`"
              @click="add(plant, lane)"
            >
              {{ name }}
            </button>
          </span>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
@layer components {
  .lane {
    font-size: var(--text-xs);
    padding: 1px 7px;
    border: 1px solid var(--line);
    border-radius: 10px;
    cursor: pointer;
    color: var(--soft);
  }
  .lane:hover {
    border-color: var(--sage);
    color: var(--ink);
  }
}
</style>
