<script setup lang="ts">
import type { Drift } from '~~/core/bed'
import { splitDrift, swapOnePlant, type Edit } from '~~/core/edit'

/** What is done with one drift as a whole, or with the one plant of it that is chosen. */
const props = defineProps<{ drift: Drift }>()
const store = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const { scene } = useScene()
const { places, hold, mirrorCopy } = useMany()
const one = computed(() => scene.value?.placement.plants.find((p) => p.id === compose.plantId) ?? null)
const standing = computed(() => scene.value?.placement.plants ?? [])
const kinds = computed(() => library.plants.map((p) => ({ label: p.commonName, value: p.id })))
const about = ref('middle')
const place = computed(() => places.value.find((p) => p.value === about.value) ?? places.value[0] ?? null)
const canSplit = computed(() => props.drift.count > 1 && props.drift.shape?.kind !== 'exact')
const put = (edit: Edit | null) => edit && store.edit(edit)

const split = () => store.bed && put(splitDrift(store.bed, props.drift.id, standing.value, newId()))
function swapOne(plantId: unknown) {
  if (!store.bed || !one.value || typeof plantId !== 'string' || plantId === '') return
  const id = newId()
  put(swapOnePlant(store.bed, one.value, plantId, id))
  compose.choose(id)
}
function copy(isHeld: boolean) {
  if (place.value) mirrorCopy(place.value, isHeld)
}
const align = () => place.value && hold('aligned', place.value)
</script>

<template>
  <div class="acts">
    <USelectMenu
      v-if="one"
      :model-value="''"
      :items="kinds"
      value-key="value"
      size="xs"
      virtualize
      placeholder="Only this plant becomes …"
      aria-label="Only this plant becomes"
      @update:model-value="swapOne"
    />
    <div class="row">
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-split"
        :disabled="!canSplit"
        @click="split"
      >
        Split
      </UButton>
      <USelect v-model="about" :items="places" size="xs" class="about" aria-label="About" />
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-flip-horizontal-2"
        aria-label="Copy mirrored"
        title="Copy mirrored about it"
        @click="copy(false)"
      />
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        title="Copy mirrored, and keep both alike"
        @click="copy(true)"
      >
        Mirror
      </UButton>
      <UButton size="xs" color="neutral" variant="outline" title="Keep it in line with it" @click="align">
        In line
      </UButton>
    </div>
    <ComposeCopyToBed />
  </div>
</template>

<style scoped>
.acts {
  display: grid;
  gap: 5px;
  margin-top: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
}
.about {
  flex: 1;
  min-width: 92px;
}
</style>
