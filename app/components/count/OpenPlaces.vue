<script setup lang="ts">
import type { CountLine } from '~~/core/count'
import { mixInto, openPlaces, plantWider } from '~~/core/setout'
import type { Edit } from '~~/core/edit'

/** A line that is short: which places stay open, and what can be done: plant fewer wider, mix another kind in, or wait. */
const props = defineProps<{ line: CountLine }>()
const library = useLibraryStore()
const { editBeds, nameOfBed } = useCount()
const { scenes } = useGardenScenes()
const open = computed(() =>
  openPlaces(
    [...scenes.value].map(([id, scene]) => ({ id, plants: scene.planted })),
    props.line.plant.id,
    props.line.open,
  ),
)
/** How many are missing of each drift, by bed. */
const byDrift = computed(() => {
  const drifts = new Map<string, { bedId: string; driftId: string; short: number }>()
  for (const { bedId, plant } of open.value) {
    const key = `${bedId}|${plant.driftId}`
    const there = drifts.get(key) ?? { bedId, driftId: plant.driftId, short: 0 }
    drifts.set(key, { ...there, short: there.short + 1 })
  }
  return [...drifts.values()]
})
const where = computed(() => {
  const counts = new Map<string, number>()
  for (const { bedId } of open.value) counts.set(bedId, (counts.get(bedId) ?? 0) + 1)
  return [...counts].map(([id, n]) => `${n} in ${nameOfBed(id)}`).join(', ')
})

function editsBy(make: (bedId: string, driftId: string, short: number) => Edit | null): Map<string, Edit> {
  const edits = new Map<string, Edit>()
  for (const { bedId, driftId, short } of byDrift.value) {
    const edit = make(bedId, driftId, short)
    const there = edits.get(bedId)
    if (edit) edits.set(bedId, there ? { kind: 'all', name: 'answer what is short', edits: [there, edit] } : edit)
  }
  return edits
}
const wider = computed(() =>
  editsBy((bedId, driftId, short) => {
    const scene = scenes.value.get(bedId)
    return scene ? plantWider(scene, driftId, short) : null
  }),
)
const mixes = computed(() =>
  [...library.plants]
    .filter((p) => p.id !== props.line.plant.id && p.kind === props.line.plant.kind)
    .sort(
      (a, b) =>
        Math.abs(a.foliageHeightM - props.line.plant.foliageHeightM) -
        Math.abs(b.foliageHeightM - props.line.plant.foliageHeightM),
    )
    .slice(0, 40)
    .map((p) => ({ label: p.commonName, value: p.id })),
)
function mix(id: string) {
  const other = library.byId.get(id)
  if (!other) return
  const edits = editsBy((bedId, driftId, short) => {
    const scene = scenes.value.get(bedId)
    return scene ? mixInto(scene.bed, driftId, other, short) : null
  })
  void editBeds(edits, `${props.line.open} ${other.commonName} mixed in`)
}
const said = computed(
  () =>
    `${props.line.open} places stay open: ${where.value}. They are ringed in Set out; single plants and small groups are filled first.`,
)
const name = computed(() => props.line.plant.commonName)
</script>

<template>
  <div>
    <p class="hint">{{ said }}</p>
    <div class="acts flex gap-3 items-center my-1 mx-0">
      <UButton
        v-if="wider.size > 0"
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-move-horizontal"
        @click="editBeds(wider, `${name} planted wider`)"
      >
        Plant the rest wider
      </UButton>
      <label class="flex gap-1.5 items-center text-sm">
        <span>Mix in</span>
        <USelectMenu
          :items="mixes"
          :model-value="undefined"
          value-key="value"
          size="xs"
          class="w-56"
          placeholder="another kind"
          :aria-label="`Kind mixed in for what is short of ${name}`"
          @update:model-value="(id: string) => mix(id)"
        />
      </label>
    </div>
  </div>
</template>
