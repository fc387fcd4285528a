<script setup lang="ts">
import { laneNames } from '~~/core/bed'
import { fullHeightM, misfits, type Plant } from '~~/core/plant'

const store = useBedStore()
const library = useLibraryStore()
const compose = useComposeStore()
const { scene } = useScene()
const { startDrag } = useLaneDrop()
const text = ref('')

const lanes = computed(() => laneNames(store.bed?.laneShares.length ?? 1, store.bed?.form.kind))
const plants = computed(() => (store.bed?.shortlist ?? []).map((id) => library.byId.get(id)).filter((p): p is Plant => !!p)
  .filter((p) => `${p.commonName} ${p.botanicalName}`.toLowerCase().includes(text.value.trim().toLowerCase())))
const inBed = computed(() => new Map((store.bed?.drifts ?? []).map((d) => [d.plantId, d])))
const unfit = (p: Plant) => (scene.value ? misfits(p, scene.value.site).map((m) => m.text).join('; ') : '')

function add(plant: Plant, lane: number) {
  if (!store.bed || !scene.value) return
  const drift = newDrift(plant, lane, freeSpot(lane), store.bed)
  store.edit({ kind: 'addDrift', drift })
  compose.choose(drift.id)
}

/** The middle of the longest empty stretch of a lane, s in metres. */
function freeSpot(lane: number): number {
  const { placement, frame, bed } = scene.value!
  const own = new Set(bed.drifts.filter((d) => d.lane === lane).map((d) => d.id))
  const spans = placement.spans.filter((s) => own.has(s.driftId)).sort((a, b) => a.from - b.from)
  let best = { from: frame.runFrom, to: frame.runFrom }
  let x = frame.runFrom
  for (const span of [...spans, { from: frame.runTo, to: frame.runTo }]) {
    if (span.from - x > best.to - best.from) best = { from: x, to: span.from }
    x = Math.max(x, span.to)
  }
  return frame.sAt((best.from + best.to) / 2)
}
</script>

<template>
  <div class="short">
    <div class="top">
      <UInput v-model="text" size="sm" icon="i-lucide-search" placeholder="In the shortlist" class="grow" aria-label="Search the shortlist" />
      <UButton size="sm" color="neutral" variant="outline" :to="`/beds/${store.id}/plants`">More plants</UButton>
    </div>
    <p v-if="plants.length === 0" class="empty">{{ store.bed?.shortlist.length ? 'Nothing in the shortlist by that name.' : 'The shortlist is empty. Open Plants, and mark what could stand in this bed; it waits here to be dragged into a lane.' }}</p>
    <ul data-testid="shortlist">
      <li v-for="plant in plants" :key="plant.id" class="item">
        <div class="grab" :title="`Drag ${plant.commonName} into a lane`" @pointerdown="startDrag($event, plant)">
          <PlantPortrait :plant="plant" :month="compose.moment.month" :width="44" :height="46" />
        </div>
        <div class="body">
          <span class="name">{{ plant.commonName }}<small v-if="inBed.has(plant.id)">in the bed</small></span>
          <span class="fig">{{ fullHeightM(plant) }} × {{ plant.spreadM }} m<em v-if="unfit(plant)" :title="unfit(plant)">does not suit</em></span>
          <span class="lanes"><button v-for="(name, lane) in lanes" :key="name" class="lane" :class="{ best: lane === laneFor(plant, lanes.length) }" :aria-label="`Add ${plant.commonName} to ${name}`" @click="add(plant, lane)">{{ name }}</button></span>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.top { display: flex; gap: 6px; padding: 9px 12px; border-bottom: 1px solid var(--line); }
.grow { flex: 1; }
.empty { padding: 14px; color: var(--soft); line-height: 1.45; }
.item { display: flex; gap: 8px; padding: 6px 12px; border-bottom: 1px solid color-mix(in srgb, var(--line) 60%, transparent); align-items: center; }
.grab { cursor: grab; touch-action: none; flex: none; border-radius: 6px; background: var(--paper); }
.body { display: flex; flex-direction: column; min-width: 0; flex: 1; line-height: 1.3; }
.name { font-family: var(--font-serif); font-size: 14px; }
.name small { font-family: var(--font-sans); font-size: 10.5px; color: var(--good); margin-left: 6px; }
.fig { font-size: 11.5px; color: var(--soft); }
.fig em { color: var(--amber-deep); font-style: normal; margin-left: 8px; }
.lanes { display: flex; gap: 4px; margin-top: 3px; }
.lane { font-size: 11px; padding: 1px 7px; border: 1px solid var(--line); border-radius: 10px; cursor: pointer; color: var(--soft); }
.lane:hover, .lane.best { border-color: var(--sage); color: var(--ink); }
.lane.best { background: color-mix(in srgb, var(--sage) 22%, transparent); }
</style>
