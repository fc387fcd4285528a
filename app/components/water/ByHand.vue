<script setup lang="ts">
import { monthName, PLACE_MONTHS } from '~~/core/time'
import { UNIT_SPACE } from '~~/core/measure'
import { CAN_L } from '~~/core/water'

/** Beds and pots without drip: cans and minutes in a week of the month asked for. */
const { hand, month } = useWater()
const { say } = useManner()
const HOW = { can: 'cans', hose: 'hose', sprinkler: 'sprinkler' } as const
const items = PLACE_MONTHS.map((m) => ({ label: monthName(m), value: m }))
const rows = computed(() =>
  hand.value.map((h) => ({
    ...h,
    way: HOW[h.how],
    litres: Math.round(h.litresAWeek),
    amount: h.how === 'can' && h.cans > 0 ? say(`${h.cans} cans of ${CAN_L}${UNIT_SPACE}L`) : '',
    time: h.litresAWeek > 0.5 ? `${h.minutes} min` : 'rain is enough',
  })),
)
</script>

<template>
  <section v-if="rows.length > 0" class="ledger" aria-labelledby="hand-title" data-testid="water-by-hand">
    <header>
      <h2 id="hand-title">By hand, a week in</h2>
      <USelect v-model="month" :items="items" size="xs" class="w-37" aria-label="Month" />
    </header>
    <table>
      <tbody>
        <tr v-for="h in rows" :key="h.bedId">
          <th scope="row">{{ h.name }}</th>
          <td>{{ h.way }}</td>
          <td class="right">{{ h.litres }} L</td>
          <td>{{ h.amount }}</td>
          <td class="right">{{ h.time }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
