<script setup lang="ts">
import { PLAIN_MANNER, sayDay } from '~~/core/measure'
import { MONTH_NAMES, type PlaceMonth } from '~~/core/time'
import type { SharedGarden } from '~~/shared/shareSchema'
import { MANNER } from '~/composables/useManner'

/** A garden as its client sees it: calm, and nothing to break. */
const route = useRoute()
const base = computed(() => `/api/shared/${String(route.params.link)}`)
const garden = shallowRef<SharedGarden | null>(null)
const manner = computed(() => garden.value?.manner ?? PLAIN_MANNER)
provide(MANNER, manner)
const dayWords = (day: string) => sayDay(day, manner.value.region)
const problem = ref('')
const needsWord = ref(false)
const word = ref('')
const month = ref<PlaceMonth>(6 as PlaceMonth)
const year = ref(3)
const YEARS = [1, 2, 3, 5, 10]
useHead({ title: () => garden.value?.name ?? 'A garden', meta: [{ name: 'robots', content: 'noindex' }] })

async function open() {
  problem.value = ''
  try {
    garden.value = await ask<SharedGarden>(base.value)
    needsWord.value = false
    month.value = (garden.value.southern ? 12 : 6) as PlaceMonth
  } catch (error) {
    needsWord.value = dataOf<{ needsWord?: boolean }>(error)?.needsWord === true
    problem.value = needsWord.value ? '' : messageOf(error)
  }
}
onMounted(open)
/** What the designer changes and answers comes by itself, while somebody looks. */
const AGAIN_MS = 20_000
async function lookAgain() {
  if (!garden.value || document.hidden) return
  try {
    garden.value = await ask<SharedGarden>(base.value)
  } catch (error) {
    // A link that has ended shows nothing any more; a server that is away is asked again.
    if (statusOf(error) >= 400 && statusOf(error) < 500) await open()
  }
}
useIntervalFn(() => void lookAgain(), AGAIN_MS)
if (import.meta.client) useEventListener(document, 'visibilitychange', () => void lookAgain())
async function enter() {
  try {
    await ask(`${base.value}/enter`, { method: 'POST', body: { word: word.value } })
    await open()
  } catch (error) {
    problem.value = messageOf(error)
  }
}
const notesOf = (bedId: string) => garden.value?.notes.filter((n) => n.bedId === bedId) ?? []
const took = (notes: SharedGarden['notes']) => {
  garden.value = { ...garden.value!, notes }
}
const until = computed(() => (garden.value ? dayWords(garden.value.ends) : ''))
const months = MONTH_NAMES.map((name, i) => ({ name, value: (i + 1) as PlaceMonth }))
</script>

<template>
  <main id="content" class="shown" tabindex="-1">
    <form v-if="needsWord" class="door" @submit.prevent="enter">
      <h1>A garden is shown here</h1>
      <UFormField label="The word you were given">
        <UInput v-model="word" type="password" autocomplete="off" required />
      </UFormField>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <UButton type="submit">Enter</UButton>
    </form>
    <div v-else-if="problem" class="door" role="alert">
      <h1>Nothing is shown here</h1>
      <p>{{ problem }}</p>
    </div>
    <template v-else-if="garden">
      <header>
        <h1>{{ garden.name }}</h1>
        <p>For {{ garden.forWhom }} · shown until {{ until }}</p>
      </header>
      <section v-if="garden.letter.length > 0" class="letter" aria-label="The letter">
        <p v-for="p in garden.letter" :key="p">{{ p }}</p>
      </section>
      <div class="moment" role="group" aria-label="Month and year">
        <div class="months">
          <button v-for="m in months" :key="m.value" :aria-pressed="m.value === month" @click="month = m.value">
            {{ m.name.slice(0, 3) }}
          </button>
        </div>
        <div class="months">
          <span>Year</span>
          <button
            v-for="y in YEARS"
            :key="y"
            :aria-label="`Year ${y}`"
            :aria-pressed="y === year"
            @click="year = y"
          >
            {{ y }}
          </button>
        </div>
      </div>
      <SharedBed
        v-for="bed in garden.beds"
        :key="bed.id"
        :base="base"
        :bed="bed"
        :month="month"
        :year="year"
        :notes="notesOf(bed.id)"
        @notes="took"
      />
      <footer>
        <a v-if="garden.schedule" :href="`${base}/schedule`">The plants as a list</a>
        <a v-if="garden.papers" :href="`${base}/papers`">Plans to print</a>
      </footer>
    </template>
    <p v-else>…</p>
  </main>
</template>

<style scoped>
.shown {
  max-width: 980px;
  margin: 0 auto;
  padding: 30px 22px 80px;
}
h1 {
  font-size: 30px;
  font-weight: 600;
}
header p,
.moment span {
  color: var(--soft);
}
.letter {
  margin: 18px 0 22px;
  max-width: 62ch;
  font-family: var(--font-serif);
  font-size: 17px;
  line-height: 1.55;
}
.letter p {
  margin-bottom: 8px;
}
.moment {
  position: sticky;
  top: 0;
  z-index: 2;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 26px;
  padding: 10px 0;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}
.months {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px;
}
.months button {
  min-width: 34px;
  min-height: 28px;
  padding: 2px 6px;
  border-radius: 6px;
  font-size: 13px;
  cursor: pointer;
}
.months button[aria-pressed='true'] {
  background: var(--moss);
  color: var(--card);
}
.dark .months button[aria-pressed='true'] {
  background: var(--amber);
  color: #1c1814;
}
.door {
  display: grid;
  gap: 14px;
  justify-items: start;
  max-width: 420px;
  margin: 16vh auto;
}
.problem {
  color: var(--amber-deep);
}
footer {
  display: flex;
  gap: 22px;
  margin-top: 26px;
}
footer a {
  text-decoration: underline;
  line-height: 28px;
}
</style>
