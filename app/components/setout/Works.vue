<script setup lang="ts">
import { addDays } from '~~/core/time'
import { hindranceOn } from '~~/core/weather'
import { FORECAST_DAYS, MINUTES, type PlannedTask, type Rate } from '~~/core/works'

const { say, degrees, dayWords, figure } = useManner()

/** The order of works: tasks with hours, people and tools, as bars and as a list; a bar that is moved takes along what hangs on it. */
const { today, plan, planned, weather, soil, set } = useWorks()
const { nameOfBed, beds } = useCount()
const { save, problem } = useSavedFirst()
const bed = useBedStore()
const bedId = ref('all')
const bedItems = computed(() => [
  { label: 'All beds', value: 'all' },
  ...beds.value.map((b) => ({ label: b.bed.name, value: b.id })),
])
const shown = computed(() =>
  planned.value.filter((t) => bedId.value === 'all' || t.bedId === '' || t.bedId === bedId.value),
)
const hours = computed(() => planned.value.reduce((n, t) => n + t.hours, 0))
const end = computed(() => planned.value.reduce((day, t) => (t.end > day ? t.end : day), today))
const WEEKDAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'].map((name, i) => ({ name, day: i + 1 }))
function toggleDay(day: number) {
  const days = plan.value.days.includes(day) ? plan.value.days.filter((d) => d !== day) : [...plan.value.days, day]
  if (days.length > 0) set({ days: days.sort((a, b) => a - b) }, 'days of work')
}
const move = (id: string, day: string) => set({ moved: { ...plan.value.moved, [id]: day } }, 'move a task')
const without = (record: Readonly<Record<string, string>>, id: string) =>
  Object.fromEntries(Object.entries(record).filter(([k]) => k !== id))
const letGo = (id: string) => set({ moved: without(plan.value.moved, id) }, 'let a task fall into place')
const tick = (t: PlannedTask, on: boolean) =>
  set(
    { done: on ? { ...plan.value.done, [t.id]: today } : without(plan.value.done, t.id) },
    on ? `${t.name} done` : `${t.name} not done`,
  )
const when = (t: PlannedTask) =>
  t.start === t.end ? dayWords(t.start) : `${dayWords(t.start)} to ${dayWords(t.end)}`
const forecast = computed(() =>
  Array.from({ length: FORECAST_DAYS }, (_, i) => {
    const day = addDays(today, i)
    return { ...weather.value(day), hindrance: hindranceOn(weather.value, day, soil.value) }
  }),
)
const slackWords = (t: PlannedTask) => (t.critical ? 'sets the end' : `${t.slackDays} days to spare`)
const rates = Object.keys(MINUTES) as Rate[]
const showsRates = ref(false)
const setRate = (rate: Rate, minutes: number) =>
  set({ minutes: { ...plan.value.minutes, [rate]: minutes } }, `minutes for a ${rate}`)
const minutesOf = (rate: Rate) => plan.value.minutes[rate] ?? MINUTES[rate]
const address = (what: string) => `/api/gardens/${bed.garden!.id}/${what}`
const cautions = computed(() => [...new Set(shown.value.flatMap((t) => t.cautions))])
</script>

