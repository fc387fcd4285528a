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
    <div class="fields">
      <label class="time">
        First zone starts
        <input v-model="startsAt" type="time" />
      </label>
      <QuantityInput v-model="skipMm" label="Leave out after rain of" unit="mm" class="n" :min="0" :max="200" />
      <UButton size="sm" color="primary" @click="handOver(startsAt, skipMm)">
        Hand over the {{ which }} year’s programme
      </UButton>
      <UButton v-if="isOn" size="sm" color="neutral" variant="outline" @click="stop">Stop it</UButton>
    </div>
    <p class="soft">{{ said }}</p>
    <details v-if="shown.length > 0">
      <summary class="soft">Four weeks: {{ litres }} L, {{ left }} runs left out</summary>
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

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px;
  margin: 6px 0;
}
.time {
  display: flex;
  flex-direction: column;
  gap: 3px;
  font-size: 12px;
  color: var(--soft);
}
.time input {
  height: 28px;
  padding: 0 6px;
  font-size: 12.5px;
  border: 1px solid var(--ui-border-accented);
  border-radius: 6px;
  background: var(--paper);
  color: var(--ink);
}
.n {
  width: 180px;
}
summary {
  cursor: pointer;
}
</style>
