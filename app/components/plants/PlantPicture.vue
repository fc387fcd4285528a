<script setup lang="ts">
import type { Plant } from '~~/core/plant'

/** The garden's own photo of a plant: shown, taken in, taken away. */
const props = defineProps<{ plant: Plant }>()
const library = useLibraryStore()
const bedStore = useBedStore()
const input = useTemplateRef<HTMLInputElement>('input')
const drawing = computed(() => library.pictures[props.plant.id] ?? null)
const address = computed(() => `/api/gardens/${bedStore.garden?.id}/plants/${props.plant.id}/picture`)
const problem = ref('')
watch(
  () => props.plant.id,
  () => {
    problem.value = ''
  },
)

async function attempt(work: () => Promise<unknown>) {
  problem.value = ''
  try {
    await work()
    await library.load(bedStore.garden!.id, true)
  } catch (error) {
    problem.value = error instanceof Error && !('data' in error) ? error.message : messageOf(error)
  }
}
const take = (event: Event) =>
  attempt(async () => {
    const file = takenFile(event)
    if (!file) return
    const canvas = await readPhoto(file, 1200, 900)
    const blob = await new Promise<Blob | null>((done) => {
      canvas.toBlob(done, 'image/jpeg', 0.86)
    })
    if (!blob) throw new Error('The photo could not be made smaller; choose another.')
    await request(address.value, { method: 'PUT', body: blob, headers: { 'content-type': 'image/jpeg' } })
  })
const drop = () => attempt(() => request(address.value, { method: 'DELETE' }))
</script>

<template>
  <figure class="mt-1 mb-2.5 mx-0">
    <img
      class="w-full max-h-57 object-cover rounded-sm border border-line mb-1.5"
      v-if="drawing"
      :src="`/api/drawings/${drawing}`"
      :alt="`Photo of ${plant.commonName} in this garden`"
    />
    <figcaption class="flex gap-1.5">
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-image" @click="input?.click()">
        {{ drawing ? 'Another photo' : 'Add a photo' }}
      </UButton>
      <UButton v-if="drawing" size="xs" color="neutral" variant="ghost" @click="drop">Take it away</UButton>
    </figcaption>
    <input
      ref="input"
      type="file"
      accept="image/png,image/jpeg"
      class="sr-only"
      aria-label="Photo of the plant"
      tabindex="-1"
      @change="take"
    />
    <p v-if="problem" class="problem text-amber-deep mt-1" role="alert">{{ problem }}</p>
  </figure>
</template>
