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
  <div class="care" :class="paper">
    <CareMonthSheet class="month-sheet" />
    <div class="list">
      <header>
        <h2>
          Week of {{ dayWords(monday) }} to {{ dayWords(sunday) }}
          <small>{{ toDo }}</small>
          <FieldNote of="window" />
        </h2>
        <div class="nav">
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
          <label class="planted">
            planted in
            <NumberInput
              hide-label
              label="Year in which the garden was planted"
              class="year"
              :model-value="planted"
              :min="1900"
              :max="2300"
              whole
              @update:model-value="setPlanted"
            />
          </label>
          <span class="hint">year {{ age }}</span>
          <span class="grow" />
          <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-calendar" :to="feed" external>
            Calendar
          </UButton>
          <UDropdownMenu :items="prints">
            <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-printer">Print</UButton>
          </UDropdownMenu>
        </div>
        <ol class="weather" aria-label="Made-up weather of the week">
          <li v-for="d in days" :key="d.day" :class="{ today: d.isToday }">
            <b>{{ d.name }}</b>
            {{ degrees(d.lowC) }}–{{ degrees(d.highC) }}
            <small>{{ d.rainMm > 0 ? say(`${Math.round(d.rainMm)}\u202fmm`) : 'dry' }}</small>
          </li>
          <li class="hint">weather made up for planning</li>
        </ol>
        <ul v-if="coming.length > 0" class="words" data-testid="weather-words">
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
        <h3>
          {{ g.title }}
          <small>{{ g.tasks.length }}</small>
        </h3>
        <p v-if="g.note" class="hint">{{ g.note }}</p>
        <ul v-roving="'li'">
          <CareTaskRow v-for="t in g.tasks" :key="t.id" :task="t" />
        </ul>
      </section>
      <CareFromLog />
      <details v-if="late.length > 0" class="late" data-testid="care-late">
        <summary>Too late now, asked again next year: {{ late.length }}</summary>
        <ul v-roving="'li'">
          <CareTaskRow v-for="t in late" :key="t.id" :task="t" />
        </ul>
      </details>
    </div>
    <aside class="side">
      <CareMonthBars />
      <div ref="stage" class="stage">
        <p class="hint">{{ bed.bed?.name }}: point at a task, its places light up.</p>
        <ClientOnly>
          <ComposeElevationView :axis="axis" :height="elevationPx" />
          <ComposePlanView still :axis="planAxis" :height="planPx" :top-px="planTopPx" />
        </ClientOnly>
      </div>
    </aside>
  </div>
</template>

<style scoped>
.care {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  min-height: 0;
}
.month-sheet {
  display: none;
}
.list {
  overflow-y: auto;
  padding: 14px 20px 40px;
}
h2 {
  font-size: 20px;
}
h2 small,
h3 small {
  font-family: var(--font-sans);
  font-size: 13px;
  font-weight: 400;
  color: var(--soft);
}
h3 {
  margin-top: 14px;
  font-size: 15px;
}
.nav {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin: 8px 0;
}
.grow {
  flex: 1;
}
.planted {
  display: flex;
  align-items: center;
  gap: 5px;
  font-size: 12.5px;
  color: var(--soft);
  margin-left: 8px;
}
.year {
  width: 64px;
}
.late summary {
  cursor: pointer;
  margin-top: 16px;
  font-size: 13px;
  color: var(--soft);
}
.hint {
  font-size: 12px;
  color: var(--soft);
}
.weather {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
  font-size: 11.5px;
}
.weather li {
  padding: 2px 4px;
  border-radius: 5px;
  background: var(--card);
  border: 1px solid var(--line);
}
.weather li.hint {
  border: 0;
  background: none;
}
.weather .today {
  border-color: var(--amber);
}
.weather small {
  color: var(--soft);
}
.words {
  margin-top: 6px;
  font-size: 12.5px;
  color: var(--amber-deep);
  list-style: disc;
  padding-left: 18px;
}
.side {
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-left: 1px solid var(--line);
  background: var(--card);
  padding: 14px 0 0;
}
.side > figure {
  padding: 0 18px;
}
.stage {
  flex: 1;
  min-height: 0;
  overflow: hidden;
  margin-top: 10px;
  border-top: 1px solid var(--line);
}
.stage > .hint {
  padding: 6px 18px;
}
@media print {
  .care {
    display: block;
  }
  .month .list {
    display: none;
  }
  .month .month-sheet {
    display: block;
  }
  .list {
    overflow: visible;
  }
  .side,
  .nav {
    display: none;
  }
}
</style>
