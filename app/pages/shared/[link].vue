<script setup lang="ts">
import { PLAIN_MANNER, sayDay } from '~~/core/measure'
import { MONTH_NAMES, type PlaceMonth } from '~~/core/time'
import type { SharedGarden } from '~~/shared/answers'
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
    garden.value = await ask('shared', base.value)
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
    garden.value = await ask('shared', base.value)
  } catch (error) {
    // A link that has ended shows nothing any more; a server that is away is asked again.
    if (statusOf(error) >= 400 && statusOf(error) < 500) await open()
  }
}
useIntervalFn(() => void lookAgain(), AGAIN_MS)
if (import.meta.client) useEventListener(document, 'visibilitychange', () => void lookAgain())
async function enter() {
  try {
    await request(`${base.value}/enter`, { method: 'POST', body: { word: word.value } })
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
  <main id="content" class="max-w-280 my-0 mx-auto pt-8.5 pb-23 px-6.5" tabindex="-1">
    <form
      v-if="needsWord"
      class="grid gap-4 justify-items-start max-w-120 my-[16vh] mx-auto"
      @submit.prevent="enter"
    >
      <h1 class="text-2xl font-semibold">A garden is shown here</h1>
      <UFormField label="The word you were given">
        <UInput v-model="word" type="password" autocomplete="off" required />
      </UFormField>
      <p v-if="problem" class="problem text-amber-deep" role="alert">{{ problem }}</p>
      <UButton type="submit">Enter</UButton>
    </form>
    <div v-else-if="problem" class="grid gap-4 justify-items-start max-w-120 my-[16vh] mx-auto" role="alert">
      <h1 class="text-2xl font-semibold">Nothing is shown here</h1>
      <p>{{ problem }}</p>
    </div>
    <template v-else-if="garden">
      <header>
        <h1 class="text-2xl font-semibold">{{ garden.name }}</h1>
        <p class="text-soft">For {{ garden.forWhom }} · shown until {{ until }}</p>
      </header>
      <section
        v-if="garden.letter.length > 0"
        class="mt-5 mb-6.5 mx-0 max-w-[62ch] font-serif text-lg leading-normal"
        aria-label="The letter"
      >
        <p class="mb-2.5" v-for="p in garden.letter" :key="p">{{ p }}</p>
      </section>
      <div
        class="sticky top-0 z-2 flex flex-wrap gap-y-2.5 gap-x-7.5 py-3 px-0 bg-paper border-b border-line"
        role="group"
        aria-label="Month and year"
      >
        <div class="months flex flex-wrap items-center gap-0.5">
          <button
            class="aria-pressed:bg-moss aria-pressed:text-card dark:aria-pressed:bg-amber dark:aria-pressed:text-[#1c1814]"
            v-for="m in months"
            :key="m.value"
            :aria-pressed="m.value === month"
            @click="month = m.value"
          >
            {{ m.name.slice(0, 3) }}
          </button>
        </div>
        <div class="months flex flex-wrap items-center gap-0.5">
          <span class="text-soft">Year</span>
          <button
            class="aria-pressed:bg-moss aria-pressed:text-card dark:aria-pressed:bg-amber dark:aria-pressed:text-[#1c1814]"
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
      <footer class="flex gap-6.5 mt-7.5">
        <a class="underline leading-[28px]" v-if="garden.schedule" :href="`${base}/schedule`">
          The plants as a list
        </a>
        <a class="underline leading-[28px]" v-if="garden.papers" :href="`${base}/papers`">Plans to print</a>
      </footer>
    </template>
    <p v-else>…</p>
  </main>
</template>

<style scoped>
@layer components {
  .months button {
    min-width: 34px;
    min-height: 28px;
    padding: 2px 6px;
    border-radius: 6px;
    font-size: var(--text-sm);
    cursor: pointer;
  }
}
</style>
