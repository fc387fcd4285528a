<script setup lang="ts">
import { addDays, monthName, monthOfDay, yearOfDay } from '~~/core/time'

const { dayWords, figure } = useManner()

/** The month's work as one list for paper, with a box to tick by each task. */
const { monday, monthTasks, dayOf } = useCare()
const bed = useBedStore()
const title = computed(() => {
  const middle = addDays(monday.value, 3)
  return `${monthName(monthOfDay(middle))} ${yearOfDay(middle)}`
})
const hours = computed(() => figure(monthTasks.value.reduce((n, t) => n + t.minutes, 0) / 60, 1, 1))
</script>

<template>
  <section>
    <h2>{{ bed.garden?.value.name }}: {{ title }}, {{ hours }} h</h2>
    <table>
      <tbody>
        <tr v-for="t in monthTasks" :key="t.id">
          <td class="box">☐</td>
          <td class="day">{{ dayWords(dayOf(t)) }}</td>
          <td>
            <b>{{ t.title }}</b>
            {{ t.bedName }}
            <br />
            <small>{{ t.why }} {{ t.cautions.join(' ') }}</small>
          </td>
          <td class="day">{{ t.minutes }} min</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  font-size: 12px;
  border-collapse: collapse;
}
td {
  padding: 3px 8px 3px 0;
  vertical-align: top;
  border-bottom: 1px solid var(--line);
}
.day {
  white-space: nowrap;
}
</style>
