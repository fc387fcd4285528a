<script setup lang="ts">
const { dayWords } = useManner()

/** The simulated timer that ships with the program: it takes the programme, runs by the made-up weather and keeps a record. */
const { running, handOver, stop, record, zones, year } = useWater()
const startsAt = ref(running.value?.startsAt ?? '05:30')
const skipMm = ref(running.value?.skipMm ?? 5)
const isOn = computed(() => (running.value?.zones.length ?? 0) > 0)
const YEARS = ['first', 'second', 'third'] as const
const which = computed(() => YEARS[year.value] ?? 'grown')
const said = computed(() =>
  isOn.value
    ? `Runs ${running.value!.zones.length} zones since ${dayWords(running.value!.since)}, from ${running.value!.startsAt}.`
    : 'It stands still.',
)
const shown = computed(() => record.value.slice(0, 60))
const litres = computed(() => record.value.reduce((n, r) => n + r.litres, 0))
const left = computed(() => record.value.filter((r) => r.minutes === 0).length)
</script>

<template>
  <section v-if="zones.length > 0" class="ledger" aria-labelledby="timer-title" data-testid="water-timer">
    <h2 id="timer-title">
      Timer
      <small>simulated, with made-up weather</small>
    </h2>
    <div class="flex flex-wrap items-end gap-3 my-1.5 mx-0">
      <label class="flex flex-col gap-1 text-xs text-soft">
        First zone starts
        <input
          class="h-8 py-0 px-1.5 text-sm border border-accented rounded-sm bg-paper text-ink"
          v-model="startsAt"
          type="time"
        />
      </label>
      <QuantityInput v-model="skipMm" label="Leave out after rain of" unit="mm" class="w-51" :min="0" :max="200" />
      <UButton size="sm" color="primary" @click="handOver(startsAt, skipMm)">
        Hand over the {{ which }} year’s programme
      </UButton>
      <UButton v-if="isOn" size="sm" color="neutral" variant="outline" @click="stop">Stop it</UButton>
    </div>
    <p class="soft">{{ said }}</p>
    <details v-if="shown.length > 0">
      <summary class="soft cursor-pointer">Four weeks: {{ litres }} L, {{ left }} runs left out</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">Day</th>
            <th scope="col">Zone</th>
            <th scope="col" class="right">Minutes</th>
            <th scope="col" class="right">Litres</th>
            <th scope="col">Why otherwise</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in shown" :key="`${r.day}${r.zone}`">
            <td>{{ dayWords(r.day) }}</td>
            <td>{{ r.zone }}</td>
            <td class="right">{{ r.minutes }}</td>
            <td class="right">{{ r.litres }}</td>
            <td class="soft">{{ r.why }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </section>
</template>
