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
    <summary class="cursor-pointer text-sm text-soft py-1.5 px-0">The same as a table</summary>
    <div class="overflow-x-auto">
      <table class="border-collapse text-xs">
        <caption class="sr-only">What each drift shows month by month</caption>
        <thead>
          <tr>
            <th class="border border-line py-0.5 px-1.5 text-left whitespace-nowrap" scope="col">Drift</th>
            <th
              class="border border-line py-0.5 px-1.5 text-left whitespace-nowrap"
              v-for="m in PLACE_MONTHS"
              :key="m"
              scope="col"
            >
              {{ monthName(m).slice(0, 3) }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.id">
            <th class="border border-line py-0.5 px-1.5 text-left whitespace-nowrap" scope="row">
              {{ r.letter }} {{ r.name }}
            </th>
            <td
              class="border border-line py-0.5 px-1.5 text-left whitespace-nowrap"
              v-for="(words, i) in r.months"
              :key="i"
            >
              {{ words }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>