<template>
  <section class="worksheet" aria-labelledby="works-title" data-testid="works">
    <header>
      <div>
        <h2 id="works-title">Order of works</h2>
        <p class="hint">
          {{ shown.length }} tasks, {{ figure(hours) }} hours of work for one person, done by {{ dayWords(end) }}.
          Days ahead follow a made-up forecast of {{ FORECAST_DAYS }} days: it shows how the plan gives way, not
          what the sky will do.
        </p>
      </div>
      <div class="acts">
        <UButton size="sm" icon="i-lucide-calendar" @click="save(address('works?as=ics'))">Calendar</UButton>
        <UButton size="sm" color="neutral" variant="outline" @click="save(address('works?as=csv'))">CSV</UButton>
        <UButton size="sm" color="neutral" variant="outline" @click="save(address('papers?sheets=works'))">
          PDF
        </UButton>
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="acts items-end gap-3.5">
      <USelect v-model="bedId" :items="bedItems" size="sm" aria-label="Bed whose tasks are shown" class="w-44" />
      <label class="field">
        <span>Begin on</span>
        <UInput
          type="date"
          size="sm"
          :model-value="plan.start || today"
          aria-label="First day of work"
          @update:model-value="(start) => set({ start: String(start) }, 'first day of work')"
        />
      </label>
      <NumberInput
        label="People"
        :model-value="plan.people"
        :min="1"
        :max="200"
        whole
        class="narrow"
        @update:model-value="(people) => set({ people }, 'people')"
      />
      <NumberInput
        label="Hours a day"
        :model-value="plan.hoursADay"
        :min="1"
        :max="24"
        class="narrow"
        @update:model-value="(hoursADay) => set({ hoursADay }, 'hours a day')"
      />
      <div role="group" aria-label="Days of work" class="days flex">
        <button
          class="aria-pressed:bg-amber-wash aria-pressed:text-amber-deep aria-pressed:font-semibold"
          v-for="d in WEEKDAYS"
          :key="d.day"
          :aria-pressed="plan.days.includes(d.day)"
          @click="toggleDay(d.day)"
        >
          {{ d.name }}
        </button>
      </div>
      <UButton
        size="sm"
        color="neutral"
        variant="ghost"
        :aria-expanded="showsRates"
        @click="showsRates = !showsRates"
      >
        Minutes
      </UButton>
    </div>
    <div v-if="showsRates" class="acts my-2.5 mx-0 items-end">
      <NumberInput
        v-for="r in rates"
        :key="r"
        :label="`${r}, min`"
        :model-value="minutesOf(r)"
        :min="0"
        :max="10000"
        class="w-43"
        @update:model-value="(n) => setRate(r, n)"
      />
    </div>
    <ol class="grid grid-cols-7 md:grid-cols-14 gap-1 my-3 mx-0 text-xs" aria-label="Made-up forecast">
      <li
        class="border border-line rounded-sm py-1 px-1 leading-snug [&.bad]:bg-amber-wash [&.bad]:text-amber-deep"
        v-for="w in forecast"
        :key="w.day"
        :class="{ bad: w.hindrance }"
        :title="w.hindrance ?? undefined"
      >
        <b>{{ w.day.slice(8) }}</b>
        <span class="block">{{ degrees(w.highC) }} / {{ degrees(w.lowC) }}</span>
        <span class="block">{{ say(`${Math.round(w.rainMm)}\u202fmm`) }}</span>
        <em class="block" v-if="w.hindrance">{{ w.hindrance }}</em>
      </li>
    </ol>
    <SetoutBars :tasks="shown" :working-days="plan.days" @move="move" />
    <table>
      <thead>
        <tr>
          <th scope="col">Done</th>
          <th scope="col">Task</th>
          <th scope="col">When</th>
          <th scope="col" class="right">Hours</th>
          <th scope="col" class="right">People</th>
          <th scope="col">Reckoned from</th>
          <th scope="col">Tools</th>
          <th scope="col">Slack</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="t in shown" :key="t.id">
          <td>
            <UCheckbox
              :model-value="t.done"
              :aria-label="`${say(t.name)} is done`"
              @update:model-value="(on) => tick(t, on === true)"
            />
          </td>
          <td>
            <b>{{ say(t.name) }}</b>
            <span v-for="m in t.moved" :key="m" class="block text-xs text-amber-deep">{{ say(m) }}</span>
          </td>
          <td>
            {{ when(t) }}
            <button v-if="plan.moved[t.id]" class="block text-xs underline cursor-pointer" @click="letGo(t.id)">
              set by hand: let go
            </button>
          </td>
          <td class="right">{{ figure(t.hours) }}</td>
          <td class="right">{{ t.people }}</td>
          <td class="text-soft max-w-60">{{ say(t.basis) }}</td>
          <td class="text-soft max-w-60">{{ t.tools.join(', ') }}</td>
          <td>
            <span class="state" :class="{ loud: t.critical }">{{ slackWords(t) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <h3>Cautions</h3>
    <ul class="caution">
      <li v-for="c in cautions" :key="c">{{ say(c) }}</li>
      <li>Local rules and licensed practice come first for services, structures, large trees and electrics.</li>
    </ul>
    <p class="sr-only">{{ nameOfBed(bed.id ?? '') }}</p>
  </section>
</template>

<style scoped>
@layer components {
  .days button {
    width: 32px;
    height: 30px;
    border: 1px solid var(--line);
    font-size: var(--text-xs);
    cursor: pointer;
  }
}
</style>
