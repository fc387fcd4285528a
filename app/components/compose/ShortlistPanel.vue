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
    <div class="top">
      <UInput
        v-model="text"
        size="sm"
        icon="i-lucide-search"
        placeholder="In the shortlist"
        class="grow"
        aria-label="Search the shortlist"
      />
      <UButton size="sm" color="neutral" variant="outline" :to="`/beds/${store.id}/plants`">More plants</UButton>
    </div>
    <div class="empty-place">
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
        <p class="lanes">
          <span>in the widest gap of</span>
          <button
            v-for="(name, lane) in lanes"
            :key="name"
            class="lane"
            :class="{ best: lane === emptyLane }"
            :aria-pressed="lane === emptyLane"
            :aria-label="`Empty place in ${name}`"
            @click="emptyLane = lane"
          >
            {{ name }}
          </button>
        </p>
        <ComposePlacePanel :at-m="place.s" :lane="place.lane" class="inner" />
      </template>
    </div>
    <NextStep
      v-if="isBare"
      :to="`/beds/${store.id}/plants`"
      action="Open Plants"
      icon="i-lucide-sprout"
      :sample="SAMPLES.shortlist"
      class="empty"
    >
      The shortlist is empty. Mark in Plants what could stand in this bed; it waits here to be dragged into a lane.
    </NextStep>
    <p v-else-if="plants.length === 0" class="empty">Nothing in the shortlist by that name.</p>
    <ul ref="list" v-roving="'li'" data-testid="shortlist">
      <li v-for="plant in plants" :key="plant.id" class="item">
        <div class="grab" :data-plant="plant.id" :title="`Drag ${plant.commonName} into a lane`">
          <PlantPortrait :plant="plant" :month="compose.moment.month" :width="44" :height="46" />
        </div>
        <div class="body">
          <span class="name">
            {{ plant.commonName }}
            <small v-if="inBed.has(plant.id)">in the bed</small>
          </span>
          <span class="fig">
            {{ length(fullHeightM(plant)) }} × {{ length(plant.spreadM) }}
            <em v-if="unfit(plant)" :title="unfit(plant)">does not suit</em>
          </span>
          <span class="lanes">
            <button
              v-for="(name, lane) in lanes"
              :key="name"
              class="lane"
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
.top {
  display: flex;
  gap: 6px;
  padding: 9px 12px;
  border-bottom: 1px solid var(--line);
}
.grow {
  flex: 1;
}
.empty-place {
  padding: 8px 12px;
  border-bottom: 1px solid var(--line);
}
.empty-place .lanes {
  align-items: center;
  flex-wrap: wrap;
  margin: 6px 0;
  font-size: 11.5px;
  color: var(--soft);
}
.inner {
  padding: 0;
}
.empty {
  padding: 14px;
  color: var(--soft);
  line-height: 1.45;
}
.item {
  display: flex;
  gap: 8px;
  padding: 6px 12px;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 60%, transparent);
  align-items: center;
}
.grab {
  cursor: grab;
  touch-action: none;
  flex: none;
  border-radius: 6px;
  background: var(--paper);
}
.body {
  display: flex;
  flex-direction: column;
  min-width: 0;
  flex: 1;
  line-height: 1.3;
}
.name {
  font-family: var(--font-serif);
  font-size: 14px;
}
.name small {
  font-family: var(--font-sans);
  font-size: 10.5px;
  color: var(--good);
  margin-left: 6px;
}
.fig {
  font-size: 11.5px;
  color: var(--soft);
}
.fig em {
  color: var(--amber-deep);
  font-style: normal;
  margin-left: 8px;
}
.lanes {
  display: flex;
  gap: 4px;
  margin-top: 3px;
}
.lane {
  font-size: 11px;
  padding: 1px 7px;
  border: 1px solid var(--line);
  border-radius: 10px;
  cursor: pointer;
  color: var(--soft);
}
.lane:hover,
.lane.best {
  border-color: var(--sage);
  color: var(--ink);
}
.lane.best {
  background: color-mix(in srgb, var(--sage) 22%, transparent);
}
</style>
