<script setup lang="ts">
import { messageOf } from '~/utils/messageOf'

/** Copies what is chosen into another bed of the garden. */
const store = useBedStore()
const { copyTo } = useMany()
const beds = ref<{ label: string; value: string }[]>([])
const into = ref('')
const said = ref('')
const isBusy = ref(false)

async function load() {
  if (beds.value.length > 0 || !store.garden) return
  try {
    const all = await ask('beds', `/api/gardens/${encodeURIComponent(store.garden.id)}/beds`)
    beds.value = all.filter((b) => b.id !== store.id).map((b) => ({ label: b.value.name, value: b.id }))
  } catch (error) {
    said.value = messageOf(error)
  }
}
async function copy() {
  isBusy.value = true
  try {
    said.value = await copyTo(into.value)
  } catch (error) {
    said.value = messageOf(error)
  } finally {
    isBusy.value = false
  }
}
onMounted(load)
</script>

<template>
  <div v-if="beds.length > 0" class="flex flex-wrap gap-1.5 items-center">
    <USelect
      v-model="into"
      :items="beds"
      size="xs"
      class="flex-1 min-w-34"
      placeholder="another bed"
      aria-label="Bed to copy into"
    />
    <UButton
      size="xs"
      color="neutral"
      variant="outline"
      icon="i-lucide-copy"
      :disabled="into === ''"
      :loading="isBusy"
      @click="copy"
    >
      Copy there
    </UButton>
    <p class="text-xs text-soft w-full" v-if="said" role="status">{{ said }}</p>
  </div>
</template>
