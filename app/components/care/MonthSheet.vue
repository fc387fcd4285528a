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
    <table class="w-full text-xs border-collapse">
      <tbody>
        <tr v-for="t in monthTasks" :key="t.id">
          <td class="box py-1 pr-2.5 pl-0 align-top border-b border-line">☐</td>
          <td class="py-1 pr-2.5 pl-0 align-top border-b border-line whitespace-nowrap">
            {{ dayWords(dayOf(t)) }}
          </td>
          <td class="py-1 pr-2.5 pl-0 align-top border-b border-line">
            <b>{{ t.title }}</b>
            {{ t.bedName }}
            <br />
            <small>{{ t.why }} {{ t.cautions.join(' ') }}</small>
          </td>
          <td class="py-1 pr-2.5 pl-0 align-top border-b border-line whitespace-nowrap">{{ t.minutes }} min</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
