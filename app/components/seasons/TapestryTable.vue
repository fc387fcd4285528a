<script setup lang="ts">
import type { TapestryCell } from '~~/core/season'
import { monthName, PLACE_MONTHS } from '~~/core/time'

/** The tapestry in words, for those who read it. */
const { cloth } = useSeasons()
const { letters } = useScene()
const STATES: Readonly<Record<TapestryCell['state'], string>> = {
  leaf: 'in leaf',
  bare: 'bare wood',
  dry: 'dry stems',
  gone: '—',
}
function say(cell: TapestryCell, own: string): string {
  if (!cell.plant) return STATES.gone
  const who = cell.plant.id === own ? '' : `${cell.plant.commonName}: `
  if (cell.flower && cell.flower.share > 0.15) return `${who}in flower`
  return `${who}${cell.fruit && cell.fruit.share > 0.3 ? 'in fruit' : STATES[cell.state]}`
}
const rows = computed(() =>
  (cloth.value?.rows ?? []).map((row) => ({
    id: row.driftId,
    name: row.plant.commonName,
    letter: letters.value.get(row.plant.id) ?? '',
    months: PLACE_MONTHS.map((_, i) => say(row.cells[2 * i]!, row.plant.id)),
  })),
)
</script>

<template>
  <details>
    <summary>The same as a table</summary>
    <div class="wide">
      <table>
        <caption class="sr-only">What each drift shows month by month</caption>
        <thead>
          <tr>
            <th scope="col">Drift</th>
            <th v-for="m in PLACE_MONTHS" :key="m" scope="col">{{ monthName(m).slice(0, 3) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.id">
            <th scope="row">{{ r.letter }} {{ r.name }}</th>
            <td v-for="(words, i) in r.months" :key="i">{{ words }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-size: 13px;
  color: var(--soft);
  padding: 6px 0;
}
.wide {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  font-size: 11.5px;
}
th,
td {
  border: 1px solid var(--line);
  padding: 2px 5px;
  text-align: left;
  white-space: nowrap;
}
</style>
