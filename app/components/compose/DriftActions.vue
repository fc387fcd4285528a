<script setup lang="ts">
import type { Drift } from '~~/core/model'
import { splitDrift, swapOnePlant, type Edit } from '~~/core/edit'

/** What is done with one drift as a whole, or with the one plant of it that is chosen. */
const props = defineProps<{ drift: Drift }>()
const store = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const { scene } = useScene()
const { hold } = useMany()
const one = computed(() => scene.value?.placement.plants.find((p) => p.id === compose.plantId) ?? null)
const standing = computed(() => scene.value?.placement.plants ?? [])
const kinds = computed(() => library.plants.map((p) => ({ label: p.commonName, value: p.id })))
const canSplit = computed(() => props.drift.count > 1 && props.drift.shape?.kind !== 'exact')
const put = (edit: Edit | null) => edit && store.edit(edit)

const split = () => store.bed && put(splitDrift(store.bed, props.drift.id, standing.value, newId()))
function swapOne(plantId: unknown) {
  if (!store.bed || !one.value || typeof plantId !== 'string' || plantId === '') return
  const id = newId()
  put(swapOnePlant(store.bed, one.value, plantId, id))
  compose.choose(id)
}
</script>

<template>
  <div class="acts grid gap-1.5 mt-2.5">
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
    <div class="row flex gap-1.5">
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
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        title="Keeps it in line with what is chosen below"
        @click="hold('aligned')"
      >
        Keep in line
      </UButton>
    </div>
    <ComposeMirrorRow />
    <ComposeCopyToBed />
  </div>
</template>
