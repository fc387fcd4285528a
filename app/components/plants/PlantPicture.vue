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
    await $fetch<unknown, string>(address.value, {
      method: 'PUT',
      body: blob,
      headers: { 'content-type': 'image/jpeg' },
    })
  })
const drop = () => attempt(() => $fetch<unknown, string>(address.value, { method: 'DELETE' }))
</script>

<template>
  <figure class="picture">
    <img v-if="drawing" :src="`/api/drawings/${drawing}`" :alt="`Photo of ${plant.commonName} in this garden`" />
    <figcaption>
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
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </figure>
</template>

<style scoped>
.picture {
  margin: 4px 0 8px;
}
img {
  width: 100%;
  max-height: 200px;
  object-fit: cover;
  border-radius: 6px;
  border: 1px solid var(--line);
  margin-bottom: 6px;
}
figcaption {
  display: flex;
  gap: 6px;
}
.problem {
  color: var(--amber-deep);
  margin-top: 4px;
}
</style>
