<script setup lang="ts">
/** What greets in an empty store: three ways to begin. */
const emit = defineEmits<{ measure: []; looked: [] }>()
const busy = ref(false)
const problem = ref('')

async function look() {
  busy.value = true
  problem.value = ''
  try {
    await ask('/api/demo', { method: 'POST', body: {} })
    emit('looked')
  } catch (error) {
    problem.value = messageOf(error)
  }
  busy.value = false
}
</script>

<template>
  <section class="steps" aria-label="Three ways to begin">
    <p class="lead">No garden yet. There are three ways to begin:</p>
    <article>
      <h2>Look at a garden that is there</h2>
      <p>
        An invented library garden on a salt coast, with ten beds, its brief, three years of log, and a small
        cottage front. Change what you like; it can be removed.
      </p>
      <UButton :loading="busy" icon="i-lucide-eye" @click="look">Open the demo garden</UButton>
    </article>
    <article>
      <h2>Measure a bed of your own</h2>
      <p>
        A tape and ten minutes: where the garden lies, its frosts, and how long and deep the first bed is. The site
        around it can follow.
      </p>
      <UButton icon="i-lucide-ruler" @click="emit('measure')">Begin a garden</UButton>
    </article>
    <article>
      <h2>Bring a garden in</h2>
      <p>An archive that was taken out of another Amber Terrace: what its plants would change is told first.</p>
      <GardensBringIn @taken="emit('looked')" />
    </article>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(270px, 1fr));
  gap: 18px;
  margin-top: 6vh;
}
article {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 10px;
  padding: 20px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--card);
}
article p {
  flex: 1;
  color: var(--soft);
}
h2 {
  font-size: 18px;
  font-weight: 600;
}

.lead {
  grid-column: 1 / -1;
  font-size: 17px;
}
.problem {
  grid-column: 1 / -1;
  color: var(--amber-deep);
}
</style>
