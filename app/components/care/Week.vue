<script setup lang="ts">
import { addDays, monthOfDay, weekday } from '~~/core/time'

const { say, degrees, dayWords, figure } = useManner()

/** What to do this week in the garden and why, with its places lit; what the weather asks, and the year's hours. */
const { now, monday, sunday, week, late, words, weather, isOver, planted, age, step, goTo, setPlanted } = useCare()
const bed = useBedStore()
const compose = useComposeStore()
const stage = useTemplateRef<HTMLDivElement>('stage')
const { width, height } = useElementSize(stage)
/** No more sky than a picture wants. */
const HIGHEST = 0.72
const rest = computed(() => Math.max(220, Math.min(height.value - 30, width.value * HIGHEST)))
// The pictures show the month that is looked at, and go back to what they showed.
const before = compose.moment
watch(
  monday,
  (day) => {
    compose.moment = { ...compose.moment, month: monthOfDay(addDays(day, 3)) }
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  compose.moment = before
})
const { axis, planAxis, planPx, elevationPx, planTopPx } = useAxis({ width, restPx: rest })
const DAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su']
const days = computed(() =>
  Array.from({ length: 7 }, (_, i) => {
    const day = addDays(monday.value, i)
    return { ...weather.value(day), name: DAYS[weekday(day) - 1]!, isToday: day === now }
  }),
)
const { stored } = useGardenScene()
const isBare = computed(() => stored.value.every((b) => b.value.drifts.length === 0))
const toDo = computed(() => {
  const open = [...week.value.best, ...week.value.closing].filter((t) => !isOver(t))
  const minutes = open.reduce((n, t) => n + t.minutes, 0)
  return minutes < 60 ? `${figure(minutes, 0, 0)} min to do` : `${figure(minutes / 60, 1, 1)} h to do`
})
const groups = computed(() => [
  { id: 'closing', title: 'Last chance this week', tasks: week.value.closing, note: '' },
  { id: 'best', title: 'Best this week', tasks: week.value.best, note: '' },
  { id: 'open', title: 'Can be done as well', tasks: week.value.open, note: '' },
])
/** What goes on paper: the week as it is shown, or the month as a list with boxes to tick. */
const paper = ref<'week' | 'month'>('week')
async function print(what: 'week' | 'month') {
  paper.value = what
  await nextTick()
  globalThis.print()
  paper.value = 'week'
}
const prints = [
  { label: 'This week', onSelect: () => void print('week') },
  { label: 'The month', onSelect: () => void print('month') },
]
const feed = computed(() => `/api/gardens/${bed.garden?.id}/care.ics`)
const coming = computed(() => words.value.filter((w) => w.day >= now).slice(0, 6))
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] min-h-0 print:block" :class="paper">
    <CareMonthSheet class="hidden print:[.month_&]:block" />
    <div class="list overflow-y-auto pt-4 pb-11.5 px-5.5 print:overflow-visible print:[.month_&]:hidden">
      <header>
        <h2 class="text-xl">
          Week of {{ dayWords(monday) }} to {{ dayWords(sunday) }}
          <small class="font-sans text-sm font-normal text-soft">{{ toDo }}</small>
          <FieldNote of="window" />
        </h2>
        <div class="flex flex-wrap items-center gap-1.5 my-2.5 mx-0 print:hidden">
          <UButton
            size="xs"
            color="neutral"
            variant="outline"
            icon="i-lucide-chevron-left"
            aria-label="Week before"
            @click="step(-1)"
          />
          <UButton size="xs" color="neutral" variant="outline" @click="goTo(now)">This week</UButton>
          <UButton
            size="xs"
            color="neutral"
            variant="outline"
            icon="i-lucide-chevron-right"
            aria-label="Week after"
            @click="step(1)"
          />
          <UButton size="xs" color="neutral" variant="ghost" @click="step(4)">Four weeks on</UButton>
          <label class="flex items-center gap-1.5 text-sm text-soft ml-2.5">
            planted in
            <NumberInput
              hide-label
              label="Year in which the garden was planted"
              class="w-18"
              :model-value="planted"
              :min="1900"
              :max="2300"
              whole
              @update:model-value="setPlanted"
            />
          </label>
          <span class="hint text-xs text-soft">year {{ age }}</span>
          <span class="flex-1" />
          <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-calendar" :to="feed" external>
            Calendar
          </UButton>
          <UDropdownMenu :items="prints">
            <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-printer">Print</UButton>
          </UDropdownMenu>
        </div>
        <ol class="flex flex-wrap gap-1 text-xs" aria-label="Made-up weather of the week">
          <li
            class="py-0.5 px-1 rounded-sm bg-card border border-line [&.today]:border-amber"
            v-for="d in days"
            :key="d.day"
            :class="{ today: d.isToday }"
          >
            <b>{{ d.name }}</b>
            {{ degrees(d.lowC) }}–{{ degrees(d.highC) }}
            <small class="text-soft">{{ d.rainMm > 0 ? say(`${Math.round(d.rainMm)}\u202fmm`) : 'dry' }}</small>
          </li>
          <li class="hint text-xs text-soft py-0.5 px-1 rounded-sm border-0 bg-transparent">
            weather made up for planning
          </li>
        </ol>
        <ul
          v-if="coming.length > 0"
          class="mt-1.5 text-sm text-amber-deep list-disc pl-5"
          data-testid="weather-words"
        >
          <li v-for="w in coming" :key="`${w.day}${w.what}`">{{ say(w.says) }}</li>
        </ul>
      </header>
      <NextStep v-if="isBare" :sample="SAMPLES.care">
        Nothing in this garden asks for care yet. Once its beds are planted, the work of each week stands here:
        what, when at best, and for how long.
      </NextStep>
      <section
        v-for="g in groups"
        v-show="g.tasks.length > 0"
        :key="g.id"
        :aria-label="g.title"
        :data-testid="`care-${g.id}`"
      >
        <h3 class="mt-4 text-lg">
          {{ g.title }}
          <small class="font-sans text-sm font-normal text-soft">{{ g.tasks.length }}</small>
        </h3>
        <p v-if="g.note" class="hint text-xs text-soft">{{ g.note }}</p>
        <ul v-roving="'li'">
          <CareTaskRow v-for="t in g.tasks" :key="t.id" :task="t" />
        </ul>
      </section>
      <CareFromLog />
      <details v-if="late.length > 0" data-testid="care-late">
        <summary class="cursor-pointer mt-4.5 text-sm text-soft">
          Too late now, asked again next year: {{ late.length }}
        </summary>
        <ul v-roving="'li'">
          <CareTaskRow v-for="t in late" :key="t.id" :task="t" />
        </ul>
      </details>
    </div>
    <aside class="flex flex-col min-h-0 border-l border-line bg-card pt-4 pb-0 px-0 print:hidden">
      <CareMonthBars class="py-0 px-5" />
      <div ref="stage" class="stage flex-1 min-h-0 overflow-hidden mt-3 border-t border-line">
        <p class="hint text-xs text-soft py-1.5 px-5">{{ bed.bed?.name }}: point at a task, its places light up.</p>
        <ClientOnly>
          <ComposeElevationView :axis="axis" :height="elevationPx" />
          <ComposePlanView still :axis="planAxis" :height="planPx" :top-px="planTopPx" />
        </ClientOnly>
      </div>
    </aside>
  </div>
</template>
