<script setup lang="ts">
/** What greets in an empty store: three ways to begin. */
const emit = defineEmits<{ measure: []; looked: [] }>()
const busy = ref(false)
const problem = ref('')

async function look() {
  busy.value = true
  problem.value = ''
  try {
    await request('/api/demo', { method: 'POST', body: {} })
    emit('looked')
  } catch (error) {
    problem.value = messageOf(error)
  }
  busy.value = false
}
</script>

<template>
  <section
    class="grid grid-cols-[repeat(auto-fit,minmax(270px,1fr))] gap-5 mt-[6vh]"
    aria-label="Three ways to begin"
  >
    <p class="col-span-full text-lg">No garden yet. There are three ways to begin:</p>
    <article class="flex flex-col items-start gap-3 p-5.5 border border-line rounded-lg bg-card">
      <h2 class="text-xl font-semibold">Look at a garden that is there</h2>
      <p class="flex-1 text-soft">
        An invented library garden on a salt coast, with ten beds, its brief, three years of log, and a small
        cottage front. Change what you like; it can be removed.
      </p>
      <UButton :loading="busy" icon="i-lucide-eye" @click="look">Open the demo garden</UButton>
    </article>
    <article class="flex flex-col items-start gap-3 p-5.5 border border-line rounded-lg bg-card">
      <h2 class="text-xl font-semibold">Measure a bed of your own</h2>
      <p class="flex-1 text-soft">
        A tape and ten minutes: where the garden lies, its frosts, and how long and deep the first bed is. The site
        around it can follow.
      </p>
      <UButton icon="i-lucide-ruler" @click="emit('measure')">Begin a garden</UButton>
    </article>
    <article class="flex flex-col items-start gap-3 p-5.5 border border-line rounded-lg bg-card">
      <h2 class="text-xl font-semibold">Bring a garden in</h2>
      <p class="flex-1 text-soft">
        An archive that was taken out of another Amber Terrace: what its plants would change is told first.
      </p>
      <GardensBringIn @taken="emit('looked')" />
    </article>
    <p v-if="problem" class="problem col-span-full text-amber-deep" role="alert">{{ problem }}</p>
  </section>
</template>
