<script setup lang="ts">
import { isLaneOf, freeSpot } from '~~/core/layout'
import { standIns } from '~~/core/match'
import { NAME_LIMIT } from '~~/core/model'
import type { Plant } from '~~/core/plant'

/** Plants put together: one exchanged for its like, kept by a name, set into the bed in one step. */
const props = defineProps<{ plants: readonly Plant[] }>()
const emit = defineEmits<{ put: [plants: readonly Plant[]] }>()
const store = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const { scene } = useScene()
const sets = computed(() => store.bed?.sets ?? [])
const name = ref('')
const ids = computed(() => props.plants.map((p) => p.id))
const isKept = computed(() => sets.value.some((s) => s.plantIds.join() === ids.value.join()))

function keep() {
  const clean = name.value.trim().slice(0, NAME_LIMIT)
  if (clean === '') return
  const others = sets.value.filter((s) => s.name !== clean)
  store.edit({ kind: 'setBed', change: { sets: [...others, { name: clean, plantIds: ids.value }] } })
  name.value = ''
}
const forget = (set: string) =>
  store.edit({ kind: 'setBed', change: { sets: sets.value.filter((s) => s.name !== set) } })
const open = (plantIds: readonly string[]) =>
  emit(
    'put',
    plantIds.flatMap((id) => library.byId.get(id) ?? []),
  )

const MOST_TRIED = 12
/** For what was put in another's place: whose it was, and how many were tried there. */
const tried = new Map<string, { readonly first: Plant; readonly count: number }>()
/** The next of those that could stand in for a plant here; after the last the first again. */
function exchange(plant: Plant) {
  if (!scene.value) return
  const { first, count } = tried.get(plant.id) ?? { first: plant, count: 0 }
  const others = standIns(first, scene.value, {}, MOST_TRIED).filter((p) => !ids.value.includes(p.id))
  const next = others[count % Math.max(1, others.length)]
  if (!next) return
  tried.set(next.id, { first, count: count + 1 })
  emit(
    'put',
    props.plants.map((p) => (p === plant ? next : p)),
  )
}

function setThem() {
  const { bed } = store
  const now = scene.value
  if (!bed || !now) return
  const lanes = bed.laneShares.length
  const drifts = props.plants.map((plant) => {
    const own = Array.from({ length: lanes }, (_, i) => i).find((i) => isLaneOf(plant, i, lanes, bed.form.kind))
    const lane = own ?? lanes - 1
    return newDrift(plant, lane, freeSpot(now, lane).s, bed)
  })
  store.edit({
    kind: 'all',
    name: 'set plants together',
    edits: drifts.map((drift) => ({ kind: 'addDrift' as const, drift })),
  })
  compose.chooseMany(drifts.map((d) => d.id))
  void navigateTo(`/beds/${store.id}/compose`)
}
</script>

<template>
  <div class="my-2.5 flex flex-wrap gap-2 items-center" data-testid="sets">
    <template v-if="plants.length > 1">
      <UButton size="xs" icon="i-lucide-layers" @click="setThem">Set them into the bed</UButton>
      <UButton
        v-for="p in plants"
        :key="p.id"
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-refresh-cw"
        :aria-label="`Another for ${p.commonName}`"
        @click="exchange(p)"
      >
        {{ p.commonName }}
      </UButton>
      <form v-if="!isKept" class="flex gap-1.5" @submit.prevent="keep">
        <UInput
          v-model="name"
          size="xs"
          placeholder="Name for these"
          aria-label="Name for these plants"
          class="w-37"
        />
        <UButton type="submit" size="xs" color="neutral" variant="outline" :disabled="name.trim() === ''">
          Keep
        </UButton>
      </form>
    </template>
    <span v-if="sets.length > 0" class="text-soft">Kept:</span>
    <span v-for="s in sets" :key="s.name" class="inline-flex items-center border border-line rounded-sm">
      <button class="px-2 py-0.5 cursor-pointer" @click="open(s.plantIds)">{{ s.name }}</button>
      <button
        class="px-1 text-soft cursor-pointer"
        :aria-label="`Keep ${s.name} no longer`"
        @click="forget(s.name)"
      >
        <UIcon name="i-lucide-x" />
      </button>
    </span>
  </div>
</template>
